<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class TakeRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['pieces' => ['required', 'integer', 'min:1', 'max:1000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['pieces.*' => 'Say how many were taken, a whole number.'];
    }
}
