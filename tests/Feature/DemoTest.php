<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Photo;
use App\Models\Record;
use App\Models\User;
use CleanRace\Core\Patterns\HubPatterns;
use Database\Seeders\DatabaseSeeder;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What is there when somebody looks at the demo. */
final class DemoTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_demo_data_holds_a_bad_bore_a_cocked_bearing_and_a_signed_job(): void
    {
        $this->seed(DatabaseSeeder::class);
        $this->actingAs(User::query()->where('email', 'ines@ferryworks.example')->firstOrFail());
        $jobs = Job::query()->get();
        $stops = $jobs
            ->map(
                static fn (Job $j): array => array_keys(
                    array_filter($j->standing['stations'] ?? [], static fn (string $s): bool => $s === 'stop'),
                ),
            )
            ->flatten()
            ->sort()
            ->values()
            ->all();
        self::assertSame(['seat', 'size'], $stops);
        self::assertCount(6, $jobs->whereNotNull('signed_at'));
        self::assertGreaterThanOrEqual(4, $jobs->pluck('standing.waits_at')->unique()->count());
        self::assertSame(0, User::query()->where('email', 'not like', '%.example')->count(), 'no address that could be real');
        self::assertEqualsCanonicalizing(
            array_keys(HubPatterns::all()),
            $jobs->pluck('pattern')->unique()->all(),
            'one of every kind of hub',
        );
        $done = $jobs
            ->where('pattern', '!=', 'pair-sleeve')
            ->map(fn (Job $j): int => Record::query()->where('job_id', $j->id)->where('place', 'like', 'part.%')->count());
        self::assertGreaterThanOrEqual(5, $done->unique()->count(), 'each is at another point of the take-down');
        $photos = Photo::query()->get(['id', 'width', 'height', 'job_id']);
        self::assertGreaterThan(10, $photos->count());
        self::assertSame([960], $photos->pluck('width')->unique()->all());
        foreach (Record::query()->where('place', 'like', 'part.%')->get() as $record) {
            foreach ((array) ($record->value['photos'] ?? []) as $id) {
                self::assertSame($record->job_id, $photos->firstWhere('id', $id)?->job_id, 'a photo belongs to the job that shows it');
            }
        }
    }
}
