<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\KeepPhoto;
use App\Http\Conflicts\Conflict;
use App\Models\Job;
use App\Models\Photo;
use App\Models\Record;
use App\Models\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\GoodJobs;
use Tests\GuardedRoutes;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What somebody sends who means no good: an answer that says what is wrong, and nothing forged, broken or held up. */
final class AttackedTest extends TestCase
{
    use GoodJobs;
    use RefreshDatabase;

    /** @return iterable<string, array{list<mixed>, string}> */
    public static function severalOfNoWords(): iterable
    {
        $wheel = ['wheel' => 'Left', 'pattern' => 'pair-sleeve'];
        yield 'an object for a wheel' => [[['wheel' => ['a' => 'b']] + $wheel, $wheel], 'wheels.0.wheel'];
        yield 'a list for a wheel' => [[$wheel, ['wheel' => ['Left']] + $wheel], 'wheels.1.wheel'];
        yield 'a word for all of it' => [['Left'], 'wheels.0.wheel'];
        yield 'the same wheel twice' => [[$wheel, ['wheel' => 'LEFT'] + $wheel], 'wheels.1.wheel'];
    }

    /** @param  list<mixed>  $wheels */
    #[DataProvider('severalOfNoWords')]
    public function test_several_wheels_that_are_no_words_are_named(array $wheels, string $field): void
    {
        $machine = $this->jobOf($this->user)->machine_id;
        $this->actingAs($this->user);
        $this->postJson('/api/v1/jobs/several', ['machine_id' => $machine, 'complaint' => 'Hums', 'wheels' => $wheels])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', $field);
        self::assertSame(1, Job::query()->count());
    }

    public function test_behind_the_question_mark_no_name_takes_a_list(): void
    {
        $job = $this->good();
        foreach (GuardedRoutes::guarded() as [$verb, $path]) {
            if ($verb !== 'GET' || preg_match('/@(?!job\b)/', $path) === 1) {
                continue;
            }
            $path = str_replace('@job', (string) $job->id, $path);
            foreach (['place', 'paper', 'find', 'cursor', 'signed'] as $name) {
                $this->getJson($path.(str_contains($path, '?') ? '&' : '?')."{$name}[]=x")
                    ->assertStatus(422)
                    ->assertHeader('Content-Type', 'application/problem+json')
                    ->assertJsonPath('errors.0.field', $name);
            }
        }
    }

    public function test_a_number_that_no_row_can_have_is_a_plain_404(): void
    {
        $log = Log::spy();
        foreach (GuardedRoutes::guarded() as [$verb, $path, $body]) {
            $numbered = '/@(job|machine|tool|order|item|person|supplier|tablet|token|due)\b/';
            $huge = (string) preg_replace($numbered, '99999999999999999999', $path);
            if ($huge === $path || str_contains($huge, '@')) {
                continue;
            }
            $this->json($verb, $huge, $body)->assertNotFound()->assertHeader('Content-Type', 'application/problem+json');
        }
        $log->shouldNotHaveReceived('error');
    }

    public function test_what_programs_ask_is_answered_as_a_problem_everywhere(): void
    {
        $calendar = '/calendar/'.str_repeat('a', 48).'.ics';
        foreach (['/api', '/api/v1/rockets', '/api/v2/jobs', '/files/rocket', '/calendar/abc.ics', $calendar] as $path) {
            $this->get($path)->assertNotFound()->assertHeader('Content-Type', 'application/problem+json');
        }
        $this->put('/api/v1/ping')->assertStatus(405)->assertHeader('Content-Type', 'application/problem+json');
    }

    public function test_a_picture_of_too_many_points_is_refused_before_it_is_opened(): void
    {
        $job = $this->jobOf($this->user);
        $this->actingAs($this->user);
        // A head that claims 6000 × 5000 points, and nothing behind it that could be decoded.
        $head = "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NN', 6000, 5000)."\x08\x02\x00\x00\x00";
        $this->post(
            "/api/v1/jobs/{$job->id}/photos",
            [
                'id' => (string) Str::uuid(),
                'photo' => UploadedFile::fake()->createWithContent('x.png', $head.pack('N', crc32(substr($head, 12)))),
            ],
            ['Accept' => 'application/json'],
        )
            ->assertStatus(422)
            ->assertJsonPath('errors.0.detail', 'That picture has more than 25 million points. Take it smaller.');
    }

    public function test_a_photo_that_arrives_while_the_job_is_signed_comes_too_late(): void
    {
        $before = $this->good();
        $this->sign($before);
        // As the request found it that began before the signature.
        $before->forceFill(['signed_at' => null])->syncOriginal();
        $photo = UploadedFile::fake()->image('part.jpg', 60, 40);
        try {
            $this->app->make(KeepPhoto::class)($before, $this->user, (string) Str::uuid(), $photo);
            self::fail('It was kept.');
        } catch (Conflict) {
            self::assertSame(0, Photo::query()->where('job_id', $before->id)->count());
        }
    }

    public function test_only_whose_word_counts_takes_a_job_in(): void
    {
        foreach ([[Role::Owner, 201], [Role::Mechanic, 201], [Role::Apprentice, 403], [Role::Counter, 403]] as [$role, $status]) {
            $this->nobody()->actingAs($this->person($role, $this->user)->load('shop'));
            $this->take(JobFilesTest::file())->assertStatus($status);
        }
    }

    public function test_a_file_whose_times_cannot_be_is_refused_where_it_says_so(): void
    {
        $late = Carbon::now()->addDays(2)->toIso8601String();
        foreach (
            [
                ['records', 1, $late],
                ['records', 0, '1987-05-01T08:00:00.000+00:00'],
                ['job', 'opened_at', $late],
                ['job', 'signed_at', $late],
            ] as [$part, $key, $at]
        ) {
            $file = JobFilesTest::file();
            if ($part === 'job') {
                $file['job'][$key] = $at;
            } else {
                $file['records'][$key]['made_at'] = $at;
            }
            $this->take($file)
                ->assertStatus(422)
                ->assertJsonPath('errors.0.detail', "The file is not sound at \"$part.$key".($part === 'job' ? '' : '.made_at').'".');
        }
        self::assertSame(0, Job::query()->count());
    }

    public function test_a_clock_that_cannot_be_right_is_not_believed(): void
    {
        $job = $this->jobOf($this->user);
        $this->actingAs($this->user);
        foreach (['2091-01-01T00:00:00Z', '1970-01-01T00:00:07Z'] as $said) {
            $this->keep($job, 'size.over_faces', ['typed' => '104'], ['made_at' => $said])->assertCreated();
            $at = Record::query()->where('job_id', $job->id)->orderByDesc('seq')->firstOrFail()->made_at;
            self::assertLessThan(5, abs($at->diffInSeconds(Carbon::now())), $said);
        }
    }

    public function test_a_card_with_hundreds_of_words_added_is_printed_all_the_same(): void
    {
        $job = $this->good();
        $this->sign($job);
        $words = array_map(fn (int $n): array => [
            'id' => (string) Str::uuid7(),
            'shop_id' => $job->shop_id,
            'job_id' => $job->id,
            'author_id' => $this->user->id,
            'text' => "Word $n ".str_repeat('and more of it ', 20),
            'made_at' => Carbon::now(),
        ], range(1, 500));
        DB::table('addenda')->insert($words);
        $pdf = (string) $this->get("/files/jobs/{$job->id}/card.pdf")->assertOk()->getContent();
        // Only the latest are printed: it takes as long as with four of them.
        self::assertLessThan(3, preg_match_all('#/Type /Page\b(?!s)#', $pdf));
    }
}
