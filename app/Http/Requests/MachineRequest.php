<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a machine is called, what it is, whose it is. */
final class MachineRequest extends FormRequest
{
    /** @return array{name: string, model: string, owner: string} */
    public function machine(): array
    {
        return [
            'name' => $this->string('name')->toString(),
            'model' => $this->string('model')->toString(),
            'owner' => $this->string('owner')->toString(),
        ];
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'model' => ['sometimes', 'nullable', 'string', 'max:120'],
            'owner' => ['sometimes', 'nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Give the machine a name, in at most 120 letters.',
            'model.*' => 'Make and model take at most 120 letters.',
            'owner.*' => 'The owner takes at most 120 letters.',
        ];
    }
}
