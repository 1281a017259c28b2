<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Shapes\FieldNames;
use BackedEnum;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Money;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Verdict\Field;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/** Builds a calculator's typed input from JSON. What does not fit is said in a sentence with the field's name, all faults at once. */
final class InputReader
{
    private const SMALLEST_MM = 0.0005;

    /** @var list<array{field: string, detail: string, missing?: bool}> */
    private array $faults = [];

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  array<mixed>  $given
     * @return T
     *
     * @throws InputFaults
     */
    public function read(string $class, array $given): object
    {
        $this->faults = [];
        $made = $this->object($class, $given, '');
        if ($made === null) {
            throw new InputFaults($this->faults);
        }

        return $made;
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  array<mixed>  $given
     * @return ?T
     */
    private function object(string $class, array $given, string $path): ?object
    {
        $before = count($this->faults);
        $arguments = [];
        $known = [];
        foreach ((new ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $type = self::typeOf($parameter);
            $name = FieldNames::ofInput($parameter->getName(), $type);
            $known[] = $name;
            if (! array_key_exists($name, $given) || $given[$name] === null || $given[$name] === '') {
                if (! $parameter->isDefaultValueAvailable()) {
                    $this->fault($path.$name, 'Missing: '.lcfirst(self::field($parameter)->label).'.', missing: true);
                }

                continue;
            }
            try {
                $arguments[$parameter->getName()] = $this->value($parameter, $type, $given[$name], $path.$name);
            } catch (InvalidInput $invalid) {
                $this->fault($path.$name, $invalid->getMessage());
            }
        }
        foreach (array_diff(array_map(strval(...), array_keys($given)), $known) as $stranger) {
            $this->fault($path.$stranger, 'There is no such field here. There are: '.implode(', ', $known).'.');
        }
        if (count($this->faults) > $before) {
            return null;
        }
        try {
            return new $class(...$arguments);
        } catch (InvalidInput $invalid) {
            $this->fault($path.($invalid->field ?? ($known[0] ?? '')), $invalid->getMessage());

            return null;
        }
    }

    private function value(ReflectionParameter $parameter, string $type, mixed $given, string $path): mixed
    {
        $field = self::field($parameter);

        return match (true) {
            $type === Length::class => $this->within($field, self::length($given), true),
            $type === Reading::class => $this->reading($field, $given),
            $type === Temperature::class => $this->within($field, Temperature::celsius(self::number($given)), false),
            $type === Force::class => $this->within($field, Force::newtons(self::number($given)), false),
            $type === Torque::class => $this->within($field, Torque::newtonMetres(self::number($given)), false),
            $type === Pressure::class => $this->within($field, Pressure::megapascals(self::number($given)), false),
            $type === Angle::class => $this->within($field, Angle::degrees(self::number($given)), false),
            $type === Clock::class => Clock::read(
                is_scalar($given) ? (string) $given : throw new InvalidInput('Say an hour of the clock, such as 12 or 1:30.'),
            ),
            $type === 'bool' => is_bool($given) ? $given : throw new InvalidInput('Say true or false.'),
            $type === Money::class => is_string($given) || is_int($given)
                ? Money::read((string) $given)
                : throw new InvalidInput('Write an amount as text, such as "12.50".'),
            $type === 'int' => self::whole($field, $given),
            $type === 'string' => is_string($given) || is_int($given) || is_float($given)
                ? trim((string) $given)
                : throw new InvalidInput('Give it as text.'),
            $type === 'array' && $field->of === 'float' => self::numbers($field, $given),
            $type === 'array' => $this->list($field, $given, $path),
            is_a($type, BackedEnum::class, true) => self::oneOf($type, $given),
            default => throw new InvalidInput('This field cannot be read.'),
        };
    }

    private function reading(Field $field, mixed $given): Reading
    {
        if (! is_array($given)) {
            return Reading::of($this->within($field, self::length($given), true), $field->by);
        }
        if (array_diff(array_keys($given), ['value', 'plus_minus_mm', 'instrument']) !== [] || ! array_key_exists('value', $given)) {
            throw new InvalidInput('Give a number, a text such as "1 1/16 in", or {value, instrument} or {value, plus_minus_mm}.');
        }
        $value = $this->within($field, self::length($given['value']), true);
        $by = isset($given['plus_minus_mm'])
            ? self::length($given['plus_minus_mm'])
            : self::oneOf(Instrument::class, $given['instrument'] ?? $field->by->value);

        return Reading::of($value, $by);
    }

    /** @return list<float> */
    private static function numbers(Field $field, mixed $given): array
    {
        $most = (int) ($field->most ?? 100);
        if (! is_array($given) || ! array_is_list($given) || count($given) > $most) {
            throw new InvalidInput("Give a list of at most $most numbers.");
        }
        foreach ($given as $number) {
            if (! is_int($number) && ! is_float($number)) {
                throw new InvalidInput('Give a list of numbers.');
            }
        }

        return array_map(floatval(...), $given);
    }

    /** @return list<mixed> */
    private function list(Field $field, mixed $given, string $path): array
    {
        if (! is_array($given) || ! array_is_list($given) || $field->of === null || $field->of === 'float' || count($given) > 100) {
            throw new InvalidInput('Give a list of at most 100.');
        }
        $out = [];
        foreach ($given as $i => $item) {
            if (is_a($field->of, BackedEnum::class, true)) {
                $out[] = self::oneOf($field->of, $item);
            } else {
                $made = $this->object($field->of, is_array($item) ? $item : [], "$path.$i.");
                $out = $made === null ? $out : [...$out, $made];
            }
        }

        return $out;
    }

    /**
     * @template T of Quantity
     *
     * @param  T  $quantity
     * @return T
     */
    private function within(Field $field, Quantity $quantity, bool $size): Quantity
    {
        $amount = $quantity->amount();
        // A size smaller than any gauge shows is none.
        if ($size && $field->least === null && $amount < self::SMALLEST_MM) {
            throw InvalidInput::notPositive();
        }
        if (($field->least !== null && $amount < $field->least) || ($field->most !== null && $amount > $field->most)) {
            $symbol = $quantity->unit()->symbol();
            throw new InvalidInput(
                match (true) {
                    $field->most === null => "It must be $field->least $symbol or more.",
                    $field->least === null => "It must be $field->most $symbol or less.",
                    default => "It must lie between $field->least and $field->most $symbol.",
                },
            );
        }

        return $quantity;
    }

    private static function length(mixed $given): Length
    {
        return match (true) {
            is_int($given), is_float($given) => Length::mm($given),
            is_string($given) => (new LengthText())->read($given),
            default => throw new InvalidInput('Give a length in mm, or a text such as "1 1/16 in".'),
        };
    }

    private static function number(mixed $given): float
    {
        return is_numeric($given) ? (float) $given : throw new InvalidInput('Give a number.');
    }

    private static function whole(Field $field, mixed $given): int
    {
        $number = filter_var($given, FILTER_VALIDATE_INT);
        if ($number === false || is_bool($given) || $number < ($field->least ?? $number) || $number > ($field->most ?? $number)) {
            throw new InvalidInput(
                $field->least === null || $field->most === null
                    ? 'Give a whole number.'
                    : "Give a whole number from $field->least to $field->most.",
            );
        }

        return $number;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    private static function oneOf(string $enum, mixed $given): BackedEnum
    {
        $values = array_column($enum::cases(), 'value');

        return (is_string($given) ? $enum::tryFrom($given) : null) ?? throw new InvalidInput('Say one of: '.implode(', ', $values).'.');
    }

    private function fault(string $field, string $detail, bool $missing = false): void
    {
        $this->faults[] = ['field' => $field, 'detail' => $detail] + ($missing ? ['missing' => true] : []);
    }

    public static function typeOf(ReflectionParameter $parameter): string
    {
        $type = $parameter->getType();

        return $type instanceof ReflectionNamedType ? $type->getName() : 'mixed';
    }

    public static function field(ReflectionParameter $parameter): Field
    {
        return ($parameter->getAttributes(Field::class)[0] ?? null)?->newInstance() ?? new Field($parameter->getName());
    }
}
