<?php

declare(strict_types=1);

namespace App\Shapes;

use BackedEnum;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Money;
use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;
use DateTimeInterface;

use function is_array;
use function is_bool;
use function is_float;
use function is_int;
use function is_object;
use function is_string;

use ReflectionClass;
use ReflectionNamedType;
use ReflectionProperty;
use ReflectionUnionType;
use stdClass;

/** Writes typed objects as JSON: the names of {@see FieldNames}, quantities as numbers in their unit, words with their values. */
final class Json
{
    public const FLAGS = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    private const DECIMALS = 6;

    /**
     * @var array<class-string, list<array{string, string, bool}>> property, outside name and whether it may be words
     *   as they stand, by class
     */
    private static array $names = [];

    public static function of(mixed $value): mixed
    {
        // What most values are is asked first.
        return match (true) {
            is_string($value), is_int($value), $value === null, is_bool($value) => $value,
            is_float($value) => round($value, self::DECIMALS),
            is_array($value) => array_map(self::of(...), $value),
            $value instanceof BackedEnum => $value->value,
            $value instanceof Quantity => round($value->amount(), self::DECIMALS),
            $value instanceof Clock => $value->text(),
            $value instanceof Money => $value->minor,
            $value instanceof Reading => round($value->value->mm, self::DECIMALS),
            $value instanceof Message => self::message($value),
            $value instanceof Written => $value->text,
            $value instanceof Figure => self::figure($value),
            $value instanceof DateTimeInterface => $value->format('Y-m-d\TH:i:s.vP'),
            $value instanceof stdClass, $value instanceof Ready => $value,
            is_object($value) => self::object($value),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private static function object(object $object): array
    {
        $out = [];
        foreach (self::$names[$object::class] ??= self::names($object::class) as [$property, $name, $asItStands]) {
            $value = $object->{$property};
            $out[$name] = match (true) {
                is_string($value), is_int($value) => $value,
                $asItStands && $value instanceof Message && $value->isPlain() => $value->text,
                default => self::of($value),
            };
        }

        return $out;
    }

    /**
     * @param  class-string  $class
     * @return list<array{string, string, bool}>
     */
    private static function names(string $class): array
    {
        return array_map(static function (ReflectionProperty $p): array {
            $type = $p->getType();

            return [
                $p->getName(),
                FieldNames::of($p->getName(), $type instanceof ReflectionNamedType ? $type->getName() : null),
                $type instanceof ReflectionUnionType,
            ];
        }, (new ReflectionClass($class))->getProperties(ReflectionProperty::IS_PUBLIC));
    }

    /** @return array<string, mixed> */
    private static function message(Message $message): array
    {
        return [
            'key' => $message->key,
            'text' => $message->text,
            'values' => (object) array_map(
                static fn (Quantity|Message|Written|int $v): mixed => match (true) {
                    $v instanceof Quantity => self::quantity($v, null),
                    $v instanceof Message => self::message($v),
                    $v instanceof Written => $v->text,
                    default => $v,
                },
                $message->values,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function figure(Figure $figure): array
    {
        return [
            'name' => $figure->name,
            'label' => self::message($figure->label),
            'quantity' => self::quantity($figure->value, $figure->digits),
            'plus_minus' => $figure->plusMinus === null ? null : round($figure->plusMinus, self::DECIMALS),
        ];
    }

    /** @return array{value: float, unit: string, digits: int} */
    private static function quantity(Quantity $quantity, ?int $digits): array
    {
        return [
            'value' => round($quantity->amount(), self::DECIMALS),
            'unit' => $quantity->unit()->value,
            'digits' => $digits ?? Message::digitsOf($quantity),
        ];
    }
}
