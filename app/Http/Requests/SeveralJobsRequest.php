<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Machine;
use Illuminate\Foundation\Http\FormRequest;

final class SeveralJobsRequest extends FormRequest
{
    /** More wheels than any machine here has. */
    private const MOST_WHEELS = 12;

    /** @return array<string, list<string|KnownPattern>> */
    public function rules(): array
    {
        return [
            'machine_id' => ['required', 'integer', 'min:1', 'max:2147483647'],
            'complaint' => ['required', 'string', 'max:2000'],
            'wheels' => ['required', 'array', 'list', 'min:1', 'max:'.self::MOST_WHEELS],
            'wheels.*.wheel' => ['required', 'string', 'max:80', 'distinct:ignore_case'],
            'wheels.*.pattern' => ['required', 'string', new KnownPattern()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'machine_id.*' => 'Choose the machine.',
            'complaint.*' => 'Write what the customer says, in at most 2000 letters.',
            'wheels.*.wheel.distinct' => 'The same wheel is named twice.',
            'wheels.*.wheel.*' => 'Say which wheel, in at most 80 letters.',
            'wheels.*.pattern.*' => 'Choose how the hub is built.',
            'wheels.*' => 'Name at least one wheel, and at most '.self::MOST_WHEELS.'.',
        ];
    }

    /** A machine of another shop is not there: that is said like any other missing one. */
    public function machine(): Machine
    {
        return Machine::query()->findOrFail($this->integer('machine_id'));
    }

    /** @return list<array{wheel: string, pattern: string}> */
    public function wheels(): array
    {
        /** @var list<array{wheel: string, pattern: string}> */
        return $this->validated('wheels');
    }
}
