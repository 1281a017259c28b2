<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Tool;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Message;

final readonly class ToolCard
{
    public function __construct(
        public int $id,
        public string $name,
        public ToolKind $kind,
        public Message|string $kindName,
        public bool $driver,
        public ?Length $outside,
        public ?Length $opening,
        public ?Length $length,
        public ?Length $across,
        public ?Length $ram,
        public ?Length $pitch,
        public ?Force $capacity,
        public ?Torque $torqueLow,
        public ?Torque $torqueHigh,
        public ?Length $plusMinus,
        public int $count,
        public ?Instrument $reads,
    ) {
    }

    public static function of(Tool $tool): self
    {
        $hung = $tool->onWall();

        return new self(
            $tool->id,
            $hung->name,
            $hung->kind,
            $hung->kind->label(),
            $hung->kind->isDriver(),
            $hung->outside,
            $hung->opening,
            $hung->length,
            $hung->across,
            $hung->ram,
            $hung->pitch,
            $hung->capacity,
            $hung->torqueLow,
            $hung->torqueHigh,
            $hung->plusMinus,
            $hung->count,
            $hung->reads,
        );
    }
}
