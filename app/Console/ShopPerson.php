<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\AddPerson;
use App\Actions\MakeCode;
use App\Models\Role;
use App\Models\Shop;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Console\Command;

/** Adds somebody to a shop; they join by the address that is printed. */
final class ShopPerson extends Command
{
    protected $signature = 'shop:person {shop : its number in shop:list} {name} {email}
        {role=mechanic : owner, mechanic, apprentice or counter}';

    protected $description = 'Add somebody to a shop';

    public function handle(AddPerson $add, MakeCode $code): int
    {
        $shop = Shop::query()->find((int) $this->argument('shop'));
        $role = Role::tryFrom((string) $this->argument('role'));
        $email = filter_var($this->argument('email'), FILTER_VALIDATE_EMAIL);
        if ($shop === null || $role === null || $email === false) {
            $this->error(
                match (true) {
                    $shop === null => 'There is no such shop. See shop:list.',
                    $role === null => 'A role is owner, mechanic, apprentice or counter.',
                    default => 'That is no e-mail address.',
                },
            );

            return self::FAILURE;
        }
        try {
            $person = $add($shop, (string) $this->argument('name'), $email, $role);
        } catch (InvalidInput $fault) {
            $this->error($fault->getMessage());

            return self::FAILURE;
        }
        $this->line("{$person->name} joins here:\n".config('app.url').$code($person)[1]);

        return self::SUCCESS;
    }
}
