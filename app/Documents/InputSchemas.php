<?php

declare(strict_types=1);

namespace App\Documents;

use App\Calculators\CalculatorField;
use CleanRace\Core\Measure\Instrument;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;

/** JSON schemas of what is sent: from a calculator's typed input, or from a form request's rules. */
final class InputSchemas
{
    /**
     * @param  list<CalculatorField>  $fields
     * @return array<string, mixed>
     */
    public static function ofCalculator(array $fields): array
    {
        $properties = [];
        foreach ($fields as $field) {
            $properties[$field->name] = self::field($field) + ['description' => $field->label];
        }

        return [
            'type' => 'object',
            'properties' => $properties,
            'required' => array_column(array_filter($fields, static fn (CalculatorField $f): bool => $f->required), 'name'),
            'additionalProperties' => false,
        ];
    }

    /** @return array<string, mixed> */
    private static function field(CalculatorField $field): array
    {
        $length = ['type' => ['number', 'string'], 'examples' => [25.4, '1 1/16 in']];

        return match ($field->kind) {
            'length' => $length,
            'reading' => [
                'anyOf' => [
                    $length,
                    [
                        'type' => 'object',
                        'properties' => [
                            'value' => $length,
                            'plus_minus_mm' => ['type' => 'number'],
                            'instrument' => ['type' => 'string', 'enum' => array_column(Instrument::cases(), 'value')],
                        ],
                        'required' => ['value'],
                    ],
                ],
            ],
            'temperature', 'force', 'pressure', 'torque', 'angle' => ['type' => 'number'],
            'clock' => ['type' => ['string', 'number'], 'examples' => ['12', '1:30']],
            'yes_no' => ['type' => 'boolean'],
            'count' => ['type' => ['integer', 'string'], 'examples' => [30, '30']],
            'money' => ['type' => ['string', 'integer'], 'examples' => ['12.50']],
            'choice' => ['type' => 'string', 'enum' => $field->options],
            'choices' => ['type' => 'array', 'items' => ['type' => 'string', 'enum' => $field->options]],
            'numbers' => ['type' => 'array', 'items' => ['type' => 'number']],
            'list' => ['type' => 'array', 'items' => self::ofCalculator($field->of)],
            default => ['type' => 'string'],
        };
    }

    /**
     * @param  class-string<FormRequest>  $request
     * @return array<string, mixed>
     */
    public static function ofRequest(string $request): array
    {
        /** @var array<string, list<string|ValidationRule|Enum|In>> $rules */
        $rules = method_exists($request, 'rules') ? (new $request())->rules() : [];
        $root = ['type' => 'object', 'properties' => [], 'required' => []];
        foreach ($rules as $name => $set) {
            $root = self::placed(
                $root,
                explode('.', $name),
                self::fromRules($set),
                array_intersect(['required', 'present'], array_filter($set, is_string(...))) !== [] && ! in_array('sometimes', $set, true),
            );
        }

        return $root;
    }

    /**
     * Puts the schema of one rule where its name says: `drafts.*.place` is a property of what the list holds.
     *
     * @param  array<string, mixed>  $into
     * @param  non-empty-list<string>  $path
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function placed(array $into, array $path, array $schema, bool $required): array
    {
        $name = array_shift($path);
        if ($name === '*') {
            $items = $into['items'] ?? [];

            return ['type' => 'array', 'items' => $path === [] ? $schema + $items : self::placed($items, $path, $schema, $required)] +
                $into;
        }
        $into = ['type' => 'object'] + $into;
        unset($into['additionalProperties'], $into['items']);
        $here = $into['properties'][$name] ?? [];
        $into['properties'][$name] = $path === [] ? $schema + $here : self::placed($here, $path, $schema, $required);
        $into['required'] = [...$into['required'] ?? [], ...$path === [] && $required ? [$name] : []];

        return $into;
    }

    /**
     * @param  list<string|ValidationRule|Enum|In>  $set
     * @return array<string, mixed>
     */
    private static function fromRules(array $set): array
    {
        $schema = [];
        foreach ($set as $rule) {
            $said = is_string($rule) || $rule instanceof In ? (string) $rule : '';
            [$word, $value] = [...explode(':', $said, 2), ''];
            $schema = match (true) {
                in_array($word, ['string', 'integer', 'boolean'], true) => ['type' => $word] + $schema,
                $word === 'uuid', $word === 'email' => ['format' => $word] + $schema,
                $word === 'date' => ['type' => 'string', 'format' => 'date-time'] + $schema,
                $word === 'file' => ['type' => 'string', 'format' => 'binary'] + $schema,
                $word === 'array' => ['type' => in_array('nullable', $set, true) ? 'object' : 'array'] + $schema,
                $word === 'in' => ['enum' => array_map(static fn (string $v): string => trim($v, '"'), explode(',', $value))] + $schema,
                default => $schema,
            };
        }
        if ($schema === []) {
            $schema = ['type' => ['number', 'string']];
        }
        if (($schema['type'] ?? null) === 'object') {
            $schema['additionalProperties'] = true;
        }

        return in_array('nullable', $set, true) && is_string($schema['type'] ?? null)
            ? ['type' => [$schema['type'], 'null']] + $schema
            : $schema;
    }
}
