<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\SignIn\BenchCode;
use Illuminate\Foundation\Http\FormRequest;

/** A code of one's own at the bench, or none any more. */
final class BenchCodeRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'present' => ['required', 'string', 'max:200'],
            'code' => ['present', 'nullable', 'string', 'regex:'.BenchCode::PATTERN],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['present.*' => 'Type your present password.', 'code.*' => 'A code has four to six digits.'];
    }
}
