<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class AlongRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['id' => ['sometimes', 'string', 'uuid']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['id.*' => 'An errand has an id of its own, a UUID.'];
    }
}
