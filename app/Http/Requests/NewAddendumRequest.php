<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class NewAddendumRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', 'uuid'], 'text' => ['required', 'string', 'max:2000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Each addendum carries an id of its own, a UUID.',
            'text.required' => 'Write what is to be added.',
            'text.*' => 'That is more than 2000 characters. Shorten it.',
        ];
    }
}
