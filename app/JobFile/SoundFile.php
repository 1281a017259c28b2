<?php

declare(strict_types=1);

namespace App\JobFile;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Patterns\HubPatterns;
use Illuminate\Support\Carbon;
use JsonException;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;
use stdClass;

/** Reads a job file, and finds it sound or says where it is not: part by part, and its lists item by item. */
final readonly class SoundFile
{
    private const LONGEST_VALUE = 20_000;

    private const FIRST_YEAR = 2000;

    /** Lists whose items were made on some day. */
    private const DATED = ['records', 'traces', 'addenda'];

    private Validator $validator;

    private stdClass $schema;

    private function __construct(private JsonParts $file)
    {
        $this->validator = new Validator();
        /** @var stdClass $schema */
        $schema = json_decode((string) file_get_contents(base_path(JobFile::SCHEMA)), flags: JSON_THROW_ON_ERROR);
        $this->schema = $schema;
    }

    /**
     * @param  resource|string  $file that can be sought in, or its text
     * @return JsonParts as docs/formats/job.schema.json has it
     *
     * @throws InvalidInput in one sentence, when it is not a sound job file
     */
    public static function read(mixed $file): JsonParts
    {
        try {
            $parts = is_string($file) ? JsonParts::ofText($file) : JsonParts::of($file);
            [$format, $version] = [$parts->whole('format'), $parts->whole('version')];
        } catch (JsonException) {
            [$format, $version] = [null, null];
        }
        if (! isset($parts) || $format !== JobFile::FORMAT) {
            throw InvalidInput::about('file', 'That is not a job file. Take one that was written with "Job as a file".');
        }
        if ($version !== JobFile::VERSION) {
            throw InvalidInput::about(
                'file',
                sprintf(
                    'This file is of version %s; version %d can be read here.',
                    is_scalar($version) ? (string) $version : '?',
                    JobFile::VERSION,
                ),
            );
        }
        $unsound = (new self($parts))->unsound();
        if ($unsound !== null) {
            throw InvalidInput::about('file', sprintf('The file is not sound at "%s".', $unsound));
        }

        return $parts;
    }

    /** Where it is not as its schema has it, or says what no schema can forbid; null when it is sound. */
    private function unsound(): ?string
    {
        $missing = array_diff($this->schema->required, $this->file->names());
        $strange = array_diff($this->file->names(), array_keys((array) $this->schema->properties));
        if ($missing !== [] || $strange !== []) {
            return (string) (array_values($strange)[0] ?? '?');
        }
        $named = [];
        foreach ($this->file->names() as $name) {
            $schema = $this->schema->properties->{$name};
            try {
                $where = ($schema->type ?? null) === 'array'
                    ? $this->list($name, $schema, $named)
                    : $this->against($this->file->whole($name), $schema) ?? ($name === 'job' ? self::job($this->file->whole('job')) : null);
            } catch (JsonException) {
                $where = '';
            }
            if ($where !== null) {
                return rtrim("$name.$where", '.');
            }
        }

        return null;
    }

    /**
     * @param  array<array-key, true>  $named names of pictures and recordings, of which none may stand twice
     * @return ?string where in the list it is unsound
     *
     * @throws JsonException when it is no list, or an item is no JSON
     */
    private function list(string $name, stdClass $schema, array &$named): ?string
    {
        $count = 0;
        foreach ($this->file->each($name) as $i => $item) {
            $where = $this->against($item, $schema->items) ?? match (true) {
                in_array($name, self::DATED, true) && ! self::mayHaveBeen($item['made_at']) => 'made_at',
                $name === 'records' => self::record($item),
                default => null,
            };
            if ($where !== null) {
                return rtrim("$i.$where", '.');
            }
            if (isset($item['name'])) {
                if (isset($named[$item['name']])) {
                    return '';
                }
                $named[$item['name']] = true;
            }
            $count++;
        }

        return $count > ($schema->maxItems ?? PHP_INT_MAX) ? '' : null;
    }

    /** Where a value is not as a schema has it; null when it is. */
    private function against(mixed $value, stdClass $schema): ?string
    {
        $error = $this->validator->validate(Helper::toJSON($value), $schema)->error();
        if ($error === null) {
            return null;
        }
        while ($error->subErrors() !== []) {
            $error = $error->subErrors()[0];
        }

        return implode('.', $error->data()->fullPath());
    }

    /** @param  array<string, mixed>  $job */
    private static function job(array $job): ?string
    {
        return match (true) {
            ! HubPatterns::has($job['pattern']) => 'pattern',
            ! self::mayHaveBeen($job['opened_at']) => 'opened_at',
            ! self::mayHaveBeen($job['signed_at']) => 'signed_at',
            default => null,
        };
    }

    /** @param  array<string, mixed>  $record */
    private static function record(array $record): ?string
    {
        return match (true) {
            $record['instrument'] !== null && Instrument::tryFrom($record['instrument']) === null => 'instrument',
            strlen((string) json_encode($record['value'])) > self::LONGEST_VALUE => 'value',
            default => null,
        };
    }

    /** No reading was made tomorrow, nor before there was anything to write it down with. */
    private static function mayHaveBeen(?string $at): bool
    {
        return $at === null || Carbon::parse($at)->year >= self::FIRST_YEAR && Carbon::parse($at)->lessThan(Carbon::now()->addDay());
    }
}
