<?php

declare(strict_types=1);

namespace Tests;

use App\Store\OwnerConnection;
use Illuminate\Foundation\Testing\RefreshDatabase as Refresh;

/** The tables are made by who owns them; the tests work as the application does. */
trait RefreshDatabase
{
    use Refresh;

    protected function migrateDatabases(): void
    {
        // Where tests run side by side, each process has a database of its own.
        config(['database.connections.'.OwnerConnection::NAME.'.database' => config('database.connections.pgsql.database')]);
        $this->artisan('migrate:fresh', ['--database' => OwnerConnection::name(), '--drop-views' => true, '--force' => true]);
        OwnerConnection::grantRights();
    }
}
