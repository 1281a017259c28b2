<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

/** Another password in the place of the present one. */
final class PasswordRequest extends FormRequest
{
    /** @return array<string, list<string|Password>> */
    public function rules(): array
    {
        return ['present' => ['required', 'string', 'max:200'], 'password' => ['required', 'string', NewPassword::rule()]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'present.*' => 'Type your present password.',
            'password.min' => 'Choose a password of at least '.NewPassword::LEAST.' signs.',
            'password.required' => 'Choose another password.',
        ];
    }
}
