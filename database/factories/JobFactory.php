<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Job;
use App\Models\Machine;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Job> */
final class JobFactory extends Factory
{
    protected $model = Job::class;

    public function definition(): array
    {
        return ['number' => random_int(1, 1_000_000_000), 'wheel' => 'Front wheel', 'pattern' => 'pair-sleeve', 'standing' => []];
    }

    /** A job in the shop of this person. */
    public function by(User $user): self
    {
        return $this->state([
            'shop_id' => $user->shop_id,
            'opened_by' => $user->id,
            'machine_id' => fn (): int => Machine::factory()->create(['shop_id' => $user->shop_id])->id,
        ]);
    }
}
