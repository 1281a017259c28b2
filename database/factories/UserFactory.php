<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    protected $model = User::class;

    public function definition(): array
    {
        return [
            'shop_id' => fn (): int => Shop::query()->create([
                'name' => 'Shop '.random_int(1, 1_000_000),
                'press_capacity_n' => 117680,
            ])->id,
            'name' => 'Person '.random_int(1, 1_000_000),
            'email' => 'person'.Str::lower(Str::random(12)).'@shop.example',
            'password' => 'bearing',
            'role' => Role::Mechanic,
            'joined_at' => now(),
        ];
    }

    public function role(Role $role): self
    {
        return $this->state(['role' => $role]);
    }
}
