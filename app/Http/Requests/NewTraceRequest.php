<?php

declare(strict_types=1);

namespace App\Http\Requests;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Seating\Press\PressSample;
use CleanRace\Core\Seating\Press\PressTraceInput;
use CleanRace\Core\Seating\Press\TraceCsv;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A trace to keep: samples as the gauge sent them, or a CSV file. */
final class NewTraceRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', 'uuid'],
            'seat' => ['required', 'string', 'max:60'],
            'samples' => ['required_without:file', 'array', 'min:2', 'max:'.PressTraceInput::MOST_SAMPLES],
            'samples.*' => ['array', 'size:2'],
            'samples.*.*' => ['numeric', 'between:-1000000,1000000'],
            'file' => ['sometimes', 'file', 'max:1024'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.*' => 'Each trace carries an id of its own, a UUID.',
            'seat.*' => 'Say which ring was pressed.',
            'samples.max' => sprintf('A trace here has at most %d samples.', PressTraceInput::MOST_SAMPLES),
            'samples.*' => 'A trace is a list of pairs: travel in mm, force in N.',
            'file.*' => 'That is larger than 1 MB, or did not arrive whole.',
        ];
    }

    /**
     * @return list<array{float, float}> travel in mm, force in N
     *
     * @throws InvalidInput when the file is no trace
     */
    public function samples(): array
    {
        $file = $this->file('file');
        if ($file instanceof UploadedFile) {
            return array_map(
                static fn (PressSample $s): array => [$s->travel->mm, $s->force->newtons],
                TraceCsv::read((string) $file->get()),
            );
        }
        /** @var list<array{int|float|string, int|float|string}> $samples */
        $samples = array_values((array) $this->input('samples'));

        return array_map(static fn (array $s): array => [(float) $s[0], (float) $s[1]], $samples);
    }
}
