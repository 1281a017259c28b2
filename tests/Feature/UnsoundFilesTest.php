<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Machine;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\GoodJobs;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Files that are not sound are refused whole, and strange values break nothing. */
final class UnsoundFilesTest extends TestCase
{
    use GoodJobs;
    use RefreshDatabase;

    /** @return iterable<string, array{mixed, string}> file, part of the sentence */
    public static function unsound(): iterable
    {
        $with = static fn (string $path, mixed $value): array => self::changed(JobFilesTest::file(), explode('.', $path), $value);
        yield 'no JSON' => ['{', 'not a job file'];
        yield 'another file' => [['format' => 'x'], 'not a job file'];
        yield 'a later version' => [$with('version', 2), 'version 2'];
        yield 'no such hub' => [$with('job.pattern', 'rocket'), '"job.pattern"'];
        yield 'a place that is none' => [$with('records.0.place', '../x'), '"records.0.place"'];
        yield 'no time' => [$with('records.0.made_at', 'yesterday-ish!'), '"records.0.made_at"'];
        yield 'an instrument nobody has' => [$with('records.1.instrument', 'eyeball'), '"records.1.instrument"'];
        yield 'something more' => [$with('machine.shop_id', 1), '"machine"'];
        yield 'a value that is too long' => [$with('records.0.value', ['text' => str_repeat('x', 21000)]), '"records.0.value"'];
        yield 'a photo that is none' => [$with('photos', [['name' => 'photo-1', 'jpeg' => base64_encode('<?php')]]), 'not a picture'];
        yield 'a day without its zone' => [$with('records.0.made_at', '2026-03-01 08:00'), '"records.0.made_at"'];
        yield 'a record without its author' => [$with('records.0', ['place' => 'check.complaint']), '"records.0"'];
        yield 'no number' => [$with('job.number', -1), '"job.number"'];
        yield 'two photos of one name' => [
            $with('photos', array_fill(0, 2, ['name' => 'photo-1', 'jpeg' => base64_encode('x')])),
            '"photos"',
        ];
        yield 'a list that is none' => [$with('addenda', ['a' => 1]), '"addenda"'];
        yield 'a trace of words' => [
            $with('traces', [['seat' => 'left', 'source' => 'file', 'samples' => [['a', 'b'], [1, 2]], 'made_at' => '2026-01-01']]),
            '"traces.0.samples.0.0"',
        ];
    }

    /**
     * @param  array<array-key, mixed>  $into
     * @param  non-empty-list<string>  $path
     * @return array<array-key, mixed>
     */
    private static function changed(array $into, array $path, mixed $value): array
    {
        $key = array_shift($path);
        $into[$key] = $path === [] ? $value : self::changed((array) ($into[$key] ?? []), $path, $value);

        return $into;
    }

    #[DataProvider('unsound')]
    public function test_a_file_that_is_not_sound_is_refused_whole(mixed $file, string $says): void
    {
        $refused = $this->take($file)->assertStatus(422);
        self::assertStringContainsString($says, $refused->json('errors.0.detail'));
        self::assertSame([0, 0], [Job::query()->count(), Machine::query()->count()]);
    }

    public function test_strange_values_in_a_file_do_not_break_the_job(): void
    {
        $file = JobFilesTest::file();
        foreach (
            [
                'hub.edits' => ['edits' => 'x', 'moves' => [[]]],
                'part.axle' => ['state' => 7],
                'set.taper.slots' => ['count' => 'many'],
                'set.cone.try.1' => ['mark' => 'NaN'],
                'size.use' => ['choice' => ['a']],
            ] as $place => $value
        ) {
            $file['records'][] = [
                'place' => $place,
                'value' => $value,
                'instrument' => null,
                'made_at' => '2026-03-01T09:00:00.000+00:00',
                'by' => 'Runa',
            ];
        }
        $taken = $this->take($file);
        self::assertContains($taken->status(), [201, 422]);
        if ($taken->status() === 201) {
            $this->getJson('/api/v1/jobs/'.$taken->json('id'))->assertOk();
        }
    }

    public function test_the_written_schema_names_what_a_file_has(): void
    {
        $schema = json_decode((string) file_get_contents(base_path('docs/formats/job.schema.json')), true);
        $job = $this->good();
        $file = $this->get("/files/jobs/{$job->id}/job.json")->json();
        self::assertSame(array_keys($file), array_keys($schema['properties']));
        // What 0.1 wrote had no signature, what 0.2 wrote no recordings.
        self::assertEqualsCanonicalizing([...$schema['required'], 'recordings', 'signature'], array_keys($file));
        foreach (['machine', 'job'] as $part) {
            self::assertSame(array_keys($file[$part]), array_keys($schema['properties'][$part]['properties']));
        }
        self::assertSame(array_keys($file['records'][0]), array_keys($schema['properties']['records']['items']['properties']));
    }
}
