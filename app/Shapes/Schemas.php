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
use LogicException;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionProperty;
use ReflectionType;
use ReflectionUnionType;
use stdClass;

/** JSON schemas of what {@see Json} writes, made from the types of the classes. Each class becomes one named schema. */
final class Schemas
{
    /** @var array<string, array<string, mixed>> by name */
    private array $named = [];

    /** @var array<string, class-string> whose schema stands under a name */
    private array $classes = [];

    /** @return array<string, array<string, mixed>> */
    public function named(): array
    {
        ksort($this->named);

        return $this->named;
    }

    /**
     * A reference to the schema of a class.
     *
     * @param  class-string  $class
     * @return array<string, mixed>
     *
     * @throws LogicException when another class has that name: they would be taken for one
     */
    public function of(string $class): array
    {
        $name = (new ReflectionClass($class))->getShortName();
        if (($this->classes[$name] ??= $class) !== $class) {
            throw new LogicException("$class and {$this->classes[$name]} would both be called $name outside: give one another name.");
        }
        if (! isset($this->named[$name])) {
            $this->named[$name] = [];
            $this->named[$name] = match (true) {
                $class === Message::class => self::object([
                    'key' => ['type' => 'string'],
                    'text' => ['type' => 'string'],
                    'values' => [
                        'type' => 'object',
                        'additionalProperties' => [
                            'anyOf' => [
                                ['type' => 'string'],
                                ['type' => 'number'],
                                $this->quantity(),
                                ['$ref' => '#/components/schemas/Message'],
                            ],
                        ],
                    ],
                ]),
                $class === Figure::class => self::object([
                    'name' => ['type' => 'string'],
                    'label' => $this->of(Message::class),
                    'quantity' => $this->quantity(),
                    'plus_minus' => ['type' => ['number', 'null']],
                ]),
                is_a($class, HasSchema::class, true) => $class::schema($this),
                is_a($class, BackedEnum::class, true) => ['type' => 'string', 'enum' => array_column($class::cases(), 'value')],
                default => $this->properties($class),
            };
        }

        return ['$ref' => "#/components/schemas/$name"];
    }

    /**
     * @param  class-string  $class
     * @return array<string, mixed>
     */
    private function properties(string $class): array
    {
        $reflection = new ReflectionClass($class);
        $lists = $this->lists($reflection);
        $properties = [];
        foreach ($reflection->getProperties(ReflectionProperty::IS_PUBLIC) as $property) {
            $type = $property->getType();
            if ($type instanceof ReflectionUnionType) {
                $properties[FieldNames::of($property->getName(), null)] = $this->wordsOf($type, "{$class}::{$property->getName()}");

                continue;
            }
            if (! ($type instanceof ReflectionNamedType)) {
                throw new LogicException("{$class}::{$property->getName()} has no type.");
            }
            $ready = ($property->getAttributes(ShapeOf::class)[0] ?? null)?->newInstance();
            $schema =
                $ready !== null
                    ? ($ready->many
                        ? ['type' => 'array', 'items' => $this->of($ready->class)]
                        : $this->of($ready->class))
                    : ($type->getName() === 'array'
                        ? $lists[$property->getName()] ??
                            throw new LogicException("{$class}::{$property->getName()} says not what it lists.")
                        : $this->type($type->getName()));
            $properties[FieldNames::of($property->getName(), $type->getName())] = $type->allowsNull()
                ? self::nullable($schema)
                : $schema;
        }

        return self::object($properties);
    }

    /**
     * Words of the program: whole as they stand, or with values in them.
     *
     * @return array<string, mixed>
     */
    private function words(): array
    {
        $this->named['Words'] ??= ['anyOf' => [['type' => 'string'], $this->of(Message::class)]];

        return ['$ref' => '#/components/schemas/Words'];
    }

