<?php

declare(strict_types=1);

namespace CleanRace\Core\Tooling;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Tables\Limits;

/**
 * Anything that hangs on the tool wall, with what is measured of it. A puller or pliers span from opening to outside;
 * of a press the piston of its ram; of a gauge which instrument it is and how well it reads.
 */
final readonly class WallTool
{
    public function __construct(
        public string $id,
        public string $name,
        public ToolKind $kind,
        public ?Length $opening = null,
        public ?Length $outside = null,
        public ?Length $length = null,
        public ?Length $across = null,
        public ?Length $ram = null,
        public ?Length $pitch = null,
        public ?Force $capacity = null,
        public ?Torque $torqueLow = null,
        public ?Torque $torqueHigh = null,
        public ?Length $plusMinus = null,
        public int $count = 1,
        public ?Instrument $reads = null,
    ) {
    }

    /** As a driver, when it is one whose face and length are measured. */
    public function driver(): ?Tool
    {
        return $this->kind->isDriver() && $this->outside !== null && $this->length !== null
            ? new Tool($this->id, $this->name, $this->kind, $this->outside, $this->opening, $this->length)
            : null;
    }

    /** Whether it will do: of a kind that serves, and every size that matters is measured and right. */
    public function serves(Need $need): bool
    {
        if ($need->unsized || ! in_array($this->kind, self::kinds($need->kind), true)) {
            return false;
        }
        foreach ($need->sizes as $name => $size) {
            $right = match ($name) {
                'bore' => $this->opening !== null &&
                    $this->outside !== null &&
                    $this->opening->mm <= $size->mm &&
                    $this->outside->mm >= $size->mm,
                'length', 'depth' => $this->length !== null && $this->length->mm >= $size->mm,
                'inside' => $this->opening !== null && $this->opening->mm > $size->mm,
                'over' => $this->outside !== null && $this->outside->mm > $size->mm,
                'under' => $this->outside !== null && $this->outside->mm < $size->mm,
                default => $this->across !== null && abs($this->across->mm - $size->mm) < Limits::standard()->get('tool.across_same'),
            };
            if (! $right) {
                return false;
            }
        }

        return true;
    }

    /** @return list<ToolKind> that do the work of one */
    private static function kinds(ToolKind $kind): array
    {
        $sockets = [ToolKind::Socket, ToolKind::ImpactSocket, ToolKind::ChromeSocket];

        return match ($kind) {
            ToolKind::Socket => $sockets,
            ToolKind::Cup => [ToolKind::Cup, ToolKind::Pipe, ...$sockets],
            ToolKind::Disc => [ToolKind::Disc, ToolKind::Cup, ToolKind::Pipe, ...$sockets],
            default => [$kind],
        };
    }
}
