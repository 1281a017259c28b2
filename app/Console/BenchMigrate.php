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
        $owner = ['--database' => OwnerConnection::name(), '--force' => true];
        if ($this->option('fresh') === true) {
            // It closes its connection behind it, and with it whatever transaction stood open there.
            $this->callSilently('db:wipe', $owner + ['--drop-views' => true]);
        }
        OwnerConnection::get()->transaction(function () use ($owner): void {
            $this->callSilently('migrate', $owner);
            OwnerConnection::grantRights();
        });

        return self::SUCCESS;
    }
}
