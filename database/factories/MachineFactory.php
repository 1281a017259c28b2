<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Machine;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Machine> */
final class MachineFactory extends Factory
{
    protected $model = Machine::class;

    public function definition(): array
    {
        return [
            'shop_id' => fn (): int => User::factory()->create()->shop_id,
            'name' => 'Machine '.random_int(1, 999),
            'model' => 'Turnstone 110',
            'owner' => 'Somebody',
        ];
    }
}
