<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Verdict\HubWords;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\SaidOfHub;

/** One tool the plan needs: what of it hangs on the wall, or what can stand in, and the step that fails without. */
final readonly class ToolLine implements SaidOfHub
{
    /**
     * @param  ?Message  $size that it must have; null when any will do
     * @param  ?string  $have what hangs here; null when nothing does
     */
    public function __construct(
        public Message|string $tool,
        public ?Message $size,
        public ?string $have,
        public ?Message $standIn,
        public Message $step,
        public string $stepId,
    ) {
    }

    public function inWordsOf(HubWords $hub): static
    {
        return new self($this->tool, $this->size, $this->have, $this->standIn, $this->step->inWordsOf($hub), $this->stepId);
    }
}
