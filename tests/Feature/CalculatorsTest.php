<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Calculators\Calculators;
use CleanRace\Core\Calculators\Registry;
use CleanRace\Core\Tests\WholeWords;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The calculators as callers meet them: through the API and on the command line. */
final class CalculatorsTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person());
    }

    public function test_every_calculator_is_listed_and_its_example_works(): void
    {
        $cards = $this->getJson('/api/v1/calculators')->assertOk()->json('data');
        self::assertSame(array_keys(Registry::all()), array_column($cards, 'name'));
        foreach ($cards as $card) {
            $answer = $this->postJson('/api/v1/calculators/'.$card['name'], $card['example']);
            self::assertSame(200, $answer->status(), $card['name'].': '.$answer->content());
            self::assertContains($answer->json('verdict.level'), ['go', 'care', 'stop']);
            self::assertNotSame('', $answer->json('verdict.sentence.text'));
            foreach ($card['fields'] as $field) {
                self::assertMatchesRegularExpression('/^[a-z][a-z0-9_]*$/', $field['name']);
            }
        }
    }

    public function test_what_a_choice_is_taken_to_be_is_said_and_taken(): void
    {
        $seen = 0;
        foreach ($this->getJson('/api/v1/calculators')->json('data') as $card) {
            foreach ($card['fields'] as $field) {
                if ($field['usual'] === null || $field['kind'] !== 'choice') {
                    continue;
                }
                $option = array_search($field['usual'], $field['labels'], true);
                self::assertIsInt($option, $card['name'].', '.$field['name']);
                // Said or left out: the same answer.
                $left = array_diff_key($card['example'], [$field['name'] => true]);
                $answer = fn (array $input) => $this->postJson('/api/v1/calculators/'.$card['name'], $input)->json('verdict');
                self::assertSame($answer($left), $answer($left + [$field['name'] => $field['options'][$option]]));
                $seen++;
            }
        }
        self::assertGreaterThan(8, $seen);
    }

    public function test_another_language_can_be_laid_over_every_answer(): void
    {
        foreach (Registry::all() as $name => $class) {
            $example = Registry::about($class)->example;
            // The tools in it have names that somebody gave them.
            array_walk_recursive($example, static function (mixed &$value, string|int $key): void {
                $value = $key === 'name' ? mb_strtoupper((string) $value) : $value;
            });
            $answer = $this->app->make(Calculators::class)->work($name, $example);
            foreach (WholeWords::in($answer) as $where => $said) {
                self::assertNull(WholeWords::fault($said), "$name, $where: $said->text");
            }
        }
    }

    public function test_no_calculator_asks_the_database(): void
    {
        DB::enableQueryLog();
        foreach (Registry::all() as $name => $class) {
            DB::flushQueryLog();
            $this->postJson("/api/v1/calculators/$name", Registry::about($class)->example)->assertOk();
            self::assertSame([], DB::getQueryLog(), $name);
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, array<string, float|string>}> */
    public static function worked(): iterable
    {
        $press = [
            'bore_mm' => 20,
            'outside_mm' => 47,
            'width_mm' => 14,
            'hub_outside_mm' => 66,
            'interference_mm' => 0.025,
            'contact_length_mm' => 14,
            'material' => 'aluminium',
            'press_capacity_n' => 12 * 9806.65,
            'draw_bolt' => 'M12',
        ];
        yield 'heat, aluminium' => [
            'heat',
            ['outside_mm' => 47, 'interference_mm' => 0.025, 'material' => 'aluminium', 'room_c' => 18],
            ['rise_k' => 41.6, 'target_c' => 59.6],
        ];
        yield 'heat, steel' => [
            'heat',
            ['outside_mm' => 52, 'interference_mm' => 0.015, 'material' => 'steel', 'room_c' => 20],
            ['rise_k' => 57.5],
        ];
        yield 'press force' => [
            'press-force',
            $press,
            ['pressure_mpa' => 5.42, 'force_n' => 1345, 'share_of_press' => 0.0114, 'draw_bolt_torque_nm' => 2.42],
        ];
        yield 'square' => [
            'square',
            [
                'bore_mm' => 20,
                'outside_mm' => 47,
                'readings' => [
                    ['clock' => '12', 'depth_mm' => 3.1],
                    ['clock' => 3, 'depth_mm' => '3.40'],
                    ['clock' => '6', 'depth_mm' => 3.7],
                    ['clock' => '9', 'depth_mm' => 3.4],
                ],
            ],
            [
                'mean_depth_mm' => 3.4,
                'tilt_mm' => 0.6,
                'angle_deg' => 0.78,
                'high_side' => '12',
                'verdict.headline.key' => 'square.tap',
            ],
        ];
        $second = [
            'over_faces_mm' => 104.0,
            'first_depth_mm' => 9.2,
            'first_width_mm' => 14,
            'sleeve_length_mm' => 57.6,
            'second_width_mm' => 14,
            'draw_bolt' => 'M12',
        ];
        yield 'second bearing, to go' => [
            'second-bearing',
            $second + ['second_depth_mm' => 8.85],
            ['rest_depth_mm' => 9.2, 'to_go_mm' => 0.35, 'nut_turn_deg' => 72],
        ];
        yield 'second bearing, past' => ['second-bearing', $second + ['second_depth_mm' => 9.6], ['verdict.level' => 'stop']];
        yield 'clearance' => ['clearance-left', ['bore_mm' => 20, 'outside_mm' => 47, 'pressure_mpa' => 5.42], ['taken_mm' => 0.00794]];
        yield 'lengths as text' => [
            'heat',
            ['outside_mm' => '1 7/8 in', 'interference_mm' => '0.001 in', 'room_c' => 20],
            ['rise_k' => (0.0254 + 0.02) / (47.625 * 23e-6)],
        ];
        yield 'a reading with its instrument' => [
            'fit',
            ['outside_mm' => 47, 'bore_mm' => ['value' => 46.975, 'instrument' => 'bore_gauge']],
            ['verdict.level' => 'go'],
        ];
        yield 'the same with a caliper' => ['fit', ['outside_mm' => 47, 'bore_mm' => 46.99], ['verdict.level' => 'care']];
    }

    /**
     * @param  array<string, mixed>  $input
     * @param  array<string, float|string>  $expected
     */
    #[DataProvider('worked')]
    public function test_worked_figures_through_the_api_and_the_command_line(string $name, array $input, array $expected): void
    {
        $this->assertFigures(
            $expected,
            (array) $this->postJson("/api/v1/calculators/$name", $input)
                ->assertOk()
                ->json(),
        );
        $process = new Process(
            [PHP_BINARY, base_path('artisan'), 'bench:calc', $name],
            base_path(),
            ['DB_HOST' => '192.0.2.1', 'DB_PORT' => '1', 'DATABASE_URL' => false],
            (string) json_encode($input),
        );
        $process->mustRun();
        $this->assertFigures($expected, json_decode($process->getOutput(), true));
    }

    /**
     * @param  array<string, float|string>  $expected
     * @param  array<mixed>  $answer
     */
    private function assertFigures(array $expected, array $answer): void
    {
        foreach ($expected as $path => $value) {
            $found = data_get($answer, $path);
            is_string($value)
                ? self::assertSame($value, $found, $path)
                : self::assertEqualsWithDelta($value, $found, abs($value) * 0.005 + 1e-6, $path);
        }
    }

    public function test_a_question_is_understood_and_answered_in_one_go(): void
    {
        $asked = $this->postJson('/api/v1/ask', ['text' => '47.02 in 46.98'])->assertOk();
        self::assertSame(['fit', 'fit'], [$asked->json('readings.0.calculator'), $asked->json('worked.calculator')]);
        self::assertSame(
            $this->postJson('/api/v1/calculators/fit', $asked->json('readings.0.input'))->json(),
            $asked->json('worked.result'),
        );
        $second = $this->postJson('/api/v1/ask', ['text' => '35 62 7', 'as' => 1])->assertOk();
        self::assertSame([1, $second->json('readings.1.calculator')], [$second->json('chosen'), $second->json('worked.calculator')]);
        self::assertSame(
            0,
            $this->postJson('/api/v1/ask', ['text' => '6204', 'as' => 7])
                ->assertOk()
                ->json('chosen'),
        );
        $this->postJson('/api/v1/ask', ['text' => 'nonsense'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'text');
        $this->postJson('/api/v1/ask', [])->assertStatus(422);
        $this->postJson('/api/v1/ask', ['text' => ['x']])->assertStatus(422);
    }

    public function test_a_calculator_that_is_named_answers_or_says_what_is_wrong_with_its_input(): void
    {
        $this->postJson('/api/v1/ask', ['calculator' => 'fit', 'input' => ['outside_mm' => '47', 'bore_mm' => '46,98']])
            ->assertOk()
            ->assertJsonPath('worked.calculator', 'fit')
            ->assertJsonPath('faults', []);
        $this->postJson('/api/v1/ask', ['calculator' => 'fit', 'input' => ['outside_mm' => 'wide']])
            ->assertOk()
            ->assertJsonPath('worked', null)
            ->assertJsonPath('faults.0.field', 'outside_mm');
        $this->postJson('/api/v1/ask', ['calculator' => 'nothing'])->assertStatus(404);
    }

    public function test_the_document_of_the_api_is_up_to_date(): void
    {
        self::assertSame(0, Artisan::call('bench:openapi --check'));
        $document = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true);
        foreach (array_keys(Registry::all()) as $name) {
            self::assertArrayHasKey("/calculators/$name", $document['paths']);
        }
    }

    public function test_what_is_only_read_is_asked_in_the_address_and_never_in_a_body(): void
    {
        $document = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true);
        foreach ($document['paths'] as $path => $operations) {
            self::assertArrayNotHasKey('requestBody', $operations['get'] ?? [], $path);
        }
        $asked = array_column($document['paths']['/jobs']['get']['parameters'], null, 'name');
        self::assertSame(['signed', 'find', 'cursor'], array_keys($asked));
        self::assertSame(['query', 'boolean'], [$asked['signed']['in'], $asked['signed']['schema']['type']]);
        $live = array_column($document['paths']['/jobs/{job}/seats/{seat}/live']['get']['parameters'], 'in', 'name');
        self::assertSame(['job' => 'path', 'seat' => 'path', 'of' => 'query', 'after' => 'query'], $live);
    }

    public function test_a_size_smaller_than_any_gauge_shows_is_refused_and_breaks_nothing(): void
    {
        foreach (
            [
                'heat' => ['outside_mm' => 1e-320, 'interference_mm' => 0.02],
                'ring-heat' => ['bore_mm' => 1e-320, 'interference_mm' => 0.02],
                'heat-clock' => ['hub_c' => 85, 'room_c' => 20, 'outside_mm' => 1e-320, 'interference_mm' => 0.02],
                'press-force' => [
                    'bore_mm' => 1e-320,
                    'outside_mm' => 1e-310,
                    'width_mm' => 1e-320,
                    'hub_outside_mm' => 1,
                    'interference_mm' => 0.1,
                ],
            ] as $calculator => $given
        ) {
            $this->postJson("/api/v1/calculators/$calculator", $given)->assertStatus(422)->assertJsonPath('status', 422);
        }
    }
}
