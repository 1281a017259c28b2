<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A list as a CSV file; only when `keep` is true is it taken. */
final class ListRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['list' => ['required', 'file', 'max:1024'], 'keep' => ['sometimes', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['list.required' => 'Choose the list, a CSV file.', 'list.*' => 'That is larger than 1 MB, or did not arrive whole.'];
    }

    public function bytes(): string
    {
        $file = $this->file('list');

        return $file instanceof UploadedFile ? (string) $file->get() : '';
    }
}
