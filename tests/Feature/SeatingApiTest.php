<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Tool;
use App\Models\User;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\PressSimulator;
use CleanRace\Core\Seating\Press\PressKind;
use CleanRace\Core\Seating\Press\PressSample;
use CleanRace\Core\Seating\Press\TraceCsv;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\View\Factory;
use Illuminate\View\View;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Seating over HTTP: rounds of depths, press traces that are kept, the tool wall as a list, pieces to make. */
final class SeatingApiTest extends TestCase
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

    /** @param  array<int, string>  $depths by hour */
    private function round(array $depths, string $stage = 'start'): void
    {
        foreach ($depths as $hour => $typed) {
            $this->keep($this->job, "seat.left.$stage.$hour", ['typed' => $typed]);
        }
    }

    public function test_rounds_of_depths_tell_whether_it_comes_straight(): void
    {
        $trend = fn (): array => $this->getJson("/api/v1/jobs/{$this->job->id}/seats/left/trend")
            ->assertOk()
            ->json();
        self::assertSame([[], null], [$trend()['points'], $trend()['verdict']]);
        $this->round([12 => '1.00', 4 => '1.20', 8 => '1.20']);
        $this->round([12 => '2.00', 4 => '2.40', 8 => '2.40']);
        self::assertSame('trend.grows', $trend()['verdict']['headline']['key']);
        self::assertCount(2, $trend()['points']);
        $this->keep($this->job, 'seat.left.start.8', ['typed' => '2.42']);
        self::assertCount(2, $trend()['points'], 'a reading put right at once is no other round');
        $this->round([12 => '5.00', 4 => '5.03', 8 => '5.02'], 'home');
        self::assertSame('trend.straightens', $trend()['verdict']['headline']['key']);
        $this->keep($this->job, 'seat.left.start.12', null);
        self::assertSame([], $trend()['points'], 'taken out, it begins anew');
        $this->getJson("/api/v1/jobs/{$this->job->id}/seats/middle/trend")->assertNotFound();
    }

    public function test_what_drops_into_a_warm_hub_condemns_no_bore(): void
    {
        $feel = fn (): array => $this->keep($this->job, 'fit.left.feel', ['choice' => 'drops_in'])
            ->assertCreated()
            ->json('value');
        $said = fn (): string => $this->step($this->getJson("/api/v1/jobs/{$this->job->id}")->json('report'), 'size.left.bore')[
            'verdicts'
        ][0]['headline']['key'];
        $this->keep($this->job, 'seat.warmed', ['choice' => 'warm'])->assertCreated();
        $this->keep($this->job, 'seat.hub_temperature', ['typed' => '72'])->assertCreated();
        self::assertSame(['choice' => 'drops_in', 'hub_c' => 72], $feel());
        self::assertSame('fit.felt_warm', $said());
        $this->keep($this->job, 'seat.warmed', ['choice' => 'cold'])->assertCreated();
        self::assertSame('fit.felt_warm', $said(), 'it was felt warm, whatever the hub is now');
        self::assertSame(['choice' => 'drops_in'], $feel());
        self::assertSame('fit.loose', $said());
    }

    /** @return list<PressSample> */
    private static function curve(PressKind $kind, float $grip = 12, float $home = 23.2, float $slide = 1400): array
    {
        return (new PressSimulator(new Chance(new Mt19937(3))))->trace($kind, $grip, $home, $slide);
    }

    public function test_a_trace_is_kept_once_and_judged_by_what_was_reckoned(): void
    {
        $id = (string) Str::uuid();
        $pairs = array_map(static fn (PressSample $s): array => [$s->travel->mm, $s->force->newtons], self::curve(PressKind::Good));
        $send = fn (string $seat = 'left') => $this->postJson("/api/v1/jobs/{$this->job->id}/traces", [
            'id' => $id,
            'seat' => $seat,
            'samples' => $pairs,
        ]);
        $send()->assertCreated()->assertJsonPath('setup.part', 'bearing_left')->assertJsonPath('source', 'press');
        $send()->assertOk();
        $send('right')->assertStatus(409);
        $this->getJson("/api/v1/jobs/{$this->job->id}/seats/left/traces")
            ->assertOk()
            ->assertJsonCount(1, 'data')
            ->assertJsonPath('data.0.id', $id);
        $csv = (string) $this->get("/files/jobs/{$this->job->id}/trace-$id.csv")
            ->assertOk()
            ->getContent();
        self::assertCount(count($pairs), TraceCsv::read($csv));
        $this->postJson("/api/v1/jobs/{$this->job->id}/traces", [
            'id' => (string) Str::uuid(),
            'seat' => 'nowhere',
            'samples' => $pairs,
        ])->assertNotFound();
    }

    /** @return iterable<string, array{string, int, ?string}> file, status, words about it */
    public static function files(): iterable
    {
        yield 'as it is written here' => [TraceCsv::write(self::curve(PressKind::Cocked)), 201, null];
        yield 'semicolons, kilonewtons, a comma for the point' => ["Travel [mm];Force [kN]\n0,5;0,1\n1,0;0,2\n", 201, null];
        yield 'no unit' => ["travel,force\n1,2\n", 422, 'Which unit'];
        yield 'no force' => ["travel_mm,time\n1,2\n", 422, 'No column is called force'];
        yield 'a word for a number' => ["travel_mm,force_n\n1,2\n2,much\n", 422, 'Line 3'];
        yield 'nothing in it' => ["travel_mm,force_n\n", 422, 'no samples'];
        yield 'no text' => ["\0\1", 422, 'no text file'];
    }

    #[DataProvider('files')]
    public function test_a_trace_comes_as_a_file(string $csv, int $status, ?string $words): void
    {
        $answer = $this->json('POST', "/api/v1/jobs/{$this->job->id}/traces", [
            'id' => (string) Str::uuid(),
            'seat' => 'left',
            'file' => UploadedFile::fake()->createWithContent('trace.csv', $csv),
        ])->assertStatus($status);
        $words === null
            ? $answer->assertJsonPath('source', 'file')
            : self::assertStringContainsString($words, (string) $answer->json('errors.0.detail'));
    }

    public function test_a_simulated_press_is_said_to_be_one_and_writes_nothing_in_a_shop_of_ones_own(): void
    {
        config(['press.stand_in' => true]);
        $pairs = array_map(static fn (PressSample $s): array => [$s->travel->mm, $s->force->newtons], self::curve(PressKind::Good));
        $send = fn () => $this->postJson("/api/v1/jobs/{$this->job->id}/traces", [
            'id' => (string) Str::uuid(),
            'seat' => 'left',
            'samples' => $pairs,
        ]);
        $send()->assertStatus(409)->assertJsonPath('title', 'A simulated press');
        $shown = fn () => $this->getJson("/api/v1/jobs/{$this->job->id}/seats/left/traces")->assertOk()->assertJsonPath('stand_in', true);
        $shown()->assertJsonPath('keeps', false)->assertJsonCount(0, 'data');
        // A trace from a file is of a real press, whatever stands here.
        $this->json('POST', "/api/v1/jobs/{$this->job->id}/traces", [
            'id' => (string) Str::uuid(),
            'seat' => 'left',
            'file' => UploadedFile::fake()->createWithContent('trace.csv', TraceCsv::write(self::curve(PressKind::Cocked))),
        ])->assertCreated()->assertJsonPath('source', 'file');

        // In the demo it is kept, and its outcome says what it is: in the record and on the card.
        $this->user->shop->forceFill(['demo' => true])->save();
        $this->actingAs($this->user->refresh());
        $send()->assertCreated()->assertJsonPath('source', 'stand_in');
        $shown()->assertJsonPath('keeps', true);
        $this->keep($this->job, 'seat.left.press', ['choice' => 'good', 'simulated' => true])->assertJsonPath('value.simulated', true);
        $this->keep($this->job, 'size.over_faces', ['typed' => '104', 'simulated' => true])->assertJsonMissingPath('value.simulated');
        $printed = null;
        $this->app->make(Factory::class)->composer('card', static function (View $view) use (&$printed): void {
            $printed = $view->getData()['simulated'];
        });
        $this->get("/files/jobs/{$this->job->id}/card.pdf")->assertOk();
        self::assertTrue($printed);

        // Taken along, it stays what it is.
        $file = (string) $this->get("/files/jobs/{$this->job->id}/job.json")->assertOk()->getContent();
        $taken = $this->post(
            '/api/v1/jobs/file',
            ['file' => UploadedFile::fake()->createWithContent('job.json', $file)],
            ['Accept' => 'application/json'],
        )->assertCreated()->json('id');
        self::assertEqualsCanonicalizing(
            ['stand_in', 'file'],
            array_column($this->getJson("/api/v1/jobs/$taken/seats/left/traces")->json('data'), 'source'),
        );
        $outcome = array_column($this->getJson("/api/v1/jobs/$taken")->json('entries'), 'value', 'place')['seat.left.press'] ?? [];
        self::assertTrue($outcome['simulated'] ?? false);
    }

    public function test_the_wall_goes_out_as_a_list_and_comes_in_again_once(): void
    {
        $this->postJson('/api/v1/tools', ['name' => 'Big press', 'kind' => 'press', 'capacity' => '12 t', 'ram_mm' => '50'])
            ->assertCreated()
            ->assertJsonPath('capacity_n', 117680.0)
            ->assertJsonPath('ram_mm', 50.0);
        $this->postJson('/api/v1/tools', [
            'name' => 'Wrench',
            'kind' => 'torque_wrench',
            'torque_low' => '10',
            'torque_high' => '60 Nm',
        ])
            ->assertCreated()
            ->assertJsonPath('torque_high_nm', 60.0);
        $this->postJson('/api/v1/tools', ['name' => 'Wrench', 'kind' => 'torque_wrench', 'torque_low' => '90', 'torque_high' => '60'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'torque_low_nm');
        $this->postJson('/api/v1/tools', ['name' => 'Press', 'kind' => 'press', 'capacity' => '12'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'capacity');
        $csv = (string) $this->get('/files/tools.csv')->assertOk()->getContent();
        self::assertStringContainsString('Big press,press', $csv);
        $read = fn (string $list, bool $keep) => $this->json('POST', '/api/v1/tools/list', [
            'list' => UploadedFile::fake()->createWithContent('tools.csv', $list),
            'keep' => $keep,
        ]);
        $read($csv, true)
            ->assertOk()
            ->assertJson(['tools' => 0, 'known' => 2, 'faults' => []]);
        $other = $csv."42 cup,cup,46.2,37,60\r\nno face,cup,,,\r\n?,spoon\r\n";
        $read($other, false)
            ->assertOk()
            ->assertJson(['tools' => 1, 'known' => 2, 'kept' => false])
            ->assertJsonPath('faults.0.line', 5)
            ->assertJsonCount(2, 'faults');
        self::assertSame(2, Tool::query()->count());
        $read($other, true)->assertOk();
        self::assertSame(3, Tool::query()->count());
        $read("what,else\n1,2\n", false)->assertStatus(422)->assertJsonPath('errors.0.field', 'list');
    }

    public function test_a_reading_keeps_how_well_the_gauge_of_this_shop_read_it(): void
    {
        $half = fn (string $typed, string $by): ?float => $this->keep(
            $this->job,
            'size.over_faces',
            ['typed' => $typed],
            ['instrument' => $by],
        )
            ->assertCreated()
            ->json('value.half_mm');
        $gauge = ['name' => 'Worn caliper', 'kind' => 'gauge', 'reads' => 'digital_caliper', 'plus_minus_mm' => '0.08'];
        Tool::query()
            ->toBase()
            ->insert(
                ['shop_id' => $this->person()->shop_id, 'plus_minus_mm' => 0.5, 'created_at' => now(), 'updated_at' => now()] + $gauge,
            );
        self::assertSame(0.03, $half('104', 'digital_caliper'), 'the usual one, whatever another shop has');
        $id = $this->postJson('/api/v1/tools', $gauge)->assertCreated()->assertJsonPath('reads', 'digital_caliper')->json('id');
        self::assertSame([0.08, 0.05], [$half('104.01', 'digital_caliper'), $half('104.02', 'vernier')]);
        $half('104.03', 'digital_caliper');
        $this->deleteJson("/api/v1/tools/$id")->assertNoContent();
        $entry = array_column($this->getJson("/api/v1/jobs/{$this->job->id}")->json('entries'), null, 'place')['size.over_faces'];
        self::assertSame([104.03, 0.08], [$entry['value']['mm'], $entry['value']['half_mm']], 'it was read by what hung there then');
        $this->postJson('/api/v1/tools', ['kind' => 'press', 'capacity' => '12 t'] + $gauge)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'reads');
        $this->postJson('/api/v1/tools', ['reads' => 'eyeball'] + $gauge)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'reads');
    }

    public function test_a_tool_is_measured_anew_and_taken_down(): void
    {
        $id = $this->postJson('/api/v1/tools', ['name' => 'Cup', 'kind' => 'cup', 'outside_mm' => '46', 'length_mm' => '60'])->json(
            'id',
        );
        $this->putJson("/api/v1/tools/$id", [
            'name' => 'Cup, turned',
            'kind' => 'cup',
            'outside_mm' => '45.8',
            'opening_mm' => '37',
            'length_mm' => '60',
        ])
            ->assertOk()
            ->assertJson(['name' => 'Cup, turned', 'outside_mm' => 45.8]);
        $this->deleteJson("/api/v1/tools/$id")->assertNoContent();
        $this->getJson('/api/v1/tools')->assertJsonCount(0, 'data');
    }

    public function test_the_next_tool_follows_what_was_fitted_here(): void
    {
        $this->getJson('/api/v1/tools/next')->assertOk()->assertJsonPath('verdict.headline.key', 'next_tool.none');
        $this->keep($this->job, 'size.left.number', ['text' => '6204 2RS']);
        $this->getJson('/api/v1/tools/next')
            ->assertJsonPath('uncovered', ['6204'])
            ->assertJsonPath('verdict.headline.key', 'next_tool.get');
        $this->postJson('/api/v1/tools', [
            'name' => '42 cup',
            'kind' => 'cup',
            'outside_mm' => '46.2',
            'opening_mm' => '37',
            'length_mm' => '60',
        ]);
        $this->getJson('/api/v1/tools/next')->assertJsonPath('covered', 1.0)->assertJsonPath('verdict.headline.key', 'next_tool.all');
    }

    public function test_a_piece_to_make_is_drawn_with_its_sizes(): void
    {
        $sizes = 'title=Cup%20%3C6204%3E&outside=44.4&outside_to=46.7&bore=26.2&bore_to=41&length=45';
        $svg = (string) $this->get("/files/turned-piece.svg?$sizes")
            ->assertOk()
            ->assertHeader('Content-Type', 'image/svg+xml')
            ->getContent();
        self::assertNotFalse(simplexml_load_string($svg));
        self::assertStringContainsString('44.40 to 46.70', $svg);
        self::assertStringContainsString('Cup &lt;6204&gt;', $svg);
        $dxf = (string) $this->get("/files/turned-piece.dxf?$sizes")
            ->assertOk()
            ->getContent();
        self::assertStringStartsWith("  0\r\nSECTION", $dxf);
        self::assertStringContainsString('bore 26.20 to 41.00', $dxf);
        $this->getJson('/files/turned-piece.svg?outside=20&bore=30&length=10')->assertStatus(422);
        $this->getJson('/files/turned-piece.svg?outside=wide&length=10')
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'outside');
    }
}
