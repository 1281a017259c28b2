<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;

/** Another password in the place of the present one. */
final class PasswordRequest extends FormRequest
{
    /** @return array<string, list<string|ValidationRule>> */
    public function rules(): array
    {
        return ['present' => ['required', 'string', 'max:200'], 'password' => ['required', 'string', new NewPassword()]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['present.*' => 'Type your present password.', 'password.required' => 'Choose another password.'];
    }
}
