<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\MakeCode;
use App\Models\User;
use Illuminate\Console\Command;

/** Prints an address under which somebody chooses another password: for an owner who forgot theirs. */
final class ShopPassword extends Command
{
    protected $signature = 'shop:password {email : address they sign in with}';

    protected $description = 'Print an address under which somebody chooses another password';

    public function handle(MakeCode $code): int
    {
        $person = User::query()
            ->whereNull('left_at')
            ->where('email', mb_strtolower(trim((string) $this->argument('email'))))
            ->first();
        if ($person === null) {
            $this->error('Nobody signs in with this address. See shop:list.');

            return self::FAILURE;
        }
        $this->line(config('app.url').$code($person)[1]);

        return self::SUCCESS;
    }
}
