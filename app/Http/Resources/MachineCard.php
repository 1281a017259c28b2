<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Machine;

final readonly class MachineCard
{
    public function __construct(public int $id, public string $name, public string $model, public string $owner)
    {
    }

    public static function of(Machine $machine): self
    {
        return new self($machine->id, $machine->name, $machine->model, $machine->owner);
    }
}
