<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;

/** The code that a device shows. */
final class TimeCodeRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:20']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['code.*' => 'Type the six digits that your device shows.'];
    }
}
