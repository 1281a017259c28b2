<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;

/** Where a bench stands, as people say it. */
final class TabletRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:60']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => 'Say which bench it is, in at most 60 letters.'];
    }
}
