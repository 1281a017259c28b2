<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Models\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

/** Another name or role of somebody who works here; the address they sign in with stays. */
final class PersonRequest extends FormRequest
{
    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'name' => ['sometimes', 'required', 'string', 'max:80'],
            'role' => ['sometimes', 'required', 'string', Rule::enum(Role::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => 'Type the name, in at most 80 letters.', 'role.*' => 'Choose what they do here.'];
    }
}
