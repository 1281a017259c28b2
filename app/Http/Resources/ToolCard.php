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
        $core = $tool->toCore();

        return new self($tool->id, $core->name, $core->kind, $core->kind->label(), $core->outside, $core->opening, $core->length);
    }
}
