<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Machine;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

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
            'wheels.*.wheel' => ['required', 'string', 'max:80'],
            'wheels.*.pattern' => ['required', 'string', new KnownPattern()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'machine_id.*' => 'Choose the machine.',
            'complaint.*' => 'Write what the customer says, in at most 2000 letters.',
            'wheels.*.wheel.*' => 'Say which wheel, in at most 80 letters.',
            'wheels.*.pattern.*' => 'Choose how the hub is built.',
            'wheels.*' => 'Name at least one wheel, and at most '.self::MOST_WHEELS.'.',
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [
            static function (Validator $asked): void {
                // Only once each is known to be a word.
                $seen = [];
                foreach ($asked->errors()->isEmpty() ? $asked->getData()['wheels'] : [] as $i => $one) {
                    $name = mb_strtolower($one['wheel']);
                    if (isset($seen[$name])) {
                        $asked->errors()->add("wheels.$i.wheel", 'The same wheel is named twice.');
                    }
                    $seen[$name] = true;
                }
            },
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
