<?php

declare(strict_types=1);

namespace App\Http\Requests;

use CleanRace\Core\Measure\LengthUnit;
use CleanRace\Core\Sizing\Finder\QuestionInput;
use Illuminate\Foundation\Http\FormRequest;

/** A question in words, or the input of a calculator that is named. */
final class AskRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'text' => ['sometimes', 'string', 'max:200'],
            'unit' => ['sometimes', 'string', 'in:mm,in'],
            'as' => ['sometimes', 'integer', 'min:0', 'max:20'],
            'calculator' => ['required_without:text', 'string', 'max:40'],
            'input' => ['sometimes', 'nullable', 'array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'text.*' => 'Type a number such as 6204 2RS, sizes such as 15x28x7, a ball such as 1/4, or a fit such as 47.02 in 46.98.',
            'unit.*' => 'Units are mm or in.',
            'as.*' => 'Say which reading by its place in the list.',
            'calculator.*' => 'Ask in words, or name a calculator.',
            'input.*' => 'The input is an object.',
        ];
    }

    public function question(): ?QuestionInput
    {
        return $this->has('text')
            ? new QuestionInput($this->string('text')->toString(), LengthUnit::from($this->string('unit', 'mm')->toString()))
            : null;
    }

    /** @return array<mixed> */
    public function given(): array
    {
        $input = $this->input('input');

        return is_array($input) ? $input : [];
    }
}
