<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class CloseJobRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['reason' => ['required', 'string', 'max:400']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.*' => 'Say why it is closed without a signature, in at most 400 letters.'];
    }
}
