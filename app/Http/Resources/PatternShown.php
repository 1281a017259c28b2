<?php

declare(strict_types=1);

namespace App\Http\Resources;

use CleanRace\Core\Hub\Drawing\Section;
use CleanRace\Core\Hub\Tray;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Hub;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\SectionMaker;
use CleanRace\Core\Verdict\Message;

/** A way hubs are built, as it is offered when a job is opened. */
final readonly class PatternShown
{
    public function __construct(
        public string $id,
        public Message|string $name,
        public Message|string $metOn,
        public Message|string $turns,
        public string $called,
        public Message|string $fit,
        public Section $section,
        public bool $sure,
    ) {
    }

    public static function of(Pattern $pattern): self
    {
        $card = $pattern->card();

        $nothing = new Notebook([]);
        $hub = Hub::of($pattern, $nothing);

        return new self(
            $pattern->id(),
            $card->name,
            $card->metOn,
            $card->turns->label(),
            $card->called,
            $card->fit,
            (new SectionMaker($hub, Tray::of($hub->stack, $nothing), $nothing))->section(),
            $card->sure,
        );
    }
}
