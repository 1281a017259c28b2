<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bench\ShopFields;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Stripping\Habit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;

/** What changes of a shop: what is noted of it, and how it goes about things. */
final class ShopRequest extends FormRequest
{
    /** @return array<string, list<string|Enum|In>> */
    public function rules(): array
    {
        $fields = ShopFields::rules();
        $rules = $fields + ['habits' => ['required_without_all:'.implode(',', array_keys($fields)), 'array']];
        foreach (Habit::all([]) as $habit) {
            $rules["habits.{$habit->name}"] = [
                'sometimes',
                'string',
                Rule::in(array_map(static fn (Option $o): string => $o->value, $habit->options)),
            ];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ShopFields::messages() + [
            'habits.required_without_all' => 'Say what changes.',
            'habits.array' => 'Say which habit.',
            'habits.*' => 'That is not one of the ways here.',
        ];
    }

    /** @return array<string, string> those that are known */
    public function habits(): array
    {
        /** @var array<string, string> */
        return $this->validated('habits') ?? [];
    }

    /**
     * @return array<string, string|int|bool|null> what changes, by column
     *
     * @throws InvalidInput
     */
    public function columns(): array
    {
        /** @var array<string, mixed> $typed */
        $typed = $this->validated();

        return ShopFields::columns($typed);
    }
}
