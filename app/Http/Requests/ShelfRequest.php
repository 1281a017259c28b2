<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class ShelfRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['article' => ['required', 'string', 'max:120'], 'count' => ['required', 'integer', 'min:0', 'max:100000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'article.*' => 'Type what it is, such as 6204 2RS or Oil seal 35 x 62 x 7.',
            'count.*' => 'Say how many lie there, a whole number.',
        ];
    }
}
