<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class NewRecordingRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', 'uuid'], 'recording' => ['required', 'file', 'max:24576']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Each recording carries an id of its own, a UUID.',
            'recording.required' => 'Attach a recording.',
            'recording.*' => 'That is larger than 24 MB, or did not arrive whole: twenty seconds are enough.',
        ];
    }
}
