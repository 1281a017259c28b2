<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Finder;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sizing\Finder\Question;
use CleanRace\Core\Sizing\Finder\QuestionInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One line with two numbers, or with sizes: a set only where both belong to sets, a seal only where one is listed. */
final class PairsAndSizesTest extends TestCase
{
    /** @return list<string> calculators that would answer, the likeliest first */
    private static function understood(string $text): array
    {
        try {
            $found = (new Question())->work(new QuestionInput($text))->readings;
        } catch (InvalidInput) {
            return [];
        }

        return array_map(static fn ($i): string => $i->calculator, $found);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function pairs(): iterable
    {
        yield 'a cone and its cup' => ['LM11949/LM11910', true];
        yield 'the other way about' => ['LM11910 LM11949', true];
        yield 'a cone and something that is no cup' => ['LM11949/LM99999', false];
        yield 'something that is no cone and a cup' => ['LM99999/LM11910', false];
        yield 'two cones' => ['LM11949/LM11949', false];
    }

    #[DataProvider('pairs')]
    public function test_two_numbers_are_a_set_only_when_both_belong_to_one(string $text, bool $isSet): void
    {
        self::assertSame($isSet, in_array('taper-set', self::understood($text), true));
    }

    /** @return iterable<string, array{string, string}> text, what it is first */
    public static function sizes(): iterable
    {
        yield 'a listed bearing' => ['20x47x14', 'bearing-from-caliper'];
        yield 'a listed seal of no bearing' => ['35 62 7', 'seal'];
        yield 'a width no seal has' => ['35 62 15', 'bearing-from-caliper'];
        yield 'a shaft no seal has' => ['31 62 7', 'bearing-from-caliper'];
        yield 'a bore no seal has' => ['35 63.3 7', 'bearing-from-caliper'];
    }

    #[DataProvider('sizes')]
    public function test_sizes_are_a_seal_only_where_one_is_listed(string $text, string $first): void
    {
        self::assertSame($first, self::understood($text)[0] ?? null);
    }
}
