<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;

final class NewRecordRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'uuid'],
            'place' => ['required', 'string', 'max:80'],
            'entry' => ['present', 'nullable', 'array'],
            'unit' => ['sometimes', 'string', 'in:mm,in'],
            'instrument' => ['sometimes', 'nullable', 'string', 'max:24'],
            'made_at' => ['sometimes', 'date'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Each record carries an id of its own, a UUID.', 'place.*' => 'Say which place of the job the record is for.',
            'entry.*' => 'The entry is an object, or null to withdraw what stands there.', 'unit.*' => 'Units are mm or in.',
            'instrument.*' => 'That is not an instrument.', 'made_at.*' => 'When it was made must be a date and time.',
        ];
    }

    /** When it was made, by the clock of whoever made it; never in the future. */
    public function madeAt(): Carbon
    {
        return $this->filled('made_at') ? Carbon::parse($this->string('made_at')->toString())->utc()->min(Carbon::now()) : Carbon::now();
    }

    /** @return ?array<string, mixed> */
    public function entry(): ?array
    {
        $entry = $this->input('entry');

        return is_array($entry) ? $entry : null;
    }
}
