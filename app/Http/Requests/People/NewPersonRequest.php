<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Models\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

/** Somebody who is to work in the shop. */
final class NewPersonRequest extends FormRequest
{
    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:200'],
            'role' => ['required', 'string', Rule::enum(Role::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Type the name, in at most 80 letters.',
            'email.*' => 'Type the e-mail address they will sign in with.',
            'role.*' => 'Choose what they do here.',
        ];
    }

    /** @return array{name: string, email: string, role: Role} */
    public function person(): array
    {
        return [
            'name' => $this->string('name')->trim()->toString(),
            'email' => $this->string('email')->trim()->lower()->toString(),
            'role' => Role::from($this->string('role')->toString()),
        ];
    }
}
