<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;

final class PreferencesRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['units' => ['sometimes', 'string', 'in:mm,in'], 'theme' => ['sometimes', 'string', 'in:light,dark']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['units.*' => 'Units are mm or in.', 'theme.*' => 'The theme is light or dark.'];
    }
}
