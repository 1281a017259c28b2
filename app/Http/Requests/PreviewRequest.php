<?php

declare(strict_types=1);

namespace App\Http\Requests;

use CleanRace\Core\Steps\Station;
use Illuminate\Foundation\Http\FormRequest;

final class PreviewRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'drafts' => ['required', 'array', 'max:20'],
            'drafts.*.place' => ['required', 'string', 'max:80'],
            'drafts.*.entry' => ['present', 'nullable', 'array'],
            'drafts.*.instrument' => ['sometimes', 'nullable', 'string', 'max:24'],
            'unit' => ['sometimes', 'string', 'in:mm,in'],
            'station' => ['sometimes', 'nullable', 'string', 'in:'.implode(',', array_column(Station::cases(), 'value'))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'drafts.*' => 'Give at least one draft: a place and an entry.',
            'unit.*' => 'Units are mm or in.',
            'station.*' => 'There is no such station.',
        ];
    }
}
