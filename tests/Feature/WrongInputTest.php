<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Calculators\Calculators;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Wrong input of calculators gets one sentence, beside its field. */
final class WrongInputTest extends TestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person());
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        $heat = ['outside_mm' => 47, 'interference_mm' => 0.02];
        yield 'letters' => ['heat', ['outside_mm' => 'abc'] + $heat, 'outside_mm'];
        yield 'negative' => ['heat', ['outside_mm' => -47] + $heat, 'outside_mm'];
        yield 'two numbers' => ['heat', ['outside_mm' => '47 52'] + $heat, 'outside_mm'];
        yield 'nine metres' => ['heat', ['outside_mm' => '9 m'] + $heat, 'outside_mm'];
        yield 'nine thousand millimetres' => ['heat', ['outside_mm' => 9000] + $heat, 'outside_mm'];
        yield 'empty' => ['heat', ['outside_mm' => ''] + $heat, 'outside_mm'];
        yield 'missing' => ['heat', ['interference_mm' => 0.02], 'outside_mm'];
        yield 'a list' => ['heat', ['outside_mm' => [47]] + $heat, 'outside_mm'];
        yield 'true' => ['heat', ['outside_mm' => true] + $heat, 'outside_mm'];
        yield 'too tight to be real' => ['heat', ['interference_mm' => 5] + $heat, 'interference_mm'];
        yield 'a material that is none' => ['heat', ['material' => 'wood'] + $heat, 'material'];
        yield 'a shop on fire' => ['heat', ['room_c' => 400] + $heat, 'room_c'];
        yield 'yes as a word' => ['heat', ['freezer' => 'yes'] + $heat, 'freezer'];
        yield 'a field that is not there' => ['heat', ['outside' => 47] + $heat, 'outside'];
        yield 'bore larger than outside' => ['bearing-from-caliper', ['bore_mm' => 47, 'outside_mm' => 20], 'bore_mm'];
        yield 'hub smaller than bearing' => [
            'press-force',
            ['bore_mm' => 20, 'outside_mm' => 47, 'width_mm' => 14, 'hub_outside_mm' => 40, 'interference_mm' => 0.02],
            'hub_outside_mm',
        ];
        yield 'two depths' => [
            'square',
            [
                'bore_mm' => 20,
                'outside_mm' => 47,
                'readings' => [['clock' => '12', 'depth_mm' => 3], ['clock' => '6', 'depth_mm' => 3]],
            ],
            'readings',
        ];
        yield 'a depth of words' => [
            'square',
            [
                'bore_mm' => 20,
                'outside_mm' => 47,
                'readings' => [
                    ['clock' => '12', 'depth_mm' => 'x'],
                    ['clock' => '4', 'depth_mm' => 3],
                    ['clock' => '8', 'depth_mm' => 3],
                ],
            ],
            'readings.0.depth_mm',
        ];
        yield 'an hour that is none' => [
            'square',
            ['bore_mm' => 20, 'outside_mm' => 47, 'readings' => [['clock' => '13', 'depth_mm' => 3]]],
            'readings.0.clock',
        ];
        yield 'readings of words' => ['square', ['bore_mm' => 20, 'outside_mm' => 47, 'readings' => 'none'], 'readings'];
        yield 'a number that is no bearing' => ['bearing-number', ['number' => 'rust'], 'number'];
        yield 'a series without such a bore' => ['bearing-number', ['number' => '6299'], 'number'];
        yield 'a size beyond the standard' => ['fit', ['outside_mm' => 500], 'outside_mm'];
        yield 'an instrument that is none' => [
            'fit',
            ['outside_mm' => 47, 'bore_mm' => ['value' => 47, 'instrument' => 'eye']],
            'bore_mm',
        ];
        yield 'mil is asked' => ['length', ['typed' => '5 mil'], 'typed'];
    }

    /** @param  array<string, mixed>  $input */
    #[DataProvider('wrong')]
    public function test_wrong_input_gets_a_sentence_and_the_fields_name(string $name, array $input, string $field): void
    {
        $answer = $this->postJson("/api/v1/calculators/$name", $input)
            ->assertStatus(422)
            ->assertHeader('Content-Type', 'application/problem+json');
        self::assertSame($field, $answer->json('errors.0.field'), (string) $answer->content());
        self::assertMatchesRegularExpression('/^[A-Z0-9"].{5,}\.$/u', $answer->json('errors.0.detail'));
    }

    public function test_json_that_is_not_is_said_to_be_so(): void
    {
        foreach (['{"outside_mm": ', 'hello', '7', 'null'] as $body) {
            $this->call(
                'POST',
                '/api/v1/calculators/heat',
                server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
                content: $body,
            )
                ->assertStatus(400)
                ->assertJsonPath('errors.0.field', 'body');
        }
    }

    public function test_all_faults_of_an_input_are_said_at_once(): void
    {
        $errors = $this->postJson('/api/v1/calculators/heat', ['outside_mm' => 'x', 'interference_mm' => 'y', 'material' => 'wood'])
            ->assertStatus(422)
            ->json('errors');
        self::assertSame(['outside_mm', 'interference_mm', 'material'], array_column($errors, 'field'));
    }

    public function test_a_calculator_that_is_not_there_names_those_that_are(): void
    {
        self::assertStringContainsString(
            'press-force',
            $this->postJson('/api/v1/calculators/moon', ['x' => 1])
                ->assertNotFound()
                ->json('detail'),
        );
    }

    public function test_the_command_line_says_what_is_wrong(): void
    {
        $cases = [['heat', '{"outside_mm":"x","interference_mm":0}', 'outside_mm'], ['heat', 'not json', 'body'], ['moon', '{}', 'name']];
        foreach ($cases as [$name, $input, $field]) {
            $process = new Process([PHP_BINARY, base_path('artisan'), 'bench:calc', $name], base_path(), null, $input);
            self::assertSame(1, $process->run());
            self::assertSame($field, json_decode($process->getOutput(), true)['errors'][0]['field']);
        }
    }
}
