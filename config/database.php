<?php

declare(strict_types=1);

$store = [
    'driver' => 'pgsql',
    'url' => env('DATABASE_URL'),
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '5432'),
    'database' => env('DB_DATABASE', 'clean_race'),
    'username' => env('DB_USERNAME', 'clean_race'),
    'password' => env('DB_PASSWORD', ''),
    'charset' => 'utf8',
    'prefix' => '',
    'sslmode' => 'prefer',
    // A kept connection saves a fork of the server at each request; a broken one is opened anew.
    // A query and its values go to the server together, not as a statement first and its values after.
    'options' => [PDO::ATTR_PERSISTENT => (bool) env('DB_KEEP', false), PDO::PGSQL_ATTR_DISABLE_PREPARES => true],
];
$owner = env('DATABASE_OWNER_URL') ?? env('DB_OWNER_USERNAME');

return [
    'default' => 'pgsql',
    'connections' => [
        // At work: the least rights.
        'pgsql' => $store,
    ] + ($owner === null ? [] : [
        // Owns the tables and migrates; nothing that serves a request knows it.
        'owner' => [
            'url' => env('DATABASE_OWNER_URL'),
            'username' => env('DB_OWNER_USERNAME'),
            'password' => env('DB_OWNER_PASSWORD'),
            'options' => [PDO::PGSQL_ATTR_DISABLE_PREPARES => true],
        ] + $store,
    ]),
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
