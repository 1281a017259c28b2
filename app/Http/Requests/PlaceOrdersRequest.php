<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;

final class PlaceOrdersRequest extends FormRequest
{
    /** @return array<string, list<string|In>> */
    public function rules(): array
    {
        return ['way' => ['required', 'string', Rule::in(['cheapest', 'soonest'])]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['way.*' => 'Say cheapest or soonest.'];
    }
}
