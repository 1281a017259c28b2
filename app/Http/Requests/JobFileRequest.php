<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\JobFile\JobFile;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;

/** A job file to take in. */
final class JobFileRequest extends FormRequest
{
    private const MOST_KB = 40_960;

    private const LONGEST_VALUE = 20_000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::MOST_KB]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.required' => 'Choose a job file.', 'file.*' => 'That is larger than 40 MB, or did not arrive whole.'];
    }

    /**
     * @return array<string, mixed> as docs/formats/job.schema.json has it
     *
     * @throws InvalidInput in one sentence, when it is not a sound job file
     */
    public function job(): array
    {
        $upload = $this->file('file');
        $file = json_decode($upload instanceof UploadedFile ? (string) $upload->get() : '', true);
        if (! is_array($file) || ($file['format'] ?? null) !== JobFile::FORMAT) {
            throw InvalidInput::about('file', 'That is not a job file. Take one that was written with "Job as a file".');
        }
        if (($file['version'] ?? null) !== JobFile::VERSION) {
            throw InvalidInput::about(
                'file',
                sprintf(
                    'This file is of version %s; version %d can be read here.',
                    is_scalar($file['version'] ?? null) ? (string) $file['version'] : '?',
                    JobFile::VERSION,
                ),
            );
        }
        $found = Validator::make($file, self::shape());
        if ($found->fails()) {
            throw InvalidInput::about('file', sprintf('The file is not sound at "%s".', $found->errors()->keys()[0] ?? '?'));
        }
        foreach ($file['records'] as $i => $record) {
            if (strlen((string) json_encode($record['value'])) > self::LONGEST_VALUE) {
                throw InvalidInput::about('file', "The file is not sound at \"records.$i.value\".");
            }
        }

        return $file;
    }

    /** @return array<string, list<mixed>> */
    private static function shape(): array
    {
        $time = ['string', 'date', 'max:40'];

        return [
            'shop' => ['present', 'string', 'max:255'],
            'machine' => ['required', 'array:name,model,owner'],
            'machine.name' => ['required', 'string', 'max:255'],
            'machine.model' => ['present', 'string', 'max:255'],
            'machine.owner' => ['present', 'string', 'max:255'],
            'job' => ['required', 'array:number,wheel,pattern,opened_at,signed_at,signed_by'],
            'job.number' => ['required', 'integer', 'min:0'],
            'job.wheel' => ['required', 'string', 'max:80'],
            'job.pattern' => ['required', 'string', Rule::in(array_map(static fn (Pattern $p): string => $p->id(), HubPatterns::all()))],
            'job.opened_at' => ['required', ...$time],
            'job.signed_at' => ['present', 'nullable', ...$time],
            'job.signed_by' => ['present', 'nullable', 'string', 'max:255'],
            'records' => ['present', 'list', 'max:20000'],
            'records.*' => ['array:place,value,instrument,made_at,by'],
            'records.*.place' => ['required', 'string', 'max:80', 'regex:/^[a-z0-9_.:]+$/'],
            'records.*.value' => ['present', 'nullable', 'array'],
            'records.*.instrument' => ['present', 'nullable', 'string', Rule::enum(Instrument::class)],
            'records.*.made_at' => ['required', ...$time],
            'records.*.by' => ['required', 'string', 'max:255'],
            'photos' => ['present', 'list', 'max:200'],
            'photos.*' => ['array:name,jpeg'],
            'photos.*.name' => ['required', 'string', 'max:40', 'distinct'],
            'photos.*.jpeg' => ['required', 'string', 'max:8000000'],
            'traces' => ['present', 'list', 'max:200'],
            'traces.*' => ['array:seat,source,samples,made_at'],
            'traces.*.seat' => ['required', 'string', 'max:60'],
            'traces.*.source' => ['required', 'string'],
            'traces.*.made_at' => ['required', ...$time],
            'traces.*.samples' => ['required', 'list', 'max:20000'],
            'traces.*.samples.*' => ['list', 'size:2'],
            'traces.*.samples.*.*' => ['numeric', 'between:-1000000,1000000'],
            'addenda' => ['present', 'list', 'max:500'],
            'addenda.*' => ['array:text,made_at,by'],
            'addenda.*.text' => ['required', 'string', 'max:2000'],
            'addenda.*.made_at' => ['required', ...$time],
            'addenda.*.by' => ['required', 'string', 'max:255'],
            'card' => ['present', 'nullable', 'array'],
        ];
    }
}
