<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;

/** Who takes over, and their code. */
final class HandsRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['person' => ['required', 'integer', 'min:1', 'max:2147483647'], 'code' => ['required', 'string', 'max:6']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['person.*' => 'Choose who takes over.', 'code.*' => 'Type your code, four to six digits.'];
    }
}
