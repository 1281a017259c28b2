<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\LockShiftsHere;
use App\Models\Job;
use App\Models\Machine;
use App\Models\User;
use CleanRace\Core\Measure\Angle;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
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

    private function hub(string $pattern): Job
    {
        return Job::factory()
            ->by($this->user)
            ->create(['pattern' => $pattern, 'machine_id' => Machine::factory()->create(['shop_id' => $this->user->shop_id])->id]);
    }

    /**
     * @param  array<string, mixed>  $input
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function work(string $name, array $input): TestResponse
    {
        /** @var TestResponse<\Illuminate\Http\JsonResponse> */
        return $this->postJson("/api/v1/calculators/$name", $input);
    }

    /**
     * @return iterable<string, array{string, array<string, mixed>, array<string, float|int|string|null>}> calculator,
     *   input, figures of the answer
     */
    public static function figures(): iterable
    {
        yield 'ten balls' => [
            'balls-in-cup',
            ['circle_mm' => 21, 'ball_mm' => '1/4 in'],
            ['fit' => 10, 'take' => 10, 'free_mm' => 1.464],
        ];
        yield 'ten that jam' => [
            'balls-in-cup',
            ['circle_mm' => 20.6, 'ball_mm' => 6.35],
            ['fit' => 10, 'take' => 9, 'free_when_full_mm' => 0.165],
        ];
        yield 'a circle in inches' => ['balls-in-cup', ['circle_mm' => '0.8268 in', 'ball_mm' => '1/4 in'], ['take' => 10]];
        yield 'an axle in inches' => [
            'axle-ends',
            ['left_mm' => 4, 'right_mm' => 6, 'thread' => '3/8-26'],
            ['move_mm' => -1.0, 'turns' => 1.0236],
        ];
        yield 'rim play' => [
            'cone-play',
            ['rim_play_mm' => 1.2, 'radius_mm' => 290, 'spacing_mm' => 52, 'circle_mm' => 21],
            ['end_play_mm' => 0.1342, 'cone_turn_deg' => 48.29, 'shortening_mm' => 0.0],
        ];
        yield 'what a lever takes' => [
            'cone-play',
            [
                'rim_play_mm' => 1.2,
                'radius_mm' => 290,
                'spacing_mm' => 52,
                'circle_mm' => 21,
                'axle' => 'quick_release',
                'axle_bore_mm' => 5,
            ],
            ['shortening_mm' => 0.0247, 'shortening_turn_deg' => 8.906],
        ];
        yield 'a firm lever' => [
            'cone-play',
            [
                'rim_play_mm' => 1.2,
                'radius_mm' => 290,
                'spacing_mm' => 52,
                'circle_mm' => 21,
                'axle' => 'quick_release',
                'axle_bore_mm' => 5,
                'lever' => 'firm',
            ],
            ['shortening_mm' => 0.0371],
        ];
        yield 'one hole' => [
            'taper-nut',
            ['thread' => '3/4-16', 'offset_mm' => 0.2],
            ['step_mm' => 0.2646, 'shim_mm' => 0.125, 'chosen' => null],
        ];
        yield 'two holes' => [
            'taper-nut',
            ['thread' => '3/4-16', 'holes' => 2, 'offset_mm' => 0.01],
            ['step_mm' => 0.1323, 'shim_mm' => 0.0673, 'chosen' => null],
        ];
        yield 'a slot that serves' => [
            'taper-nut',
            ['thread' => 'M20x1.5', 'slots' => 6, 'backed_off_deg' => 15],
            ['chosen' => 0, 'shim_mm' => null],
        ];
        yield 'float' => [
            'axle-float',
            [
                'space_mm' => 84.6,
                'wheel_mm' => 78.4,
                'fitted_mm' => 4,
                'washers' => [['thickness_mm' => 0.5, 'count' => 4], ['thickness_mm' => 1, 'count' => 2]],
            ],
            ['float_mm' => 2.2, 'float_then_mm' => 0.7],
        ];
        yield 'spacers from a fork' => [
            'wheel-centre',
            ['fork_mm' => 100, 'face_left_mm' => 36, 'face_right_mm' => 30],
            ['spacer_left_mm' => 14.0, 'spacer_right_mm' => 20.0],
        ];
        yield 'spacers, the rim to the right' => [
            'wheel-centre',
            ['fork_mm' => 100, 'face_left_mm' => 36, 'face_right_mm' => 30, 'offset_mm' => 2],
            ['spacer_left_mm' => 16.0, 'spacer_right_mm' => 18.0],
        ];
        yield 'spacers from a trial' => [
            'wheel-centre',
            ['gap_left_mm' => 14, 'gap_right_mm' => 10, 'spacer_left_mm' => 12, 'spacer_right_mm' => 8],
            ['rim_offset_mm' => 2.0, 'spacer_left_mm' => 10.0, 'spacer_right_mm' => 10.0],
        ];
        yield 'a wrench with an adapter' => [
            'torque',
            ['source' => 'manual', 'torque_nm' => 45, 'thread' => 'M10', 'wrench_length_mm' => 380, 'adapter_mm' => 60],
            ['set_nm' => 38.864, 'ceiling_nm' => 50.45],
        ];
        yield 'none found' => ['torque', ['source' => 'none', 'thread' => 'M12', 'grade' => '10.9'], ['set_nm' => null]];
        yield 'a sleeve for a conversion' => [
            'conversion',
            ['seat_left_mm' => 32, 'seat_right_mm' => 32, 'axle_mm' => 12, 'depth_mm' => 10, 'span_mm' => 50],
            [],
        ];
        yield 'a coach that has seen two tries' => [
            'cone-coach',
            [
                'radius_mm' => 290,
                'spacing_mm' => 52,
                'circle_mm' => 21,
                'tries' => [
                    [
                        'mark_deg' => 0,
                        'stage' => 'open',
                        'felt' => 'play',
                        'rim_play_mm' => ['value' => 1.2, 'instrument' => 'dial_gauge'],
                    ],
                    [
                        'mark_deg' => 0,
                        'stage' => 'locked',
                        'felt' => 'play',
                        'rim_play_mm' => ['value' => 0.9, 'instrument' => 'dial_gauge'],
                    ],
                ],
            ],
            ['lockings' => 1, 'repeat' => null],
        ];
    }

    /**
     * @param  array<string, mixed>  $input
     * @param  array<string, float|int|string|null>  $figures
     */
    #[DataProvider('figures')]
    public function test_worked_figures_over_http(string $name, array $input, array $figures): void
    {
        $answer = $this->work($name, $input)->assertOk()->json();
        foreach ($figures as $field => $value) {
            is_float($value)
                ? self::assertEqualsWithDelta($value, $answer[$field], 0.001 * max(1.0, abs($value)), $field)
                : self::assertSame($value, $answer[$field], $field);
        }
        self::assertContains($answer['verdict']['level'], ['go', 'care', 'stop']);
        self::assertNotSame([], $answer['verdict']['working']['lines'] ?? $answer['verdict']['working']);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> calculator, input, field that is at fault */
    public static function faults(): iterable
    {
        yield 'a ball as large as its circle' => ['balls-in-cup', ['circle_mm' => 10, 'ball_mm' => 6], 'ball_mm'];
        yield 'no balls came out' => ['balls-in-cup', ['circle_mm' => 21, 'ball_mm' => 6.35, 'found' => 0], 'found'];
        yield 'one side of before' => ['axle-ends', ['left_mm' => 4, 'right_mm' => 6, 'before_left_mm' => 3], 'before_left_mm'];
        yield 'a thread that is none' => ['axle-ends', ['left_mm' => 4, 'right_mm' => 6, 'thread' => 'coarse'], 'left_mm'];
        yield 'a hole as wide as its axle' => [
            'cone-play',
            [
                'rim_play_mm' => 1,
                'radius_mm' => 290,
                'spacing_mm' => 52,
                'circle_mm' => 21,
                'axle' => 'quick_release',
                'axle_bore_mm' => 9,
            ],
            'axle_bore_mm',
        ];
        yield 'a feel that nobody has' => [
            'cone-coach',
            [
                'radius_mm' => 290,
                'spacing_mm' => 52,
                'circle_mm' => 21,
                'tries' => [['mark_deg' => 0, 'stage' => 'open', 'felt' => 'odd']],
            ],
            'tries.0.felt',
        ];
        yield 'a mark beyond ten turns' => [
            'cone-coach',
            [
                'radius_mm' => 290,
                'spacing_mm' => 52,
                'circle_mm' => 21,
                'tries' => [['mark_deg' => 5000, 'stage' => 'open', 'felt' => 'play']],
            ],
            'tries.0.mark_deg',
        ];
        yield 'a nut with three slots' => ['taper-nut', ['thread' => '3/4-16', 'slots' => 3, 'offset_mm' => 0.2], 'slots'];
        yield 'nothing known of where it stands' => ['taper-nut', ['thread' => '3/4-16'], 'backed_off_deg'];
        yield 'a band upside down' => [
            'taper-nut',
            ['thread' => '3/4-16', 'offset_mm' => 0.2, 'band_low_mm' => 0.2, 'band_high_mm' => 0.1],
            'band_high_mm',
        ];
        yield 'a washer of no thickness' => [
            'axle-float',
            ['space_mm' => 84, 'wheel_mm' => 78, 'washers' => [['thickness_mm' => 0]]],
            'washers.0.thickness_mm',
        ];
        yield 'half a fork' => ['wheel-centre', ['fork_mm' => 100], 'fork_mm'];
        yield 'a source without its figure' => ['torque', ['source' => 'manual'], 'torque_nm'];
        yield 'an adapter without its wrench' => [
            'torque',
            ['source' => 'manual', 'torque_nm' => 10, 'adapter_mm' => 40],
            'wrench_length_mm',
        ];
        yield 'a grade that is none' => ['torque', ['source' => 'none', 'grade' => '7.7'], 'grade'];
        yield 'a seat that was not read' => ['conversion', ['seat_left_mm' => 32, 'axle_mm' => 12], 'seat_right_mm'];
    }

    /** @param  array<string, mixed>  $input */
    #[DataProvider('faults')]
    public function test_bad_input_is_said_beside_its_field(string $name, array $input, string $field): void
    {
        $refused = $this->work($name, $input)->assertStatus(422)->json();
        self::assertContains($field, array_column($refused['errors'], 'field'));
        self::assertMatchesRegularExpression('/[.]$/', $refused['errors'][0]['detail']);
    }

    public function test_the_command_line_answers_as_http_does(): void
    {
        $input = ['thread' => '3/4-16', 'offset_mm' => 0.2];
        $line = shell_exec(
            'echo '.
                escapeshellarg((string) json_encode($input)).
                ' | '.
                PHP_BINARY.
                ' '.
                base_path('artisan').
                ' bench:calc taper-nut',
        );
        self::assertSame($this->work('taper-nut', $input)->json(), json_decode((string) $line, true));
        $trial = shell_exec(PHP_BINARY.' '.base_path('artisan').' bench:trial cones --jobs=12 --seed=3');
        self::assertMatchesRegularExpression('/ok\s+cones: set within four lockings/', (string) $trial);
        self::assertStringContainsString('cones: go outside its band', (string) $trial);
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
        self::assertContains('Sleeve', array_column($conversion['pieces'], 'name'));
        foreach ($conversion['pieces'] as $piece) {
            $query = http_build_query([
                'title' => $piece['name'],
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
