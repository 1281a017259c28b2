<?php

declare(strict_types=1);

namespace CleanRace\Core\Notebook;

use CleanRace\Core\Measure\Instrument;

/**
 * The address of one answer of a job: what kind of answer stands there, what part of the hub it is about, and within
 * which limits it makes sense. Built by {@see Places} alone.
 */
final readonly class Place
{
    /** What may be answered when any word may: the tools of a shop, say. */
    private const ANY = ['*'];

    /**
     * @param  string  $address as it is stored: `seat.left.home.12`
     * @param  string  $role what the answer is, wherever it stands: `depth`, `eye`, `feel`
     * @param  ?string  $part id of the hub's part it is about; null when it is about none, or the seat of one
     * @param  ?string  $seat left or right of a pair, or the part that sits there, `…_shaft` when it sits on a shaft
     * @param  ?string  $fastener id of the fastener it is about
     * @param  list<string>  $options what may be answered to a choice
     * @param  ?float  $least that makes sense, in the unit of its kind: mm, N·m, °C, degrees, pieces
     * @param  ?float  $most likewise
     * @param  ?Instrument  $instrument it is taken to be read with when nothing is said
     * @param  string  $needs what a hub must have for it: capture, part, seat, fastener, pair, converted, or what is set there
     * @param  bool  $skippable whether it may be left with a reason instead
     */
    public function __construct(
        public string $address,
        public AskKind $kind,
        public string $role,
        public ?string $part,
        public ?string $seat,
        public ?string $fastener,
        public array $options,
        public ?float $least,
        public ?float $most,
        public ?Instrument $instrument,
        public string $needs,
        public bool $skippable,
    ) {
    }

    /** Whether that may be answered to the choice here. */
    public function offers(string $answer): bool
    {
        return $this->options === self::ANY ? $answer !== '' && strlen($answer) <= 80 : in_array($answer, $this->options, true);
    }

    /** Whether which answers there are is the shop's matter. */
    public function offersAny(): bool
    {
        return $this->options === self::ANY;
    }
}
