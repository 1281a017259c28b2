<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Catalogue\Designation;
use CleanRace\Core\Catalogue\Sign;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** Sizes are null where the table does not hold them; seals are null where the signs do not settle it. */
final readonly class BearingNumberResult
{
    /** @param  list<Sign>  $signs */
    private function __construct(
        public string $number,
        public string $kind,
        public ?Length $bore,
        public ?Length $outside,
        public ?Length $width,
        public ?int $seals,
        public string $clearance,
        public array $signs,
        public string $askFor,
        public Verdict $verdict,
    ) {
    }

    public static function of(Designation $read, string $askFor, Verdict $verdict): self
    {
        return new self(
            $read->number, $read->kind,
            $read->boreMm === null ? null : Length::mm($read->boreMm),
            $read->size?->outside, $read->size?->width($read->isClosed()),
            $read->seals(), $read->clearance(), $read->signs, $askFor, $verdict,
        );
    }
}
