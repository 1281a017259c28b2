<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Machine;
use Illuminate\Foundation\Http\FormRequest;

final class NewJobRequest extends FormRequest
{
    /** @return array<string, list<string|KnownPattern>> */
    public function rules(): array
    {
        return [
            'machine_id' => ['required', 'integer', 'min:1', 'max:2147483647'],
            'wheel' => ['required', 'string', 'max:80'],
            'pattern' => ['required', 'string', new KnownPattern()],
            'complaint' => ['required', 'string', 'max:2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'machine_id.*' => 'Choose the machine.',
            'wheel.*' => 'Say which wheel, in at most 80 letters.',
            'pattern.*' => 'Choose how the hub is built.',
            'complaint.*' => 'Write what the customer says, in at most 2000 letters.',
        ];
    }

    /** A machine of another shop is not there: that is said like any other missing one. */
    public function machine(): Machine
    {
        return Machine::query()->findOrFail($this->integer('machine_id'));
    }
}
