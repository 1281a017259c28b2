<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;

/** The connection that owns the tables and changes their shape; where no owner is named, the one at work does both. */
final class OwnerConnection
{
    public const NAME = 'owner';

    /** Whether owning and working are two roles. */
    public static function isApart(): bool
    {
        return config('database.connections.'.self::NAME) !== null;
    }

    public static function name(): string
    {
        return self::isApart() ? self::NAME : DB::getDefaultConnection();
    }

    public static function get(): Connection
    {
        return DB::connection(self::name());
    }

    /** Lets the one at work do what it has to, and no more. */
    public static function grantRights(): void
    {
        if (self::isApart()) {
            WorkerRights::grant(self::get(), (string) DB::connection()->selectOne('select current_user as name')->name);
        }
    }
}
