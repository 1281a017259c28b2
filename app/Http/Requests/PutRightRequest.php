<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class PutRightRequest extends FormRequest
{
    /** @return array<string, list<string|KnownPattern>> */
    public function rules(): array
    {
        return ['wheel' => ['sometimes', 'string', 'filled', 'max:80'], 'pattern' => ['sometimes', 'string', new KnownPattern()]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['wheel.*' => 'Say which wheel, in at most 80 letters.', 'pattern.*' => 'Choose how the hub is built.'];
    }
}
