<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\LockShiftsHere;
use App\Models\Job;
use App\Models\Machine;
use App\Models\User;
use CleanRace\Core\Measure\Angle;
use Illuminate\Support\Carbon;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Setting over HTTP and on the command line: the worked figures, what is refused beside its field, and jobs that learn. */
final class SettingApiTest extends TestCase
{
    use RefreshDatabase;

    private User $user;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->person()->load('shop');
        $this->actingAs($this->user);
    }

    /** @param  array{text: string, values: array<string, mixed>}|string  $words as the page says them */
    private static function said(array|string $words): string
    {
        return is_string($words)
            ? $words
            : (string) preg_replace_callback(
                '/\{(\w+)\}/',
                static fn (array $at): string => self::said($words['values'][$at[1]]),
                $words['text'],
            );
    }

    private function hub(string $pattern): Job
    {
        return Job::factory()
            ->by($this->user)
            ->create(['pattern' => $pattern, 'machine_id' => Machine::factory()->create(['shop_id' => $this->user->shop_id])->id]);
    }

    public function test_what_a_tapers_step_asks_is_kept_as_typed_and_as_meant(): void
    {
        $job = $this->hub('taper-pair');
        $this->keep($job, 'set.taper.thread', ['text' => '3/4 x 16'])
            ->assertCreated()
            ->assertJsonPath('value.pitch', 1.5875);
        $this->keep($job, 'set.taper.thread', ['text' => 'three quarters'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'set.taper.thread');
        $this->keep($job, 'set.taper.backed_off', ['typed' => '3 min'])
            ->assertCreated()
            ->assertJsonPath('value.deg', 18);
        $this->keep($job, 'set.taper.slots', ['typed' => '6'])->assertCreated();
        $this->keep($job, 'set.taper.slots', ['typed' => 'six'])->assertStatus(422);
        $sheet = $this->getJson("/api/v1/jobs/{$job->id}")->json();
        self::assertSame('taper.slot', $this->step($sheet['report'], 'set.taper')['verdicts'][0]['headline']['key']);
        self::assertEqualsWithDelta((1.5875 * 18) / 360, $sheet['report']['set']['taper']['reachable'][0]['end_play_mm'], 1e-4);
        $this->keep($job, 'set.taper.dial', ['typed' => '.003 in'], ['instrument' => 'dial_gauge'])->assertCreated();
        self::assertSame(
            'taper.dial',
            $this->step($this->getJson("/api/v1/jobs/{$job->id}")->json('report'), 'set.taper')['verdicts'][0]['headline']['key'],
        );
    }

    public function test_while_typing_the_nut_answers_and_nothing_is_kept(): void
    {
        $job = $this->hub('taper-pair');
        $report = $this->postJson("/api/v1/jobs/{$job->id}/preview", [
            'station' => 'set',
            'drafts' => [['place' => 'set.taper.backed_off', 'entry' => ['typed' => '45']]],
        ])
            ->assertOk()
            ->json();
        self::assertSame('taper.shim', $this->step($report, 'set.taper')['verdicts'][0]['headline']['key']);
        $this->postJson("/api/v1/jobs/{$job->id}/preview", [
            'station' => 'set',
            'drafts' => [['place' => 'set.taper.backed_off', 'entry' => ['typed' => 'far']]],
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'set.taper.backed_off');
        self::assertSame(0, $job->records()->count());
    }

    public function test_what_depends_on_an_answer_is_asked_only_then(): void
    {
        $job = $this->hub('cup-cone');
        $asked = function (string $place) use ($job): bool {
            $steps = array_merge(...array_column($this->getJson("/api/v1/jobs/$job->id")->json('report.stations'), 'steps'));

            return in_array($place, array_column(array_merge(...array_column($steps, 'asks')), 'place'), true);
        };
        foreach (
            [
                'set.cone.lever' => ['set.cone.axle', ['choice' => 'quick_release'], ['choice' => 'firm']],
                'fastener.wheel_nuts.wrench_length' => ['fastener.wheel_nuts.adapter', ['typed' => '60'], ['typed' => '300']],
            ] as $place => [$first, $says, $entry]
        ) {
            self::assertFalse($asked($place));
            $this->keep($job, $place, $entry)->assertCreated();
            self::assertFalse($asked($place), 'kept, and not asked');
            $this->keep($job, $first, $says)->assertCreated();
            self::assertTrue($asked($place));
        }
        $this->keep($job, 'set.taper.slots', ['typed' => '6'])->assertStatus(422);
    }

    public function test_the_shop_learns_what_its_lock_nuts_do_from_hubs_that_are_signed(): void
    {
        $teach = function (bool $signed, float $after): void {
            $job = $this->hub('cup-cone');
            $this->keep(
                $job,
                'set.cone.try.1',
                ['mark' => 0, 'stage' => 'open', 'felt' => 'play', 'typed' => '1.4'],
                ['instrument' => 'dial_gauge'],
            )->assertCreated();
            $this->keep(
                $job,
                'set.cone.try.2',
                ['mark' => 0, 'stage' => 'locked', 'felt' => 'play', 'typed' => (string) $after],
                ['instrument' => 'dial_gauge'],
            )->assertCreated();
            if ($signed) {
                $job->signOff()->forceCreate([
                    'job_id' => $job->id,
                    'shop_id' => $job->shop_id,
                    'author_id' => $this->user->id,
                    'card' => [],
                    'signed_at' => Carbon::now(),
                ]);
            }
        };
        $new = $this->hub('cup-cone');
        self::assertSame([], LockShiftsHere::before($new));
        $teach(true, 0.9);
        $teach(true, 0.8);
        $teach(false, 0.2);
        $learnt = array_map(static fn (Angle $a): float => $a->degrees, LockShiftsHere::before($new));
        sort($learnt);
        // Half a millimetre of rim play at 290 mm radius is about 20° of a cone of pitch 1; the hub that is not signed says nothing.
        self::assertCount(2, $learnt);
        self::assertEqualsWithDelta([20, 24], $learnt, 1.5);
        self::assertSame([], LockShiftsHere::before($this->hub('pair-sleeve')), 'nobody asks for a hub without cones');
        self::assertGreaterThan(12.5, $this->getJson("/api/v1/jobs/{$new->id}")->json('report.set.cone.shift_deg'));
    }

    public function test_a_meter_and_a_time_to_look_again_are_read(): void
    {
        $job = $this->hub('pair-sleeve');
        $this->keep($job, 'check.meter', ['text' => '12 400 km'])
            ->assertCreated()
            ->assertJsonPath('value.unit', 'km');
        $this->keep($job, 'check.meter', ['text' => 'lots'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'check.meter');
        $this->keep($job, 'prove.carry_when', ['text' => 'before the spring'])->assertCreated();
        self::assertStringContainsString(
            '6 months',
            $this->keep($job, 'prove.carry_when', ['text' => 'some day'])
                ->assertStatus(422)
                ->json('errors.0.detail'),
        );
    }

    public function test_a_conversion_is_chosen_in_the_job_and_its_pieces_are_drawn(): void
    {
        $job = $this->hub('cup-cone-conversion');
        $cases = ['size.cup_seat_left' => '34', 'size.cup_seat_right' => '34.3', 'size.cup_seat_depth' => '10', 'size.ledge_span' => '50'];
        foreach ($cases as $place => $typed) {
            $this->keep($job, $place, ['typed' => $typed])->assertCreated();
        }
        $conversion = $this->getJson("/api/v1/jobs/{$job->id}")->json('report.conversion');
        self::assertSame('convert.made', $conversion['verdict']['headline']['key']);
        self::assertContains('Spacer tube', array_column($conversion['pieces'], 'name'));
        foreach ($conversion['pieces'] as $piece) {
            $query = http_build_query([
                'title' => self::said($piece['name']),
                'outside' => $piece['outside_mm'],
                'bore' => $piece['bore_mm'],
                'bore_to' => $piece['bore_to_mm'],
                'length' => $piece['length_mm'],
            ]);
            self::assertStringContainsString(
                '<svg',
                (string) $this->get("/files/turned-piece.svg?$query")
                    ->assertOk()
                    ->getContent(),
            );
        }
    }
}
