<?php

declare(strict_types=1);

namespace App\Store;

use Closure;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use PDO;

/** A second connection to the store, for what must be seen by others while a transaction goes on in the first. */
final class BesideConnection
{
    private const NAME = 'beside';

    /**
     * @template T
     *
     * @param  Closure(Connection): T  $do
     * @return T
     */
    public static function with(Closure $do): mixed
    {
        $store = config('database.connections.'.DB::getDefaultConnection());
        // A kept one would be the first itself: PHP keeps one for each address and name.
        config(['database.connections.'.self::NAME => ['options' => [PDO::ATTR_PERSISTENT => false] + $store['options']] + $store]);
        try {
            return $do(DB::connection(self::NAME));
        } finally {
            DB::purge(self::NAME);
        }
    }
}
