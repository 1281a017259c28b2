<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\StackFault;
use CleanRace\Core\Hub\StackFaults;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Verdict\Message;

/** The hub of a job as its editor shows it: every part with its sizes, what cannot be, and what may be undone. */
final readonly class HubSheet
{
    /**
     * @param  list<HubPart>  $parts in their order
     * @param  list<StackFault>  $faults
     * @param  list<Option>  $kinds that may be added
     * @param  list<Message|string>  $cautions special to this kind of hub
     */
    private function __construct(
        public string $pattern,
        public Message|string $name,
        public Message|string $metOn,
        public Message|string $turns,
        public Message|string $fit,
        public array $cautions,
        public array $parts,
        public array $faults,
        public bool $asFound,
        public bool $mayUndo,
        public bool $mayRedo,
        public array $kinds,
    ) {
    }

    /** Parts, faults and what may be undone, of a filled hub. */
    public static function of(Hub $hub, Notebook $notebook): self
    {
        $card = $hub->pattern->card();

        return new self(
            $hub->pattern->id(),
            $card->name,
            $card->metOn,
            $card->turns->label(),
            $card->fit,
            $card->cautions,
            array_map(HubPart::of(...), $hub->stack->parts),
            $card->sure ? StackFaults::of($hub->stack) : [],
            $notebook->done(Places::AS_FOUND),
            $hub->edits->mayUndo(),
            $hub->edits->mayRedo(),
            array_map(static fn (PartKind $k): Option => new Option($k->value, $k->label()), PartKind::cases()),
        );
    }
}
