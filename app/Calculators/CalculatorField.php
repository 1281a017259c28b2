<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Shapes\FieldNames;
use BackedEnum;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Money;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Verdict\Message;
use ReflectionClass;
use ReflectionParameter;

/** One input of a calculator, described for whoever fills it in. */
final readonly class CalculatorField
{
    /**
     * @param  string  $kind length, reading, temperature, force, pressure, torque, angle, clock, text, count, money,
     *   yes_no, choice, choices, numbers or list
     * @param  list<string>  $options values of a choice
     * @param  list<Message|string>  $labels and what they are called
     * @param  list<CalculatorField>  $of fields of each item of a list
     * @param  Message|string|null  $usual what a choice is taken to be when nothing is said; null where nothing is taken
     */
    private function __construct(
        public string $name,
        public Message|string $label,
        public string $kind,
        public bool $required,
        public array $options,
        public array $labels,
        public ?string $instrument,
        public array $of,
        public Message|string|null $usual,
    ) {
    }

    public static function describe(ReflectionParameter $parameter): self
    {
        $type = InputReader::typeOf($parameter);
        $field = InputReader::field($parameter);
        $enum = is_a($type, BackedEnum::class, true)
            ? $type
            : ($field->of !== null && is_a($field->of, BackedEnum::class, true)
                ? $field->of
                : null);
        $kind = match (true) {
            $type === Length::class => 'length',
            $type === Reading::class => 'reading',
            $type === Temperature::class => 'temperature',
            $type === Force::class => 'force',
            $type === Pressure::class => 'pressure',
            $type === Torque::class => 'torque',
            $type === Angle::class => 'angle',
            $type === Clock::class => 'clock',
            $type === Money::class => 'money',
            $type === 'bool' => 'yes_no',
            $type === 'int' => 'count',
            $type === 'array' && $field->of === 'float' => 'numbers',
            $type === 'array' => $enum === null ? 'list' : 'choices',
            $enum !== null => 'choice',
            default => 'text',
        };

        return new self(
            FieldNames::ofInput($parameter->getName(), $type),
            $field->label,
            $kind,
            ! $parameter->isDefaultValueAvailable(),
            $enum === null ? [] : array_column(Option::each($enum), 'value'),
            $enum === null ? [] : array_column(Option::each($enum), 'label'),
            $type === Reading::class ? $field->by->value : null,
            $kind === 'list' && $field->of !== null && class_exists($field->of) ? self::all($field->of) : [],
            self::usual($parameter, $enum),
        );
    }

    /** @param  ?class-string<BackedEnum>  $enum */
    private static function usual(ReflectionParameter $parameter, ?string $enum): Message|string|null
    {
        $usual = $parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : null;
        if (is_bool($usual)) {
            return $usual ? 'yes' : 'no';
        }
        if (! $usual instanceof BackedEnum || $enum === null) {
            return null;
        }

        return array_column(Option::each($enum), 'label', 'value')[$usual->value] ?? null;
    }

    /**
     * @param  class-string  $class of an input
     * @return list<self>
     */
    public static function all(string $class): array
    {
        return array_map(self::describe(...), (new ReflectionClass($class))->getConstructor()?->getParameters() ?? []);
    }
}
