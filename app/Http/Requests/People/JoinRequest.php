<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

/** A one-time code, and the password that its person chooses. */
final class JoinRequest extends FormRequest
{
    /** @return array<string, list<string|Password>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'email', 'max:200'],
            'code' => ['required', 'string', 'max:40'],
            'password' => ['required', 'string', NewPassword::rule()],
            'remember' => ['sometimes', 'boolean'],
            'time_code' => ['sometimes', 'nullable', 'string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email.*' => 'Type the e-mail address that the code is for.',
            'code.*' => 'Type the code that you were given.',
            'password.min' => 'Choose a password of at least '.NewPassword::LEAST.' signs.',
            'password.required' => 'Choose a password.',
            'time_code.*' => 'Type the six digits that your device shows.',
            'remember.*' => 'Say whether to stay signed in, or not.',
        ];
    }
}
