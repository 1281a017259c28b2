<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Tool;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tooling\ToolKind;

final readonly class ToolCard
{
    public function __construct(
        public int $id,
        public string $name,
        public ToolKind $kind,
        public string $kindName,
        public bool $driver,
        public ?Length $outside,
        public ?Length $opening,
        public ?Length $length,
        public ?Length $across,
    ) {
    }

    public static function of(Tool $tool): self
    {
        $length = static fn (?string $mm): ?Length => $mm === null ? null : Length::mm((float) $mm);

        return new self(
            $tool->id, $tool->name, $tool->kind, $tool->kind->label(), $tool->kind->isDriver(),
            $length($tool->outside_mm), $length($tool->opening_mm), $length($tool->length_mm), $length($tool->across_mm),
        );
    }
}
