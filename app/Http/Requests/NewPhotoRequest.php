<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class NewPhotoRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', 'uuid'], 'photo' => ['required', 'file', 'max:10240']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Each photo carries an id of its own, a UUID.',
            'photo.required' => 'Attach a photo.',
            'photo.*' => 'That is larger than 10 MB, or did not arrive whole. Take the photo smaller.',
        ];
    }
}
