<?php

declare(strict_types=1);

namespace App\Http\Requests;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\LengthText;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Tooling\ToolKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

final class NewToolRequest extends FormRequest
{
    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'kind' => ['required', 'string', Rule::enum(ToolKind::class)],
            'outside_mm' => ['sometimes', 'nullable'],
            'opening_mm' => ['sometimes', 'nullable'],
            'length_mm' => ['sometimes', 'nullable'],
            'across_mm' => ['sometimes', 'nullable'],
            'unit' => ['sometimes', 'string', 'in:mm,in'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => 'Give the tool a name, in at most 60 letters.', 'kind.*' => 'Choose what kind of tool it is.', 'outside_mm.*' => 'Type the outside of its face.', 'length_mm.*' => 'Type its length.', 'unit.*' => 'Units are mm or in.'];
    }

    /**
     * A size of the tool, as typed.
     *
     * @throws Nonsense with the field's name
     */
    public function size(string $field): ?Length
    {
        $typed = $this->input($field);
        if ($typed === null || $typed === '') {
            return null;
        }
        try {
            $length = is_int($typed) || is_float($typed) ? Length::mm($typed) : (new LengthText($this->string('unit', 'mm')->toString()))->read(is_string($typed) ? $typed : '');

            return $length->mm > 0 ? $length : throw Nonsense::notPositive();
        } catch (Nonsense $nonsense) {
            throw Nonsense::about($field, $nonsense->getMessage());
        }
    }
}
