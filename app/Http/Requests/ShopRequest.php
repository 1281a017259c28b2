<?php

declare(strict_types=1);

namespace App\Http\Requests;

use CleanRace\Core\Steps\Option;
use CleanRace\Core\Stripping\Habit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;

final class ShopRequest extends FormRequest
{
    /** @return array<string, list<string|In>> */
    public function rules(): array
    {
        $rules = ['habits' => ['required', 'array']];
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
        return [
            'habits.required' => 'Say which habit.',
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
}
