<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\SignIn\TokenRight;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

/** An access token: what it is for, what it may do, how long. */
final class TokenRequest extends FormRequest
{
    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'rights' => ['required', 'array', 'min:1'],
            'rights.*' => ['string', Rule::enum(TokenRight::class)],
            'days' => ['required', 'integer', 'between:1,730'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Say what it is for, in at most 80 letters.',
            'rights.*' => 'Say what it may do: read, readings or work.',
            'days.*' => 'It holds for 1 to 730 days.',
        ];
    }

    /** @return list<string> */
    public function rights(): array
    {
        /** @var list<string> */
        return array_values(array_unique((array) $this->validated('rights')));
    }
}
