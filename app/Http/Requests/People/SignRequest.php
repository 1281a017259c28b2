<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;

/** A signature; where several take over from one another, with the code of whoever signs. */
final class SignRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['code' => ['sometimes', 'nullable', 'string', 'max:6']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['code.*' => 'Type your code, four to six digits.'];
    }
}
