<?php

declare(strict_types=1);

namespace App\Bench;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Money;
use CleanRace\Core\Measure\Typed\GaugeText;
use CleanRace\Core\Tooling\DrawBolt;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;

/** What is noted of a shop, as it is typed: when it begins, and whenever it changes. */
final readonly class ShopFields
{
    /** @return array<string, list<string|Enum|In>> rules by name, where the fields stand below that name */
    public static function rules(string $below = ''): array
    {
        $rules = [
            'name' => ['sometimes', 'required', 'string', 'max:80'],
            'place' => ['sometimes', 'nullable', 'string', 'max:120'],
            'time_zone' => ['sometimes', 'required', 'string', 'timezone:all'],
            'currency' => ['sometimes', 'required', 'string', 'max:4'],
            'hour' => ['sometimes', 'required', 'string', 'max:20'],
            'units' => ['sometimes', 'required', 'string', 'in:mm,in'],
            'paper' => ['sometimes', 'required', 'string', 'in:a4,letter'],
            'press' => ['sometimes', 'nullable', 'string', 'max:30'],
            'draw_bolt' => ['sometimes', 'required', 'string', Rule::in(array_column(DrawBolt::cases(), 'value'))],
            'lock_minutes' => ['sometimes', 'nullable', 'integer', 'between:1,240'],
            'alone' => ['sometimes', 'boolean'],
            'prices' => ['sometimes', 'boolean'],
        ];

        return array_combine(array_map(static fn (string $name): string => $below.$name, array_keys($rules)), $rules);
    }

    /** @return array<string, string> */
    public static function messages(string $below = ''): array
    {
        $said = [
            'name.*' => 'Give the shop a name, in at most 80 letters.',
            'place.*' => 'Say where it is in at most 120 letters.',
            'time_zone.*' => 'Choose the time zone.',
            'currency.*' => 'The sign that stands before an amount has one to four letters.',
            'hour.*' => 'Write what an hour costs like 54.00.',
            'units.*' => 'Units are mm or in.',
            'paper.*' => 'Paper is A4 or letter.',
            'press.*' => 'Write what the press can do like 12 t or 120 kN.',
            'draw_bolt.*' => 'Choose the thread of the draw bolt.',
            'lock_minutes.*' => 'A bench locks after 1 to 240 minutes, or never.',
            'alone.*' => 'Say whether one person works here, or several.',
            'prices.*' => 'Say whether prices are shown.',
        ];

        return array_combine(array_map(static fn (string $name): string => $below.$name, array_keys($said)), $said);
    }

    /**
     * The columns that these fields fill: only those that were sent.
     *
     * @param  array<string, mixed>  $typed that passed the rules
     * @return array<string, string|int|bool|null>
     *
     * @throws InvalidInput with the field's name
     */
    public static function columns(array $typed, string $below = ''): array
    {
        $columns = array_map(
            static fn (mixed $value): string => is_scalar($value) ? trim((string) $value) : '',
            array_intersect_key($typed, array_flip(['name', 'place', 'time_zone', 'currency', 'units', 'paper', 'draw_bolt'])),
        );
        foreach (['alone', 'prices'] as $yesOrNo) {
            if (isset($typed[$yesOrNo])) {
                $columns[$yesOrNo] = (bool) $typed[$yesOrNo];
            }
        }
        if (array_key_exists('lock_minutes', $typed)) {
            $columns['lock_minutes'] = is_numeric($typed['lock_minutes']) ? (int) $typed['lock_minutes'] : null;
        }
        try {
            $field = 'hour';
            if (is_string($typed['hour'] ?? null)) {
                $columns['hour_minor'] = Money::read($typed['hour'])->minor;
            }
            $field = 'press';
            if (array_key_exists('press', $typed)) {
                $columns['press_capacity_n'] = self::press(is_string($typed['press']) ? trim($typed['press']) : '');
            }
        } catch (InvalidInput $fault) {
            throw InvalidInput::about($below.$field, $fault->getMessage());
        }

        return $columns;
    }

    /** Whole newtons; null where there is no press. */
    private static function press(string $typed): ?int
    {
        if ($typed === '') {
            return null;
        }
        $shown = (new GaugeText())->read($typed);

        return $shown instanceof Force && $shown->newtons >= 1
            ? (int) round($shown->newtons)
            : throw new InvalidInput('What a press can do is a force: 12 t, 120 kN.');
    }
}
