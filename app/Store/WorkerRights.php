<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Database\Connection;

/**
 * What the role that the application works as may do in the database: the least that serves. The role that owns the tables
 * grants it, after each migration.
 */
final class WorkerRights
{
    /** Written once, and read. */
    private const WRITTEN_ONCE = [
        'addenda',
        'kept_words',
        'log_lines',
        'photos',
        'press_traces',
        'recordings',
        'records',
        'shop_keys',
        'sign_offs',
    ];

    /** Changed, but never deleted. */
    private const LASTING = ['accepted_keys', 'jobs', 'machines', 'orders', 'shops', 'suppliers', 'users'];

    private const READ = ['entries', 'migrations'];

    /** What goes, goes by these. */
    private const FUNCTIONS = [
        'remove_photo(uuid, bigint)',
        'remove_recording(uuid, bigint)',
        'erase_customer(bigint, bigint)',
        'erase_person(bigint, bigint)',
    ];

    /** Says what the worker may do with every table there is, and takes away whatever else it could. */
    public static function grant(Connection $owner, string $worker): void
    {
        $role = $owner->getQueryGrammar()->wrap($worker);
        $owner->statement("grant usage on schema public to $role");
        $owner->statement("revoke all on all tables in schema public from $role");
        $owner->statement("grant usage on all sequences in schema public to $role");
        $all = $owner->select("select relname as name from pg_class where relnamespace = 'public'::regnamespace and relkind in ('r', 'v')");
        foreach ($all as $table) {
            $rights = match (true) {
                in_array($table->name, self::WRITTEN_ONCE, true) => 'select, insert',
                in_array($table->name, self::LASTING, true) => 'select, insert, update',
                in_array($table->name, self::READ, true) => 'select',
                default => 'select, insert, update, delete',
            };
            $owner->statement("grant $rights on {$owner->getQueryGrammar()->wrapTable($table->name)} to $role");
        }
        foreach (self::FUNCTIONS as $function) {
            $owner->statement("grant execute on function $function to $role");
        }
    }
}
