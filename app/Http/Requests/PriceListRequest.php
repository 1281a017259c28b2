<?php

declare(strict_types=1);

namespace App\Http\Requests;

use CleanRace\Core\Sourcing\PriceColumn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A price list as a file; `columns` says which column holds what, from 0; only when `keep` is true is it taken. */
final class PriceListRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $rules = ['list' => ['required', 'file', 'max:5120'], 'keep' => ['sometimes', 'boolean'], 'id' => ['sometimes', 'string', 'uuid']];
        foreach (PriceColumn::cases() as $column) {
            $rules['column_'.$column->value] = ['sometimes', 'nullable', 'integer', 'min:0', 'max:200'];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'list.required' => 'Choose the price list, a CSV file.',
            'list.*' => 'That is larger than 5 MB, or did not arrive whole.',
            'id.*' => 'An errand has an id of its own, a UUID.',
            '*.integer' => 'A column is told by its place.',
        ];
    }

    public function bytes(): string
    {
        $file = $this->file('list');

        return $file instanceof UploadedFile ? (string) $file->get() : '';
    }

    /** @return array<string, int> */
    public function columns(): array
    {
        $columns = [];
        foreach (PriceColumn::cases() as $column) {
            if ($this->filled('column_'.$column->value)) {
                $columns[$column->value] = $this->integer('column_'.$column->value);
            }
        }

        return $columns;
    }
}
