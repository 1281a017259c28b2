<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Cards\Language;
use App\Cards\Words;
use App\Models\Job;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Sizing and sourcing as callers of the API and of the command line see them. */
final class SizingApiTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person());
    }

    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> calculator, input, what the answer holds */
    public static function worked(): iterable
    {
        yield 'a clean number' => [
            'bearing-number',
            ['number' => '6204-2RS'],
            [
                'number' => '6204',
                'written' => '6204 2RS',
                'bore_mm' => 20.0,
                'outside_mm' => 47.0,
                'width_mm' => 14.0,
                'seals' => 2,
                'verdict.level' => 'go',
                'in_this_hub' => null,
            ],
        ];
        yield 'a dirty one' => ['bearing-number', ['number' => '62O5'], ['number' => '6205', 'verdict.level' => 'care']];
        yield 'for a hub' => [
            'bearing-number',
            ['number' => '6204', 'use' => 'fast_wheel', 'hub_seals' => false],
            ['in_this_hub.level' => 'stop'],
        ];
        yield 'by caliper in inches' => [
            'bearing-from-caliper',
            ['bore_mm' => '5/8 in', 'outside_mm' => '1 3/8 in', 'width_mm' => '7/16 in'],
            ['number' => '1623', 'verdict.level' => 'go'],
        ];
        yield 'from where it sat' => [
            'bearing-from-caliper',
            ['bore_mm' => 19.97, 'outside_mm' => 46.97, 'width_mm' => 14.5, 'on' => 'seats', 'state' => 'worn'],
            ['candidates.0.number' => '6204'],
        ];
        yield 'a seal' => ['seal', ['printed' => '62x35x7'], ['found' => '35 × 62 × 7 mm']];
        yield 'a ring on a shaft' => ['snap-ring', ['diameter_mm' => 25.0, 'seat' => 'shaft'], ['found' => '25 mm, 1.2 thick']];
        yield 'balls by micrometer' => [
            'balls',
            ['balls' => [['diameter_mm' => 3.969], ['diameter_mm' => '3.968']], 'instrument' => 'micrometer'],
            ['found' => '5/32 in'],
        ];
        yield 'a pin' => ['split-pin', ['hole_mm' => 3.2, 'thread_mm' => 12], ['found' => 'split pin 3.2']];
        yield 'strangers' => ['taper-set', ['cone' => 'LM11949', 'cup' => 'L44610'], ['belongs' => false, 'verdict.level' => 'stop']];
        yield 'a shaft' => [
            'shaft-fit',
            ['bore_mm' => 30, 'shaft_mm' => ['value' => 30.012, 'instrument' => 'micrometer']],
            ['verdict.level' => 'go', 'bands.nominal_mm' => 30.0],
        ];
        yield 'a hollow shaft' => [
            'press-force',
            [
                'bore_mm' => 30,
                'outside_mm' => 62,
                'width_mm' => 16,
                'interference_mm' => 0.012,
                'seat' => 'shaft',
                'shaft_hole_mm' => 20,
            ],
            ['verdict.level' => 'go'],
        ];
        yield 'a nylon wheel' => [
            'press-force',
            [
                'bore_mm' => 20,
                'outside_mm' => 47,
                'width_mm' => 14,
                'interference_mm' => 0.35,
                'hub_outside_mm' => 52,
                'material' => 'nylon',
            ],
            ['verdict.headline.key' => 'force.split'],
        ];
        yield 'all of a fit' => [
            'press-fit',
            ['number' => '6204 2RS', 'measured_mm' => ['value' => 46.975, 'instrument' => 'bore_gauge'], 'hub_outside_mm' => 66],
            ['fit.verdict.level' => 'go', 'heat.verdict.level' => 'go', 'width_mm' => 14.0],
        ];
        yield 'a fit without a wall' => ['press-fit', ['number' => '6204'], ['force' => null, 'clearance' => null]];
        yield 'grease, worked' => [
            'grease',
            ['bore_mm' => 25, 'outside_mm' => 52, 'width_mm' => 15],
            ['way' => 'sealed', 'seal_out' => 'none', 'strokes' => null],
        ];
        yield 'fed by a nipple' => [
            'grease',
            [
                'bore_mm' => 25,
                'outside_mm' => 52,
                'width_mm' => 15,
                'nipple' => 'used',
                'cavity_outside_mm' => 50,
                'cavity_inside_mm' => 30,
                'cavity_length_mm' => 40,
            ],
            ['way' => 'hybrid', 'seal_out' => 'inner', 'strokes' => 42],
        ];
        yield 'money' => [
            'bearings-or-assembly',
            ['parts' => '38.40', 'minutes' => 90, 'assembly' => '240,00', 'assembly_minutes' => 30, 'hour' => '54'],
            ['bearings_minor' => 14610, 'assembly_minor' => 26700, 'verdict.level' => 'go'],
        ];
        yield 'a cone' => [
            'match-part',
            ['kind' => 'cone', 'sizes' => [['what' => 'ball', 'old' => '1/4 in', 'new' => '6.35']]],
            ['compared.0.level' => 'go', 'verdict.level' => 'care'],
        ];
        yield 'one line' => ['question', ['text' => '35 62 7'], ['readings.0.calculator' => 'seal']];
    }

    /**
     * @param  array<string, mixed>  $input
     * @param  array<string, mixed>  $holds
     */
    #[DataProvider('worked')]
    public function test_figures_come_back_over_http(string $calculator, array $input, array $holds): void
    {
        $answer = $this->postJson("/api/v1/calculators/$calculator", $input)
            ->assertOk()
            ->json();
        foreach ($holds as $path => $value) {
            self::assertSame($value, Arr::get($answer, $path), $path.' of '.json_encode($answer));
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> calculator, input, the field that is named */
    public static function refused(): iterable
    {
        yield 'no number' => ['bearing-number', ['number' => 'rubbish'], 'number'];
        yield 'nothing measured' => ['bearing-from-caliper', [], 'bore_mm'];
        yield 'a seal without sizes' => ['seal', [], 'printed'];
        yield 'shaft larger than bore' => ['seal', ['shaft_mm' => 50, 'bore_mm' => 40], 'shaft_mm'];
        yield 'no balls' => ['balls', ['balls' => []], 'balls'];
        yield 'a cup that is a word' => ['taper-set', ['cone' => 'LM11949', 'cup' => 'cup'], 'cup'];
        yield 'a shaft of another bearing' => ['shaft-fit', ['bore_mm' => 30, 'shaft_mm' => 25], 'shaft_mm'];
        yield 'a hole wider than the shaft' => [
            'press-force',
            [
                'bore_mm' => 30,
                'outside_mm' => 62,
                'width_mm' => 16,
                'interference_mm' => 0.012,
                'seat' => 'shaft',
                'shaft_hole_mm' => 31,
            ],
            'shaft_hole_mm',
        ];
        yield 'no bearing' => ['press-fit', [], 'number'];
        yield 'seals that are none' => ['grease', ['bore_mm' => 25, 'outside_mm' => 52, 'width_mm' => 15, 'seals' => 3], 'seals'];
        yield 'half a seal' => ['grease', ['bore_mm' => 25, 'outside_mm' => 52, 'width_mm' => 15, 'seals' => 1.5], 'seals'];
        yield 'money as a fraction' => [
            'bearings-or-assembly',
            ['parts' => 38.4, 'minutes' => 90, 'assembly' => '240', 'assembly_minutes' => 30, 'hour' => '54'],
            'parts',
        ];
        yield 'money that can be read two ways' => [
            'bearings-or-assembly',
            ['parts' => '1,250', 'minutes' => 90, 'assembly' => '240', 'assembly_minutes' => 30, 'hour' => '54'],
            'parts',
        ];
        yield 'a size no cone has' => [
            'match-part',
            ['kind' => 'cone', 'sizes' => [['what' => 'colour', 'old' => 'a', 'new' => 'b']]],
            'sizes.0.what',
        ];
        yield 'words for a length' => [
            'match-part',
            ['kind' => 'cone', 'sizes' => [['what' => 'ball', 'old' => 'six', 'new' => '6']]],
            'sizes.0.old',
        ];
        yield 'nothing asked' => ['question', ['text' => ''], 'text'];
        yield 'nothing understood' => ['question', ['text' => 'good morning'], 'text'];
        yield 'an axle nobody measured' => ['sliding-fit', ['bore_mm' => 20], 'shaft_mm'];
    }

    /** @param  array<string, mixed>  $input */
    #[DataProvider('refused')]
    public function test_what_cannot_be_used_names_its_field(string $calculator, array $input, string $field): void
    {
        $answer = $this->postJson("/api/v1/calculators/$calculator", $input)->assertStatus(422);
        self::assertSame($field, $answer->json('errors.0.field'), (string) $answer->content());
        self::assertMatchesRegularExpression('/^[A-Z0-9"].+\.$/s', (string) $answer->json('errors.0.detail'));
    }

    public function test_hostile_numbers_over_http_are_answered_or_refused_but_never_break(): void
    {
        foreach (
            [
                "6204\0",
                '６２０４',
                '62%s',
                "6204' OR '1'='1",
                '<script>6204</script>',
                str_repeat('6204', 30),
                '../../6204',
                '6204{x}',
                '62/22/32/28',
                '🛞',
                '6204\\',
                'LM11949/LM11910/LM12749',
            ] as $typed
        ) {
            foreach (['bearing-number' => 'number', 'question' => 'text', 'seal' => 'printed'] as $calculator => $field) {
                $status = $this->postJson("/api/v1/calculators/$calculator", [$field => $typed])->status();
                self::assertContains($status, [200, 422], "$calculator: $typed");
            }
        }
    }

    public function test_the_trials_run_from_the_command_line_and_the_exit_code_tells(): void
    {
        self::assertSame(0, Artisan::call('bench:trial', ['name' => 'fit', '--jobs' => 200, '--seed' => 4]));
        self::assertSame(32, substr_count(Artisan::output(), 'ok  '));
        self::assertSame(0, Artisan::call('bench:trial', ['name' => 'spelling']));
        self::assertStringContainsString('100.00 %', Artisan::output());
        self::assertSame(1, Artisan::call('bench:trial', ['name' => 'caliper', '--jobs' => 0]), 'nothing tried is nothing shown');
        self::assertStringContainsString('MISS', Artisan::output());
    }

    private function jobOn(string $pattern): Job
    {
        $machine = $this->postJson('/api/v1/machines', ['name' => 'Trial'])->json('id');

        $id = (int) $this->postJson('/api/v1/jobs', [
            'machine_id' => $machine,
            'wheel' => 'Front',
            'pattern' => $pattern,
            'complaint' => 'Hums',
        ])
            ->assertCreated()
            ->json('id');

        return Job::query()->findOrFail($id);
    }

    public function test_a_part_of_any_hub_is_sized_and_comes_on_the_list_as_what_it_is(): void
    {
        $job = $this->jobOn('knuckle-wide');
        $this->keep($job, 'size.part.bearing', ['text' => '3206 2RS'])->assertCreated();
        $this->keep($job, 'size.part.seal_left', ['text' => '40 58 8'])->assertCreated();
        $this->keep($job, 'size.part.castle_nut_left.hole', ['typed' => '5.0'])->assertCreated();
        foreach (['bearing', 'seal_left'] as $part) {
            $this->keep($job, "part.$part", ['state' => 'on_tray', 'condition' => 'replace'])->assertCreated();
        }
        $report = $this->getJson("/api/v1/jobs/$job->id")
            ->assertOk()
            ->json('report');
        self::assertSame('number.read', $this->step($report, 'size.part.bearing')['verdicts'][0]['headline']['key']);
        $words = new Words('mm', new Language());
        $keys = array_combine(
            array_map($words->say(...), array_column($report['to_buy'], 'what')),
            array_column($report['to_buy'], 'key'),
        );
        self::assertSame('bearing:3206:rs2:CN', $keys['Wheel bearing']);
        self::assertSame('seal:40x58x8', $keys['Outer seal']);
        self::assertSame('pin:5', $keys['For the axle nut with pin']);
        self::assertSame(
            [30.0, 62.0, 23.8],
            array_map(
                static fn (array $s): float => (float) $s['length_mm'],
                array_slice(
                    array_values(array_filter($report['hub']['parts'], static fn (array $p): bool => $p['part'] === 'bearing'))[0][
                        'sizes'
                    ],
                    0,
                    3,
                ),
            ),
            'the drawing follows the number',
        );
    }

    public function test_a_seat_is_surveyed_at_three_depths_and_drawn(): void
    {
        $job = $this->jobOn('pair-sleeve');
        $this->keep($job, 'size.left.number', ['text' => '6204 2RS'])->assertCreated();
        foreach (['lip' => '47.06', 'middle' => '47.01', 'bottom' => '46.98'] as $depth => $typed) {
            $this->keep($job, "bore.left.$depth.12", ['typed' => $typed], ['instrument' => 'bore_gauge'])->assertCreated();
        }
        $this->keep($job, 'bore.left.look', ['choices' => ['rust_at_lip', 'pits']])->assertCreated();
        $report = $this->getJson("/api/v1/jobs/$job->id")
            ->assertOk()
            ->json('report');
        $verdicts = array_column(array_column($this->step($report, 'size.left.bore')['verdicts'], 'headline'), 'key');
        self::assertContains('survey.corroded', $verdicts);
        $seat = array_values(array_filter($report['seats'], static fn (array $s): bool => $s['key'] === 'left'))[0];
        self::assertCount(3, $seat['map']);
        self::assertTrue($seat['bands']['seat_measured']);
        self::assertNotEmpty($seat['remedies']);
    }
}
