<?php

declare(strict_types=1);

namespace App\Http\Requests;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Money;
use Illuminate\Foundation\Http\FormRequest;

final class NewSupplierRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'carriage' => ['sometimes', 'nullable', 'string', 'max:20'],
            'days' => ['sometimes', 'integer', 'min:0', 'max:365'],
            'restock_days' => ['sometimes', 'nullable', 'integer', 'min:0', 'max:365'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Type what the supplier is called, up to 80 characters.',
            'carriage.*' => 'Write the carriage like 6.00.',
            'days.*' => 'Days are a whole number from 0 to 365.',
            'restock_days.*' => 'Days are a whole number from 0 to 365.',
        ];
    }

    /** @throws InvalidInput when it is no amount */
    public function carriage(): Money
    {
        $typed = $this->string('carriage')->trim()->toString();
        try {
            return $typed === '' ? Money::minor(0) : Money::read($typed);
        } catch (InvalidInput $fault) {
            throw InvalidInput::about('carriage', $fault->getMessage());
        }
    }
}
