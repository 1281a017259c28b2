<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Verdict\Message;

/** One tool the plan needs: what of it hangs on the wall, or what can stand in, and the step that fails without. */
final readonly class ToolLine
{
    public function __construct(public string $tool, public string $size, public ?string $have, public ?string $standIn, public Message $step, public string $stepId)
    {
    }
}
