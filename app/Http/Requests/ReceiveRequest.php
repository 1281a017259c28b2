<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class ReceiveRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'lines' => ['required', 'array', 'max:100'],
            'lines.*.id' => ['required', 'integer'],
            'lines.*.received' => ['required', 'integer', 'min:0', 'max:100000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'lines.required' => 'Say which lines came.',
            'lines.*.received.*' => 'Say how many are here now, a whole number.',
            'lines.*' => 'Say which line, and how many are here now.',
        ];
    }

    /** @return list<array{id: int, received: int}> */
    public function lines(): array
    {
        /** @var list<array{id: int|string, received: int|string}> $lines */
        $lines = array_values((array) $this->validated('lines'));

        return array_map(static fn (array $l): array => ['id' => (int) $l['id'], 'received' => (int) $l['received']], $lines);
    }
}
