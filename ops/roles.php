<?php

declare(strict_types=1);

/*
 * The two roles of a cluster of our own, and one of its databases:  php ops/roles.php DIR DATABASE
 *
 * `clean_race_owner` owns and migrates, `clean_race_worker` is who the application is at work; neither is a superuser. Their
 * passwords lie in DIR/owner-password and DIR/worker-password. What an earlier release made as the superuser goes to the owner.
 */

[, $dir, $database] = $argv + [1 => '', 2 => ''];
$password = static fn (string $file): string => trim((string) file_get_contents("$dir/$file"));
$port = $password('port');
$connect = static fn (string $to): PDO => new PDO(
    "pgsql:host=127.0.0.1;port=$port;dbname=$to",
    'clean_race',
    $password('password'),
    [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
);

$server = $connect('postgres');
// Whoever comes at the same time waits for the other.
$server->exec('select pg_advisory_lock(20261202)');
foreach (['owner', 'worker'] as $role) {
    $file = "$dir/$role-password";
    if (! is_file($file)) {
        umask(0077);
        file_put_contents($file, bin2hex(random_bytes(18)));
    }
    $there = $server->query("select from pg_roles where rolname = 'clean_race_$role'")->fetch() !== false;
    $server->exec(($there ? 'alter' : 'create')." role clean_race_$role login nosuperuser nocreatedb nocreaterole nobypassrls password "
        .$server->quote($password("$role-password")));
}
$name = '"'.str_replace('"', '""', $database).'"';
if ($server->query('select from pg_database where datname = '.$server->quote($database))->fetch() === false) {
    $server->exec("create database $name owner clean_race_owner");
}
$server->exec("alter database $name owner to clean_race_owner");
$server->exec("revoke all on database $name from public");
$server->exec("grant connect on database $name to clean_race_worker");

$here = $connect($database);
$here->exec('alter schema public owner to clean_race_owner');
$here->exec('revoke all on schema public from public');
$made = $here->query(
    "select case when c.relkind = 'v' then 'view' when c.relkind = 'S' then 'sequence' else 'table' end || ' ' || c.oid::regclass
        from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p', 'v')
            and c.relowner = 'clean_race'::regrole
        union all
        select 'function ' || p.oid::regprocedure from pg_proc p
        where p.pronamespace = 'public'::regnamespace and p.proowner = 'clean_race'::regrole
            and not exists (select from pg_depend d where d.objid = p.oid and d.deptype = 'e')",
)->fetchAll(PDO::FETCH_COLUMN);
foreach ($made as $one) {
    $here->exec("alter $one owner to clean_race_owner");
}
