<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use OutOfBoundsException;

/** The hub patterns there are: every class in Patterns/ is one. To add one, write the class. */
final class HubPatterns
{
    /** @return array<string, Pattern> by id, in the order of their names */
    public static function all(): array
    {
        $all = [];
        foreach (glob(__DIR__.'/Hubs/*.php') ?: [] as $file) {
            $pattern = self::made(basename($file, '.php'));
            if ($pattern !== null) {
                $all[$pattern->id()] = $pattern;
            }
        }

        return $all;
    }

    /** @return list<Pattern> as people look for one: by the machines that have it, then by name; last what nobody knows yet */
    public static function byMachine(): array
    {
        $machines = array_flip(array_map(static fn (MachineKind $kind): string => $kind->value, MachineKind::cases()));
        $all = array_values(self::all());
        usort(
            $all,
            static fn (Pattern $a, Pattern $b): int => [$machines[$a->card()->machine->value], $a->id()] <=> [
                $machines[$b->card()->machine->value],
                $b->id(),
            ],
        );

        return [...$all, new NotSure()];
    }

    /** Whether a job may be opened with that kind. */
    public static function has(string $id): bool
    {
        return $id === NotSure::ID || isset(self::all()[$id]);
    }

    /**
     * A pattern's id is the name of its class, in lower case with hyphens.
     *
     * @throws OutOfBoundsException when there is no such pattern
     */
    public static function find(string $id): Pattern
    {
        if ($id === NotSure::ID) {
            return new NotSure();
        }

        return (preg_match('/^[a-z]+(-[a-z]+)*$/', $id) === 1 ? self::made(str_replace('-', '', ucwords($id, '-'))) : null) ??
            throw new OutOfBoundsException("No hub pattern named $id.");
    }

    private static function made(string $name): ?Pattern
    {
        $class = __NAMESPACE__.'\\Hubs\\'.$name;
        $made = class_exists($class) ? new $class() : null;

        return $made instanceof Pattern ? $made : null;
    }
}
