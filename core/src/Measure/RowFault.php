<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** What is wrong with a row of a list that was read. */
final readonly class RowFault
{
    /** @param  bool  $taken whether the row was taken all the same, without what was wrong */
    public function __construct(public int $line, public string $detail, public bool $taken)
    {
    }
}
