<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Tool;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tooling\ToolKind;

final readonly class ToolCard
{
    public function __construct(public int $id, public string $name, public ToolKind $kind, public string $kindName, public Length $outside, public ?Length $opening, public Length $length)
    {
    }

    public static function of(Tool $tool): self
    {
        return new self(
            $tool->id, $tool->name, $tool->kind, $tool->kind->label(), Length::mm((float) $tool->outside_mm),
            $tool->opening_mm === null ? null : Length::mm((float) $tool->opening_mm), Length::mm((float) $tool->length_mm),
        );
    }
}
