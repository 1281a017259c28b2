<?php

declare(strict_types=1);

namespace CleanRace\Core\Steps;

use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Verdict\HubWords;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\SaidOfHub;

/** One station as it stands: its steps, what is judged, how far it is. */
final readonly class StationReport implements SaidOfHub
{
    /**
     * @param  int  $doneSteps of those that are not optional
     * @param  int  $totalSteps of those that are not optional
     * @param  list<Step>  $steps
     * @param  ?Ordinary  $ordinary what one tap says of all its steps
     */
    private function __construct(
        public Station $station,
        public Message|string $label,
        public Status $status,
        public int $doneSteps,
        public int $totalSteps,
        public array $steps,
        public ?Ordinary $ordinary = null,
    ) {
    }

    /** @param  list<Step>  $steps with their asks; which are done is read from the notebook */
    public static function of(Station $station, array $steps, Notebook $notebook): self
    {
        $steps = array_map(
            static fn (Step $step): Step => $step->standing($step->done || self::isDone($step, $notebook), $notebook),
            $steps,
        );
        $counted = array_filter($steps, static fn (Step $step): bool => ! $step->optional);

        return new self(
            $station,
            $station->label(),
            self::status($steps, $notebook),
            count(array_filter($counted, static fn (Step $step): bool => $step->done)),
            count($counted),
            $steps,
            $station === Station::Strip ? Ordinary::ofTakeDown($steps, $notebook) : null,
        );
    }

    public function inWordsOf(HubWords $hub): static
    {
        return new self(
            $this->station,
            $this->label,
            $this->status,
            $this->doneSteps,
            $this->totalSteps,
            array_map(static fn (Step $s): Step => $s->inWordsOf($hub), $this->steps),
            $this->ordinary?->inWordsOf($hub),
        );
    }

    /** Done when everything that is wanted is entered. A step that wants nothing is done once anything is entered in it. */
    private static function isDone(Step $step, Notebook $notebook): bool
    {
        $wanted = array_filter($step->asks, static fn (Ask $ask): bool => $ask->wanted);
        $entered = static fn (Ask $ask): bool => $ask->isEntered($notebook);

        return $wanted === []
            ? array_filter($step->asks, static fn (Ask $ask): bool => ! $ask->borrowed && $entered($ask)) !== []
            : count(array_filter($wanted, $entered)) === count($wanted);
    }

    /** @param  list<Step>  $steps */
    private static function status(array $steps, Notebook $notebook): Status
    {
        $touched =
            array_filter(
                $steps,
                static fn (Step $s): bool => array_filter(
                    $s->asks,
                    static fn (Ask $a): bool => ! $a->borrowed && $a->isEntered($notebook),
                ) !== [],
            ) !== [];
        $worst = array_reduce(
            $steps,
            static fn (?Level $l, Step $s): ?Level => $s->open() === null
                ? $l
                : ($l === null
                    ? $s->open()->level
                    : $l->worse($s->open()->level)),
            null,
        );

        return match (true) {
            ! $touched => Status::Untouched,
            $worst === Level::Stop => Status::Stop,
            array_filter($steps, static fn (Step $s): bool => ! $s->done && ! $s->optional) !== [] => Status::UnderWay,
            $worst === Level::Care => Status::Care,
            default => Status::Settled,
        };
    }
}
