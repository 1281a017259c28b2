<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests;

use BackedEnum;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Money;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Verdict\Field;
use LogicException;
use Random\Randomizer;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/**
 * Inputs of a calculator about its example: sizes a hair, a little, or far from it, other answers, other instruments,
 * parts of it left out. The same seed makes the same input.
 */
final readonly class MadeInput
{
    /** How far a number is moved, as a share of it: mostly little, so that limits are met from both sides. */
    private const MOVES = [0.0, 0.0, 0.0002, 0.0005, 0.001, 0.002, 0.005, 0.02, 0.1, 0.3];

    /** What is typed where text is asked for, by the name of the input. */
    private const TYPED = [
        'number' => [
            '6204 2RS',
            '6204',
            '6204-2Z C3',
            '62042RSH',
            '6O04',
            '6203 DDU',
            'LM11949',
            '5205',
            '7204B',
            'R8',
            '99502H',
            '63/22',
            '16004',
            '6204 N',
        ],
        'text' => [
            '6204 2RS',
            '15x28x7',
            '1/4',
            '47.02 in 46.98',
            '20.01 on 20',
            '35 62 7',
            '1 in',
            'LM11949/LM11910',
            '3/4 x 1 5/8 x 7/16',
            '12.7',
            '0.003',
            '62',
        ],
        'typed' => ['25.4', '1 1/16', '27/64', '0.003in', '12 thou', '1 8/8', '25,4', '-3', '1 in', '3/8"', '0.5', '40 mm'],
        'cone' => ['LM11949', 'L44643', 'LM67048', '30204', 'L68149', 'x'],
        'cup' => ['LM11910', 'L44610', 'LM67010', '30204', 'L68110'],
        'printed' => ['15 28 7', '28x15x7', '35-62-7', '1.25x2x.25', '62 35', '19 32 8'],
        'thread' => ['M10 × 1', 'M14x1.5', '3/8-26', '1-14', 'M20', 'M6', '3/4-16'],
        'new' => ['M10x1', '16.2', '6.35', 'rubber lip'],
        'old' => ['M10x1', '16', '6.35', 'none'],
    ];

    public function __construct(private Randomizer $random)
    {
    }

    /**
     * @param  class-string  $class
     * @param  array<string, mixed>  $example as callers write it
     */
    public function of(string $class, array $example, bool $isInList = false): object
    {
        $lengths = array_values(
            array_filter(
                $example,
                static fn (mixed $v, string|int $k): bool => is_numeric($v) && str_ends_with((string) $k, '_mm'),
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        $values = [];
        foreach ((new ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $values[$parameter->getName()] = $this->value($parameter, self::said($parameter, $example), $lengths, $isInList);
        }

        return new $class(...$values);
    }

    /**
     * What an example says of an input, whatever unit stands in its name.
     *
     * @param  array<string, mixed>  $example
     */
    private static function said(ReflectionParameter $parameter, array $example): mixed
    {
        $name = strtolower((string) preg_replace('/(?<!^)[A-Z]/', '_$0', $parameter->getName()));
        foreach ($example as $key => $value) {
            if (preg_match('/^'.$name.'(?:_(?:mm|n|nm|c|k|mpa|deg|g|cm3|s))?$/', (string) $key) === 1) {
                return $value;
            }
        }

        return null;
    }

    /** @param  list<mixed>  $lengths that the example has, near which others lie */
    private function value(ReflectionParameter $parameter, mixed $said, array $lengths, bool $isInList): mixed
    {
        $type = $parameter->getType();
        if (! ($type instanceof ReflectionNamedType)) {
            throw new LogicException('An input has one type.');
        }
        $isLeftOut = $this->random->getInt(0, 9) < ($said === null ? 6 : 1);
        if ($isLeftOut && $parameter->isDefaultValueAvailable()) {
            return $parameter->getDefaultValue();
        }
        if ($isLeftOut && $type->allowsNull()) {
            return null;
        }
        if ($isInList && $said !== null && is_subclass_of($type->getName(), BackedEnum::class) && $this->random->getInt(0, 19) > 0) {
            return $type->getName()::from($said);
        }
        $isLength = in_array($type->getName(), [Length::class, Reading::class], true);
        if ($said === null && $isLength && $lengths !== [] && $this->random->getInt(0, 2) > 0) {
            $said = $lengths[$this->random->getInt(0, count($lengths) - 1)];
        }
        $field = $parameter->getAttributes(Field::class)[0] ?? null;

        return $this->made($type->getName(), $said, $parameter, $field?->newInstance());
    }

    private function made(string $type, mixed $said, ReflectionParameter $parameter, ?Field $field): mixed
    {
        return match (true) {
            is_subclass_of($type, BackedEnum::class) => $this->oneOf($type, $said),
            $type === 'bool' => $this->random->getInt(0, 2) === 0,
            $type === 'int' => max((int) ($field->least ?? 0), (int) ($said ?? 2) + $this->random->getInt(-2, 3)),
            $type === 'float' => $this->number($said, $field),
            $type === 'string' => $this->text($parameter->getName(), $said),
            $type === 'array' => $this->several($said, $field),
            $type === Length::class => Length::mm($this->number($said, $field)),
            $type === Reading::class => Reading::mm(
                $this->number(is_array($said) ? $said['value'] ?? null : $said, $field),
                $this->random->getInt(0, 2) === 0 ? $this->oneOf(Instrument::class, null) : Instrument::DigitalCaliper,
            ),
            $type === Force::class => Force::newtons($this->number($said, $field, 800.0)),
            $type === Pressure::class => Pressure::megapascals($this->number($said, $field, 6.0)),
            $type === Torque::class => Torque::newtonMetres($this->number($said, $field, 40.0)),
            $type === Temperature::class => Temperature::celsius($this->number($said, $field, 18.0)),
            $type === Angle::class => Angle::degrees($this->number($said, $field, 40.0)),
            $type === Clock::class => Clock::read($said === null ? (string) $this->random->getInt(1, 12) : (string) $said),
            $type === Money::class => Money::minor((int) abs($this->number($said, $field, 40.0) * 100)),
            class_exists($type) => $this->of($type, is_array($said) ? $said : []),
            default => throw new LogicException("Nobody can make a $type."),
        };
    }

    private function number(mixed $said, ?Field $field, float $otherwise = 12.0): float
    {
        $from = match (true) {
            is_int($said), is_float($said) => (float) $said,
            is_string($said) && is_numeric($said) => (float) $said,
            is_string($said) => (new LengthText())->read($said)->mm,
            $field?->least !== null && $field->most !== null && $field->most < 1e5 => $field->least +
                (($field->most - $field->least) * $this->random->getInt(0, 100)) / 100,
            default => ($otherwise * $this->random->getInt(2, 30)) / 10,
        };
        $share = self::MOVES[$this->random->getInt(0, count(self::MOVES) - 1)] * ($this->random->getInt(0, 1) === 0 ? -1 : 1);

        return round($from * (1 + $share), 4);
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    private function oneOf(string $enum, mixed $said): BackedEnum
    {
        $cases = $enum::cases();
        $example = is_string($said) || is_int($said) ? $enum::tryFrom($said) : null;

        return $example !== null && $this->random->getInt(0, 1) === 0 ? $example : $cases[$this->random->getInt(0, count($cases) - 1)];
    }

    private function text(string $name, mixed $said): string
    {
        foreach (self::TYPED as $part => $texts) {
            if (stripos($name, $part) !== false && ($said === null || $this->random->getInt(0, 2) > 0)) {
                return $texts[$this->random->getInt(0, count($texts) - 1)];
            }
        }

        return is_scalar($said) ? (string) $said : 'x';
    }

    /** @return list<mixed> */
    private function several(mixed $said, ?Field $field): array
    {
        $of = $field->of ?? throw new LogicException('A list says what it holds.');
        if ($of === 'float') {
            return array_map(fn (): float => $this->random->getInt(-1000, 1000) / 1000, range(1, $this->random->getInt(1, 50)));
        }
        if (is_subclass_of($of, BackedEnum::class)) {
            return array_values(array_filter($of::cases(), fn (): bool => $this->random->getInt(0, 4) === 0));
        }
        $made = [];
        foreach (is_array($said) ? $said : [[]] as $one) {
            if ($this->random->getInt(0, 19) > 0) {
                $made[] = $this->of($of, is_array($one) ? $one : [], true);
            }
        }

        return $made;
    }
}