    /** @return array<string, mixed> */
    private function wordsOf(ReflectionUnionType $type, string $where): array
    {
        $names = array_map(
            static fn (ReflectionType $t): string => $t instanceof ReflectionNamedType ? $t->getName() : '',
            $type->getTypes(),
        );
        if (array_diff($names, [Message::class, Written::class, 'string', 'null']) !== []) {
            throw new LogicException("$where has no single type.");
        }

        return $type->allowsNull() ? self::nullable($this->words()) : $this->words();
    }

    /** @return array<string, mixed> */
    public function type(string $type): array
    {
        return match (true) {
            $type === 'string', $type === Clock::class => ['type' => 'string'],
            $type === 'Message|string' => $this->words(),
            $type === 'int', $type === Money::class => ['type' => 'integer'],
            $type === 'float' => ['type' => 'number'],
            $type === 'bool' => ['type' => 'boolean'],
            $type === Reading::class, is_a($type, Quantity::class, true) => ['type' => 'number'],
            $type === stdClass::class => ['type' => 'object', 'additionalProperties' => true],
            is_a($type, DateTimeInterface::class, true) => ['type' => 'string', 'format' => 'date-time'],
            class_exists($type) || enum_exists($type) => $this->of($type),
            default => throw new LogicException("No schema for $type."),
        };
    }

    /**
     * What each array property lists, from the docblock of the constructor or the property.
     *
     * @param  ReflectionClass<object>  $class
     * @return array<string, array<string, mixed>>
     */
    private function lists(ReflectionClass $class): array
    {
        $docs = (string) $class->getConstructor()?->getDocComment();
        $out = [];
        preg_match_all('/@param\s+list<([\w\\\\|]+)>\s+\$(\w+)/', $docs, $found, PREG_SET_ORDER);
        foreach ($found as [, $type, $name]) {
            $out[$name] = ['type' => 'array', 'items' => $this->type($this->resolve($class, $type))];
        }
        preg_match_all('/@param\s+list<(array\{[^}]*\})>\s+\$(\w+)/', $docs, $found, PREG_SET_ORDER);
        foreach ($found as [, $shape, $name]) {
            preg_match_all('/(\w+): ([\w|]+)/', $shape, $keys, PREG_SET_ORDER);
            $out[$name] = [
                'type' => 'array',
                'items' => self::object(
                    array_combine(array_column($keys, 1), array_map(fn (array $k): array => $this->type($k[2]), $keys)),
                ),
            ];
        }

        return $out;
    }

    /** @param  ReflectionClass<object>  $class */
    private function resolve(ReflectionClass $class, string $type): string
    {
        if (in_array($type, ['string', 'int', 'float', 'bool', 'Message|string'], true)) {
            return $type;
        }
        $source = (string) file_get_contents((string) $class->getFileName());

        return preg_match('/^use ([\w\\\\]+\\\\'.preg_quote($type, '/').');$/m', $source, $use) === 1
            ? $use[1]
            : $class->getNamespaceName().'\\'.$type;
    }

    /** @return array<string, mixed> */
    private function quantity(): array
    {
        $this->named['Quantity'] ??= self::object([
            'value' => ['type' => 'number'],
            'unit' => ['type' => 'string', 'enum' => ['mm', 'deg', 'n', 'nm', 'c', 'k', 'mpa', 'share', 'g', 'cm3', 's', 'count']],
            'digits' => ['type' => 'integer'],
        ]);

        return ['$ref' => '#/components/schemas/Quantity'];
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function nullable(array $schema): array
    {
        return isset($schema['$ref']) || is_array($schema['type'] ?? null)
            ? ['anyOf' => [$schema, ['type' => 'null']]]
            : ['type' => [$schema['type'], 'null']] + $schema;
    }

    /**
     * @param  array<string, array<string, mixed>>  $properties
     * @return array<string, mixed>
     */
    public static function object(array $properties): array
    {
        return [
            'type' => 'object',
            'properties' => $properties === [] ? new stdClass() : $properties,
            'required' => array_keys($properties),
        ];
    }
}
