<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Photo;
use App\Models\Record;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Readings, answers and steps: kept once, never changed, never lost, refused with a sentence. */
final class RecordsTest extends TestCase
{
    use RefreshDatabase;

    private User $user;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->person();
        $this->job = $this->jobOf($this->user);
        $this->actingAs($this->user);
    }

    public function test_a_reading_is_kept_with_who_when_and_with_what(): void
    {
        $at = Carbon::parse('2026-11-20T10:42:00.123Z');
        $this->keep(
            $this->job,
            'size.sleeve_length',
            ['typed' => '2 17/64"'],
            ['instrument' => 'vernier', 'made_at' => $at->toIso8601String()],
        )
            ->assertCreated()
            ->assertJson(['place' => 'size.sleeve_length', 'new' => true]);
        $record = Record::query()->firstOrFail();
        self::assertEqualsWithDelta(57.546875, $record->value['mm'] ?? null, 1e-6);
        self::assertSame(
            ['2 17/64"', 'vernier', $this->user->id],
            [$record->value['typed'] ?? null, $record->instrument, $record->author_id],
        );
        self::assertSame($at->getTimestamp(), $record->made_at->getTimestamp());
    }

    public function test_the_same_id_twice_is_one_record(): void
    {
        $id = (string) Str::uuid();
        $this->keep($this->job, 'size.over_faces', ['typed' => '104'], ['id' => $id])->assertCreated();
        $this->keep($this->job, 'size.over_faces', ['typed' => '104'], ['id' => $id])
            ->assertOk()
            ->assertJsonPath('new', false);
        $this->keep($this->job, 'size.over_faces', ['typed' => '104'], ['id' => strtoupper($id)])->assertOk();
        self::assertSame(1, Record::query()->count());
    }

    public function test_an_id_cannot_stand_for_two_things(): void
    {
        $id = (string) Str::uuid();
        $this->keep($this->job, 'size.over_faces', ['typed' => '104'], ['id' => $id])->assertCreated();
        $this->keep($this->job, 'size.sleeve_length', ['typed' => '57'], ['id' => $id])
            ->assertStatus(409)
            ->assertJsonPath('title', 'Id taken');
        $other = $this->person();
        $theirs = $this->jobOf($other);
        $this->actingAs($other)
            ->keep($theirs, 'size.over_faces', ['typed' => '1'], ['id' => $id])
            ->assertStatus(409);
    }

    public function test_a_correction_keeps_the_old_value_and_the_latest_counts(): void
    {
        $this->keep($this->job, 'size.over_faces', ['typed' => '104']);
        $this->keep($this->job, 'size.over_faces', ['typed' => '103.5']);
        self::assertSame(2, Record::query()->count());
        self::assertEquals(103.5, $this->entry('size.over_faces')['value']['mm'] ?? null);
        $history = $this->getJson("/api/v1/jobs/{$this->job->id}/records?place=size.over_faces")->json('data');
        self::assertSame(['103.5', '104'], array_map(static fn (array $e): string => $e['value']['typed'], $history));
    }

    public function test_what_is_withdrawn_no_longer_stands_but_is_not_gone(): void
    {
        $this->keep($this->job, 'size.over_faces', ['typed' => '104']);
        $this->keep($this->job, 'size.over_faces', null)->assertCreated();
        self::assertNull($this->entry('size.over_faces'));
        self::assertSame(2, Record::query()->count());
    }

    public function test_order_of_arrival_is_order_of_truth_whatever_the_clocks_say(): void
    {
        $this->keep($this->job, 'size.over_faces', ['typed' => '104'], ['made_at' => '2030-01-01T00:00:00Z']);
        $this->keep($this->job, 'size.over_faces', ['typed' => '105'], ['made_at' => '2020-01-01T00:00:00Z']);
        self::assertEquals(105, $this->entry('size.over_faces')['value']['mm'] ?? null);
        self::assertLessThanOrEqual(
            Carbon::now()->getTimestamp(),
            Record::query()->orderBy('seq')->firstOrFail()->made_at->getTimestamp(),
            'no record from the future',
        );
    }

    /**
     * What another hand entered later than what stands there was made.
     *
     * @return array<mixed>
     *
     * @phpstan-impure
     */
    private function newer(): array
    {
        return array_filter([data_get($this->entry('size.over_faces'), 'newer')]);
    }

    public function test_what_comes_late_stands_beside_what_another_hand_entered_later(): void
    {
        $this->keep($this->job, 'size.over_faces', ['typed' => '104.2'], ['made_at' => '2026-11-01T10:05:00Z']);
        self::assertSame([], $this->newer());
        // The same hand corrects itself, in whatever order its device sends.
        $this->keep($this->job, 'size.over_faces', ['typed' => '104.1'], ['made_at' => '2026-11-01T10:01:00Z']);
        self::assertSame([], $this->newer());
        $other = $this->person(Role::Apprentice, $this->user);
        $this->actingAs($other);
        $this->keep($this->job, 'size.over_faces', ['typed' => '103'], ['made_at' => '2026-11-01T10:00:00Z']);
        self::assertEquals(103, $this->entry('size.over_faces')['value']['mm'] ?? null, 'order of arrival is order of truth');
        self::assertEquals([104.1], data_get($this->newer(), '*.value.mm'), 'what it came over is told');
        self::assertSame([$this->user->name], data_get($this->newer(), '*.by'));
        // Made after it, or the same reading: nothing is told.
        $this->keep($this->job, 'size.over_faces', ['typed' => '104'], ['made_at' => '2026-11-01T10:06:00Z']);
        self::assertSame([], $this->newer());
    }

    public function test_the_database_itself_refuses_to_change_or_delete_a_record(): void
    {
        $this->keep($this->job, 'size.over_faces', ['typed' => '104']);
        foreach (["update records set place = 'x'", 'delete from records'] as $sql) {
            try {
                DB::transaction(static fn () => DB::statement($sql));
                self::fail($sql);
            } catch (QueryException $refused) {
                self::assertStringContainsString('permission denied for table records', $refused->getMessage());
            }
        }
    }

    public function test_parts_keep_the_order_in_which_they_came_off(): void
    {
        foreach (['axle', 'spacer_left', 'seal_left'] as $part) {
            $this->keep($this->job, "part.$part", ['state' => 'on_tray', 'condition' => 'use'])->assertCreated();
        }
        $this->keep($this->job, 'part.axle', ['state' => 'on_tray', 'condition' => 'note', 'way_round' => 'head left']);
        $tray = array_column(
            array_filter(
                $this->getJson("/api/v1/jobs/{$this->job->id}")->json('report.tray'),
                static fn (array $item): bool => $item['order'] !== null,
            ),
            'part',
            'order',
        );
        ksort($tray);
        self::assertSame(['axle', 'spacer_left', 'seal_left'], array_values($tray));
    }

    /** @return iterable<string, array{string, mixed}> */
    public static function wrong(): iterable
    {
        yield 'letters' => ['size.over_faces', ['typed' => 'abc']];
        yield 'negative' => ['size.over_faces', ['typed' => '-3']];
        yield 'nought' => ['size.over_faces', ['typed' => '0']];
        yield 'two numbers' => ['size.over_faces', ['typed' => '25 26']];
        yield 'nine metres' => ['size.over_faces', ['typed' => '9 m']];
        yield 'empty' => ['size.over_faces', ['typed' => '']];
        yield 'nothing' => ['size.over_faces', []];
        yield 'a list' => ['size.over_faces', ['typed' => ['1']]];
        yield 'an answer that is none' => ['check.spin', ['choice' => 'sideways']];
        yield 'a bearing that is none' => ['size.left.number', ['text' => 'rusty']];
        yield 'a tick of words' => ['strip.safe.done', ['done' => 'yes']];
        yield 'a very long text' => ['prove.carry', ['text' => str_repeat('x', 3000)]];
        yield 'a part nowhere' => ['part.axle', ['state' => 'lost']];
        yield 'torque of words' => ['fastener.axle_nut.torque', ['typed' => 'tight']];
    }

    #[DataProvider('wrong')]
    public function test_a_wrong_entry_gets_a_sentence_and_the_field_and_loses_nothing(string $place, mixed $entry): void
    {
        $this->keep($this->job, 'size.ledge_depth', ['typed' => '23.2'])->assertCreated();
        /** @var array<string, mixed> $entry */
        $answer = $this->keep($this->job, $place, $entry)->assertStatus(422)->assertHeader('Content-Type', 'application/problem+json');
        self::assertSame($place, $answer->json('errors.0.field'));
        self::assertMatchesRegularExpression('/^[A-Z0-9"].{8,}\.$/u', $answer->json('errors.0.detail'));
        self::assertEquals(23.2, $this->entry('size.ledge_depth')['value']['mm'] ?? null);
        self::assertSame(1, Record::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function malformed(): iterable
    {
        $good = ['id' => '0192a1b2-0000-7000-8000-000000000000', 'place' => 'size.over_faces', 'entry' => ['typed' => '1']];
        yield 'no id' => [['id' => null] + $good, 'id'];
        yield 'id that is none' => [['id' => '7'] + $good, 'id'];
        yield 'no place' => [['place' => ''] + $good, 'place'];
        yield 'a place that is not asked' => [['place' => 'size.moon'] + $good, 'place'];
        yield 'a place of another kind' => [['place' => ['x']] + $good, 'place'];
        yield 'entry of words' => [['entry' => 'x'] + $good, 'entry'];
        yield 'a unit that is none' => [['unit' => 'ell'] + $good, 'unit'];
        yield 'a date that is none' => [['made_at' => 'noonish'] + $good, 'made_at'];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('malformed')]
    public function test_a_malformed_record_is_refused_and_the_field_named(array $body, string $field): void
    {
        $this->postJson("/api/v1/jobs/{$this->job->id}/records", $body)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', $field);
    }

    /** @return iterable<string, array{string}> */
    public static function notJson(): iterable
    {
        yield 'broken' => ['{"id": '];
        yield 'words' => ['hello'];
        yield 'a number' => ['7'];
        yield 'null' => ['null'];
        yield 'bytes' => ["\xff\xfe"];
    }

    #[DataProvider('notJson')]
    public function test_json_that_is_not_is_said_to_be_so(string $body): void
    {
        $this->call(
            'POST',
            "/api/v1/jobs/{$this->job->id}/records",
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: $body,
        )
            ->assertStatus(400)
            ->assertJsonPath('errors.0.field', 'body');
    }

    public function test_a_null_byte_in_a_text_does_no_harm(): void
    {
        $this->keep($this->job, 'prove.carry', ['text' => "worn\0seal"])->assertCreated();
        self::assertSame('wornseal', $this->entry('prove.carry')['value']['text'] ?? null);
    }

    public function test_typing_is_worked_out_without_being_kept(): void
    {
        $depths = [12 => '3.00', 3 => '3.40', 6 => '3.80', 9 => '3.40'];
        $drafts = array_map(
            static fn (int $h, string $mm): array => ['place' => "seat.left.start.$h", 'entry' => ['typed' => $mm]],
            array_keys($depths),
            $depths,
        );
        $report = $this->postJson("/api/v1/jobs/{$this->job->id}/preview", ['station' => 'seat', 'drafts' => $drafts])
            ->assertOk()
            ->json();
        self::assertSame('square.out', $this->step($report, 'seat.left.start')['verdicts'][0]['headline']['key']);
        self::assertSame(0, Record::query()->count());
        $this->postJson("/api/v1/jobs/{$this->job->id}/preview", [
            'drafts' => [['place' => 'size.over_faces', 'entry' => ['typed' => 'x']]],
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'size.over_faces');
        $this->postJson("/api/v1/jobs/{$this->job->id}/preview", ['drafts' => []])->assertStatus(422);
    }

    public function test_inches_are_read_as_inches_for_whoever_works_in_them(): void
    {
        $this->keep($this->job, 'size.over_faces', ['typed' => '4.1'], ['unit' => 'in'])->assertCreated();
        self::assertEqualsWithDelta(104.14, $this->entry('size.over_faces')['value']['mm'] ?? 0, 1e-6);
    }

    public function test_a_photo_is_opened_made_smaller_and_written_anew(): void
    {
        $id = (string) Str::uuid();
        $this->photo($id, UploadedFile::fake()->image('part.png', 2400, 1200))
            ->assertCreated()
            ->assertJson(['id' => $id, 'width' => 1600, 'height' => 800]);
        $jpeg = $this->get("/files/photos/$id.jpg")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg')
            ->getContent();
        self::assertSame("\xff\xd8\xff", substr((string) $jpeg, 0, 3));
        $this->photo($id, UploadedFile::fake()->image('part.png', 10, 10))
            ->assertCreated()
            ->assertJsonPath('width', 1600);
        self::assertSame(1, Photo::query()->count());
    }

    public function test_what_hides_in_a_photo_does_not_survive(): void
    {
        $image = imagecreatetruecolor(20, 20);
        ob_start();
        imagejpeg($image);
        $file = UploadedFile::fake()->createWithContent('part.jpg', ob_get_clean().'<?php echo "hidden"; ?>');
        $id = (string) Str::uuid();
        $this->photo($id, $file)->assertCreated();
        self::assertStringNotContainsString('hidden', (string) $this->get("/files/photos/$id.jpg")->getContent());
    }

    /** @return iterable<string, array{UploadedFile}> */
    public static function noPhotos(): iterable
    {
        yield 'a text file named .jpg' => [UploadedFile::fake()->createWithContent('part.jpg', 'this is text')];
        yield 'a drawing with a script' => [
            UploadedFile::fake()->createWithContent('part.svg', '<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>'),
        ];
        yield 'a picture cut short' => [UploadedFile::fake()->createWithContent('part.png', "\x89PNG\r\n\x1a\n")];
        yield 'twenty megabytes' => [UploadedFile::fake()->create('part.jpg', 20 * 1024, 'image/jpeg')];
        yield 'an empty file' => [UploadedFile::fake()->createWithContent('part.jpg', '')];
    }

    #[DataProvider('noPhotos')]
    public function test_what_is_no_photo_is_refused_with_a_sentence(UploadedFile $file): void
    {
        $answer = $this->photo((string) Str::uuid(), $file)->assertStatus(422);
        self::assertSame('photo', $answer->json('errors.0.field'));
        self::assertStringEndsWith('.', $answer->json('errors.0.detail'));
        self::assertSame(0, Photo::query()->count());
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response> */
    private function photo(string $id, UploadedFile $file): \Illuminate\Testing\TestResponse
    {
        /** @var \Illuminate\Testing\TestResponse<\Illuminate\Http\Response> */
        return $this->post("/api/v1/jobs/{$this->job->id}/photos", ['id' => $id, 'photo' => $file], ['Accept' => 'application/json']);
    }

    /** @return ?array<string, mixed> */
    private function entry(string $place): ?array
    {
        return array_column(
            $this->getJson("/api/v1/jobs/{$this->job->id}")
                ->assertOk()
                ->json('entries'),
            null,
            'place',
        )[$place] ?? null;
    }
}
