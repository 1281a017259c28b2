<?php

declare(strict_types=1);

namespace CleanRace\Core\Tooling;

use CleanRace\Core\Measure\Length;

/** Anything that hangs on the tool wall, with what is measured of it. A puller or pliers span from least to most. */
final readonly class WallTool
{
    public function __construct(
        public string $id,
        public string $name,
        public ToolKind $kind,
        public ?Length $least = null,
        public ?Length $most = null,
        public ?Length $length = null,
        public ?Length $across = null,
    ) {
    }

    public function serves(Need $need): bool
    {
        return $this->kind === $need->kind
            && ($need->least === null || $this->least === null || $this->least->mm <= $need->least->mm)
            && ($need->most === null || $this->most === null || $this->most->mm >= $need->most->mm);
    }
}
