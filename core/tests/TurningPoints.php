<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Verdict\Field;
use CleanRace\Core\Verdict\Verdict;
use ReflectionClass;

/**
 * Where an answer turns: one number of an input is moved while all others stay, and each value is found at which another
 * thing is said. A threshold, a sign or a unit that is changed moves such a value.
 */
final readonly class TurningPoints
{
    /** How far a number is moved, as a share of it, at first; each step is so many times as long as the last. */
    private const NEAREST = 0.0005;

    private const WIDER = 2.6;

    private const STEPS = 9;

    /** Halvings of a stretch in which the answer turns. */
    private const HALVINGS = 16;

    /** @param  \Closure(object): object  $work */
    public function __construct(private \Closure $work)
    {
    }

    /** @return list<string> one line for each number that turns the answer: what is said from which value on */
    public function of(object $input): array
    {
        $lines = [];
        foreach (self::numbers($input) as $name => [$value, $moved]) {
            $says = fn (float $at): string => $this->says($moved, $at);
            $turns = $this->turns($value, $says);
            if (count($turns) > 1) {
                $lines[] = $name.': '.implode(' | ', $turns);
            }
        }

        return $lines;
    }

    /**
     * @param  \Closure(float): string  $says
     * @return list<string> first what is said below all, then each value from which another thing is said
     */
    private function turns(float $value, \Closure $says): array
    {
        $at = [$value];
        $scale = abs($value) < 1e-6 ? 0.1 : abs($value);
        for ($i = 0, $step = self::NEAREST; $i < self::STEPS; $i++, $step *= self::WIDER) {
            $at = [$value - $step * $scale, ...$at, $value + $step * $scale];
        }
        $turns = [];
        $before = null;
        foreach ($at as $i => $here) {
            $said = $says($here);
            if ($before === null) {
                $turns[] = $said;
            } elseif ($said !== $before) {
                $turns[] = sprintf('%.5g %s', $this->edge($at[$i - 1], $here, $before, $says), $said);
            }
            $before = $said;
        }

        return $turns;
    }

    /** @param  \Closure(float): string  $says */
    private function edge(float $from, float $to, string $before, \Closure $says): float
    {
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = ($from + $to) / 2;
            $says($middle) === $before ? ($from = $middle) : ($to = $middle);
        }

        return ($from + $to) / 2;
    }

    /** @param  \Closure(float): object  $moved the input with one number at that value */
    private function says(\Closure $moved, float $at): string
    {
        try {
            $result = ($this->work)($moved($at));
        } catch (InvalidInput $refused) {
            return "refused $refused->field";
        }

        return implode(
            ', ',
            array_map(
                static fn (Verdict $v): string => "{$v->level->value} {$v->headline->key} {$v->sentence->key}",
                Told::verdicts($result),
            ),
        );
    }

    /**
     * Every number of an input, also of what it holds: its value, and the input with another in its place.
     *
     * @return array<string, array{float, \Closure(float): object}>
     */
    private static function numbers(object $input): array
    {
        $found = [];
        foreach ((new ReflectionClass($input))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $name = $parameter->getName();
            $value = $input->{$name} ?? null;
            $with = static fn (mixed $other): object => self::with($input, $name, $other);
            $field = ($parameter->getAttributes(Field::class)[0] ?? null)?->newInstance();
            foreach (self::within($value) as $inner => [$number, $moved]) {
                $found[trim("$name $inner")] = [$number, static function (float $at) use ($with, $moved, $field, $inner): object {
                    // What a caller may say at all is checked before a calculator sees it.
                    if ($inner === '' && ($at < ($field->least ?? -INF) || $at > ($field->most ?? INF))) {
                        throw InvalidInput::about('least or most', 'Out of what may be said.');
                    }

                    return $with($moved($at));
                }];
            }
        }

        return $found;
    }

    /** @return array<string, array{float, \Closure(float): mixed}> */
    private static function within(mixed $value): array
    {
        return match (true) {
            is_float($value) => ['' => [$value, static fn (float $at): float => $at]],
            is_int($value) => ['' => [(float) $value, static fn (float $at): int => (int) round($at)]],
            $value instanceof Length => ['' => [$value->mm, Length::mm(...)]],
            $value instanceof Reading => ['' => [$value->value->mm, static fn (float $at): Reading => $value->at(Length::mm($at))]],
            $value instanceof Force => ['' => [$value->newtons, Force::newtons(...)]],
            $value instanceof Pressure => ['' => [$value->megapascals, Pressure::megapascals(...)]],
            $value instanceof Torque => ['' => [$value->newtonMetres, Torque::newtonMetres(...)]],
            $value instanceof Temperature => ['' => [$value->celsius, Temperature::celsius(...)]],
            $value instanceof Angle => ['' => [$value->degrees, Angle::degrees(...)]],
            is_array($value) && is_object($value[0] ?? null) => self::firstAndLast($value),
            is_object($value) && (new ReflectionClass($value))->getConstructor()?->isPublic() === true => self::numbers($value),
            default => [],
        };
    }

    /**
     * @param  array<mixed>  $list
     * @return array<string, array{float, \Closure(float): mixed}>
     */
    private static function firstAndLast(array $list): array
    {
        $found = [];
        foreach (array_unique([0, count($list) - 1]) as $i) {
            foreach (self::within($list[$i]) as $inner => [$number, $moved]) {
                $found[trim("$i $inner")] = [$number, static fn (float $at): array => array_replace($list, [$i => $moved($at)])];
            }
        }

        return $found;
    }

    private static function with(object $input, string $name, mixed $other): object
    {
        $values = [];
        foreach ((new ReflectionClass($input))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $values[$parameter->getName()] = $parameter->getName() === $name ? $other : $input->{$parameter->getName()};
        }

        return new ($input::class)(...$values);
    }
}
