<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Field;

/** A tool as a caller describes it. */
final readonly class ToolInput
{
    public function __construct(
        #[Field('Name')] public string $name,
        #[Field('Outside of the face')] public Length $outside,
        #[Field('Opening of the face, none when solid')] public ?Length $opening = null,
        #[Field('Length')] public ?Length $length = null,
        #[Field('Kind')] public ToolKind $kind = ToolKind::Cup,
    ) {
        if ($opening !== null && $opening->mm >= $outside->mm) {
            throw InvalidInput::about('opening_mm', 'The opening is not smaller than the outside of the tool.');
        }
    }

    /** The same as the tool it describes. */
    public function tool(): Tool
    {
        return new Tool($this->name, $this->name, $this->kind, $this->outside, $this->opening, $this->length ?? Length::mm(50));
    }
}
