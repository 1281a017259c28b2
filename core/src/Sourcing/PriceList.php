<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Measure\RowFault;

/** A price list as it was read: every row is either a line or a fault. */
final readonly class PriceList
{
    /**
     * @param  list<string>  $headers as they stand in the file
     * @param  array<string, int>  $columns place of each column that was found, by what it holds
     * @param  list<PriceLine>  $lines
     * @param  list<RowFault>  $faults
     * @param  int  $rows below the header, blank ones not counted
     */
    public function __construct(
        public array $headers,
        public array $columns,
        public array $lines,
        public array $faults,
        public int $rows,
    ) {
    }
}
