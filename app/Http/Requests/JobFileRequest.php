<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A job file to take in. */
final class JobFileRequest extends FormRequest
{
    private const MOST_KB = 40_960;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::MOST_KB], 'id' => ['sometimes', 'string', 'uuid']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => 'Choose a job file.',
            'file.*' => 'That is larger than 40 MB, or did not arrive whole.',
            'id.*' => 'An errand has an id of its own, a UUID.',
        ];
    }

    /** The file as it came; its id, where one was made for it. */
    public function bytes(): string
    {
        $upload = $this->file('file');

        return $upload instanceof UploadedFile ? (string) $upload->get() : '';
    }
}
