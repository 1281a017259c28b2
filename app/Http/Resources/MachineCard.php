<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Machine;
use stdClass;

final readonly class MachineCard
{
    public function __construct(public int $id, public string $name, public string $model, public string $owner)
    {
    }

    public static function of(Machine $machine): self
    {
        return new self($machine->id, $machine->name, $machine->model, $machine->owner);
    }

    /** @param  stdClass  $row with {@see Machine::JOINED} */
    public static function joined(stdClass $row): self
    {
        return new self($row->machine_id, $row->machine_name, $row->machine_model, $row->machine_owner);
    }
}
