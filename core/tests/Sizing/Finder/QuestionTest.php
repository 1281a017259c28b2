<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Finder;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\LengthUnit;
use CleanRace\Core\Sizing\Finder\Question;
use CleanRace\Core\Sizing\Finder\QuestionInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One line that is understood. */
final class QuestionTest extends TestCase
{
    /** @return iterable<string, array{string, string, array<string, mixed>}> typed, calculator, input */
    public static function asked(): iterable
    {
        yield 'a number' => ['6204 2RS', 'bearing-number', ['number' => '6204 2RS']];
        yield 'half a number' => ['62?5', 'bearing-number', ['number' => '62?5']];
        yield 'three sizes' => ['15x28x7', 'bearing-from-caliper', ['bore_mm' => '15', 'outside_mm' => '28', 'width_mm' => '7']];
        yield 'with spaces' => ['15 28 7', 'bearing-from-caliper', ['bore_mm' => '15', 'outside_mm' => '28', 'width_mm' => '7']];
        yield 'outside first' => ['28x15x7', 'bearing-from-caliper', ['bore_mm' => '15', 'outside_mm' => '28', 'width_mm' => '7']];
        yield 'inches' => [
            '5/8 x 1 3/8 x 7/16',
            'bearing-from-caliper',
            ['bore_mm' => '5/8 in', 'outside_mm' => '1 3/8 in', 'width_mm' => '7/16 in'],
        ];
        yield 'a seal' => ['35 62 7', 'seal', ['printed' => '35 x 62 x 7']];
        yield 'a ball' => ['1/4', 'balls', ['balls' => [['diameter_mm' => '1/4']]]];
        yield 'a fit' => ['47.02 in 46.98', 'fit', ['outside_mm' => 47.0, 'outside_measured_mm' => '47.02', 'bore_mm' => '46.98']];
        yield 'on a shaft' => ['30 on 30.012', 'shaft-fit', ['bore_mm' => 30.0, 'bore_measured_mm' => '30', 'shaft_mm' => '30.012']];
        yield 'cone and cup' => ['LM11910 LM11949', 'taper-set', ['cone' => 'LM11949', 'cup' => 'LM11910']];
        yield 'one size' => ['47', 'bearing-from-caliper', ['outside_mm' => '47']];
    }

    /** @param  array<string, mixed>  $input */
    #[DataProvider('asked')]
    public function test_one_line_is_understood(string $typed, string $calculator, array $input): void
    {
        $first = (new Question())->work(new QuestionInput($typed))->readings[0];
        self::assertSame($calculator, $first->calculator);
        self::assertEquals((object) $input, $first->input);
    }

    public function test_a_bare_number_is_in_the_persons_unit(): void
    {
        $first = (new Question())->work(new QuestionInput('.625 x 1.375 x .4375', LengthUnit::Inch))->readings[0];
        self::assertEquals((object) ['bore_mm' => '.625 in', 'outside_mm' => '1.375 in', 'width_mm' => '.4375 in'], $first->input);
    }

    public function test_what_is_not_understood_is_refused_in_a_sentence(): void
    {
        foreach (['', '0 x 47', '20 x 47 x 0', 'hello there', str_repeat('6204 ', 30), '- - -'] as $typed) {
            try {
                (new Question())->work(new QuestionInput($typed));
                self::fail($typed);
            } catch (InvalidInput $invalid) {
                self::assertSame('text', $invalid->field);
            }
        }
    }
}
