<?php

declare(strict_types=1);

namespace Tests;

use App\Shapes\Schemas;

/** Holds JSON against the schema that is published for it. */
trait HoldsToSchema
{
    /**
     * @param  array<string, mixed>  $schema
     * @param  bool  $exactly whether nothing may stand there that the schema does not know
     */
    private function assertHolds(array $schema, mixed $value, Schemas $schemas, string $at, bool $exactly = true): void
    {
        if (isset($schema['$ref'])) {
            $schema = $schemas->named()[basename($schema['$ref'])];
        }
        if (isset($schema['anyOf'])) {
            foreach ($schema['anyOf'] as $one) {
                if ($this->holds($one, $value, $schemas)) {
                    return;
                }
            }
            self::fail("$at fits none of its shapes: ".json_encode($value));
        }
        if (isset($schema['enum'])) {
            self::assertContains($value, $schema['enum'], $at);
        }
        self::assertContains(self::kind($value), self::widened((array) ($schema['type'] ?? [])), "$at: ".json_encode($value));
        if (is_object($value) && isset($schema['properties']) && is_array($schema['properties'])) {
            self::assertSame([], array_diff($schema['required'], array_keys((array) $value)), "$at lacks");
            self::assertSame([], $exactly ? array_diff(array_keys((array) $value), $schema['required']) : [], "$at has more");
            foreach ($schema['properties'] as $name => $property) {
                $this->assertHolds($property, $value->{$name}, $schemas, "$at.$name", $exactly);
            }
        }
        foreach (is_array($value) ? $value : [] as $i => $item) {
            $this->assertHolds($schema['items'], $item, $schemas, "$at.$i", $exactly);
        }
    }

    /** @param  array<string, mixed>  $schema */
    private function holds(array $schema, mixed $value, Schemas $schemas): bool
    {
        if (isset($schema['$ref'])) {
            return is_object($value) || is_string($value);
        }

        return in_array(self::kind($value), self::widened((array) $schema['type']), true);
    }

    private static function kind(mixed $value): string
    {
        return match (true) {
            $value === null => 'null',
            is_bool($value) => 'boolean',
            is_int($value) => 'integer',
            is_float($value) => 'number',
            is_string($value) => 'string',
            is_array($value) => 'array',
            default => 'object',
        };
    }

    /**
     * @param  array<mixed>  $types
     * @return list<string>
     */
    private static function widened(array $types): array
    {
        return array_values(in_array('number', $types, true) ? [...$types, 'integer'] : $types);
    }
}
