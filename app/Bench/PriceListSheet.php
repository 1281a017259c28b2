<?php

declare(strict_types=1);

namespace App\Bench;

use CleanRace\Core\Measure\RowFault;
use CleanRace\Core\Sourcing\PriceColumn;
use CleanRace\Core\Sourcing\PriceLine;
use CleanRace\Core\Sourcing\PriceList;

/** A price list as it was understood: which column holds what, the first lines, and every row that is wrong. */
final readonly class PriceListSheet
{
    private const SHOWN = 8;

    private const MOST_FAULTS = 500;

    /**
     * @param  list<string>  $headers
     * @param  list<ColumnShown>  $columns
     * @param  list<PriceLine>  $lines the first few
     * @param  list<RowFault>  $faults
     * @param  int  $known articles of which it is clear what they are
     */
    public function __construct(
        public array $headers,
        public array $columns,
        public int $rows,
        public int $taken,
        public int $known,
        public array $lines,
        public array $faults,
        public bool $kept,
    ) {
    }

    public static function of(PriceList $list, bool $kept): self
    {
        return new self(
            $list->headers,
            array_map(
                static fn (PriceColumn $c): ColumnShown => new ColumnShown(
                    $c,
                    $c->label(),
                    $c->isNeeded(),
                    $list->columns[$c->value] ?? null,
                ),
                PriceColumn::cases(),
            ),
            $list->rows,
            count($list->lines),
            count(array_filter($list->lines, static fn (PriceLine $l): bool => $l->key !== null)),
            array_slice($list->lines, 0, self::SHOWN),
            array_slice($list->faults, 0, self::MOST_FAULTS),
            $kept,
        );
    }
}
