<?php

declare(strict_types=1);

namespace App\Console;

use App\Store\OwnerConnection;
use Illuminate\Console\Command;

/** Brings the database up to this release: all of it, or it stays as it was. */
final class BenchMigrate extends Command
{
    protected $signature = 'bench:migrate {--fresh : throws away what is there}';

    protected $description = 'Bring the database up to this release, all of it or nothing';

    public function handle(): int
    {
        if (! OwnerConnection::isApart()) {
            $this->warn('One role owns the database and works in it: whoever gets hold of it can change '
                .'what was signed. See docs/operations.md.');
        }
        $fresh = $this->option('fresh') === true;
        OwnerConnection::get()->transaction(function () use ($fresh): void {
            $this->callSilently(
                $fresh ? 'migrate:fresh' : 'migrate',
                ['--database' => OwnerConnection::name(), '--force' => true] + ($fresh ? ['--drop-views' => true] : []),
            );
            OwnerConnection::grantRights();
        });

        return self::SUCCESS;
    }
}
