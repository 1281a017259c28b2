<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bench\Today;
use Illuminate\Foundation\Http\FormRequest;

/** When the day begins, and the jobs in it. */
final class BenchDayRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'from' => ['sometimes', 'integer', 'between:0,1439'],
            'jobs' => ['present', 'array', 'max:'.Today::MOST],
            'jobs.*' => ['integer', 'distinct'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'from.*' => 'Say from when, in minutes after midnight.',
            'jobs.max' => sprintf('A bench day has at most %d jobs.', Today::MOST),
            'jobs.*' => 'Give the jobs of the day in their order, each once.',
        ];
    }

    /** Minutes after midnight. */
    public function from(): int
    {
        return $this->integer('from', Today::OPENS);
    }

    /** @return list<int> */
    public function jobs(): array
    {
        return array_values(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, (array) $this->input('jobs', [])));
    }
}
