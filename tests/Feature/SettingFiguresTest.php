<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The calculators of setting over HTTP: worked figures, and faults beside their field. */
final class SettingFiguresTest extends TestCase
{
    use RefreshDatabase;

    private User $user;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->person()->load('shop');
        $this->actingAs($this->user);
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
            ['source' => 'manual', 'torque_nm' => 45, 'thread' => 'M10', 'grade' => '8.8', 'wrench_length_mm' => 380, 'adapter_mm' => 60],
            ['set_nm' => 38.864, 'ceiling_nm' => 50.45],
        ];
        yield 'none found' => ['torque', ['source' => 'none', 'thread' => 'M12', 'grade' => '10.9'], ['set_nm' => null]];
        yield 'a spacer tube for a conversion' => [
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
}
