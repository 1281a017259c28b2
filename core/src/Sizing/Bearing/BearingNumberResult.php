<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

use CleanRace\Core\Catalogue\Number\CounterWords;
use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Catalogue\Number\Sign;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** Sizes are null where neither the table nor the number holds them; seals are null where the signs do not settle it. */
final readonly class BearingNumberResult
{
    /**
     * @param  string  $written number and signs, plainly
     * @param  list<Sign>  $signs
     * @param  string  $askFor what to say at the counter, as an order has it
     * @param  Message  $counter the same in words
     * @param  list<NumberCandidate>  $candidates other ways to read it, the likeliest first
     * @param  list<Substitute>  $substitutes what may stand in for it, then what may not
     * @param  ?Verdict  $inThisHub null when nothing was said of the hub
     */
    private function __construct(
        public string $number,
        public string $written,
        public string $kind,
        public ?Length $bore,
        public ?Length $outside,
        public ?Length $width,
        public ?int $seals,
        public string $clearance,
        public array $signs,
        public string $askFor,
        public Message $counter,
        public array $candidates,
        public array $substitutes,
        public ?Verdict $inThisHub,
        public Verdict $verdict,
    ) {
    }

    /**
     * @param  list<NumberCandidate>  $candidates
     * @param  list<Substitute>  $substitutes
     */
    public static function of(Designation $read, array $candidates, array $substitutes, ?Verdict $inThisHub, Verdict $verdict): self
    {
        return new self(
            $read->number,
            $read->written(),
            $read->kind->value,
            $read->boreMm === null ? null : Length::mm($read->boreMm),
            $read->size?->outside,
            $read->size?->width($read->isClosed()),
            $read->seals(),
            $read->clearance(),
            $read->signs,
            CounterWords::of($read)->inEnglish(),
            CounterWords::of($read),
            $candidates,
            $substitutes,
            $inThisHub,
            $verdict,
        );
    }
}
