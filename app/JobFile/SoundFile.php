<?php

declare(strict_types=1);

namespace App\JobFile;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Patterns\HubPatterns;
use Illuminate\Support\Carbon;
use Opis\JsonSchema\Validator;

/** Reads a job file, and finds it sound or says where it is not. */
final class SoundFile
{
    private const LONGEST_VALUE = 20_000;

    private const FIRST_YEAR = 2000;

    /**
     * @return array<string, mixed> as docs/formats/job.schema.json has it
     *
     * @throws InvalidInput in one sentence, when it is not a sound job file
     */
    public static function read(string $text): array
    {
        $file = json_decode($text, true);
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
        $unsound = self::againstSchema($text) ?? self::againstTrade($file);
        if ($unsound !== null) {
            throw InvalidInput::about('file', sprintf('The file is not sound at "%s".', $unsound));
        }

        return $file;
    }

    /** Where the file is not as its schema has it; null when it is. */
    private static function againstSchema(string $text): ?string
    {
        $schema = json_decode((string) file_get_contents(base_path(JobFile::SCHEMA)), flags: JSON_THROW_ON_ERROR);
        $error = (new Validator())->validate(json_decode($text), $schema)->error();
        if ($error === null) {
            return null;
        }
        while ($error->subErrors() !== []) {
            $error = $error->subErrors()[0];
        }

        return implode('.', $error->data()->fullPath()) ?: '?';
    }

    /**
     * Where it says what no schema can forbid: a hub or an instrument that is none, a name that stands twice, a value that is
     * too long.
     *
     * @param  array<string, mixed>  $file sound by its schema
     */
    private static function againstTrade(array $file): ?string
    {
        if (! HubPatterns::has($file['job']['pattern'])) {
            return 'job.pattern';
        }
        foreach (['opened_at', 'signed_at'] as $when) {
            if (! self::mayHaveBeen($file['job'][$when])) {
                return "job.$when";
            }
        }
        foreach (['records', 'traces', 'addenda'] as $list) {
            foreach ($file[$list] as $i => $one) {
                if (! self::mayHaveBeen($one['made_at'])) {
                    return "$list.$i.made_at";
                }
            }
        }
        foreach ($file['records'] as $i => $record) {
            if ($record['instrument'] !== null && Instrument::tryFrom($record['instrument']) === null) {
                return "records.$i.instrument";
            }
            if (strlen((string) json_encode($record['value'])) > self::LONGEST_VALUE) {
                return "records.$i.value";
            }
        }
        foreach (['photos', 'recordings'] as $list) {
            $names = array_column($file[$list] ?? [], 'name');
            if (count($names) !== count(array_unique($names))) {
                return $list;
            }
        }

        return array_intersect(array_column($file['photos'], 'name'), array_column($file['recordings'] ?? [], 'name')) === []
            ? null
            : 'recordings';
    }

    /** No reading was made tomorrow, nor before there was anything to write it down with. */
    private static function mayHaveBeen(?string $at): bool
    {
        return $at === null || Carbon::parse($at)->year >= self::FIRST_YEAR && Carbon::parse($at)->lessThan(Carbon::now()->addDay());
    }
}
