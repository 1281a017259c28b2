<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Calculators;

use CleanRace\Core\Calculators\Registry;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Tests\Kept;
use CleanRace\Core\Tests\MadeInput;
use CleanRace\Core\Tests\Told;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Every calculator, asked many things about its example: it answers as it did when its answers were last read, or refuses
 * as it did. That the answers are right is the matter of the tests beside each calculator.
 */
final class AnswersTest extends TestCase
{
    use EveryCalculator;

    private const QUESTIONS = 90;

    /** @param  class-string  $class */
    #[DataProvider('calculators')]
    public function test_it_answers_as_it_did(string $name, string $class): void
    {
        [$work, $input] = self::verb($class);
        $example = Registry::about($class)->example;
        $lines = [];
        for ($i = 1; $i <= self::QUESTIONS; $i++) {
            $made = new MadeInput(new Randomizer(new Mt19937($i * 7907 + crc32($name))));
            try {
                $lines[] = Told::line($work($made->of($input, $example)));
            } catch (InvalidInput $refused) {
                $lines[] = 'refused: '.$refused->field.' '.preg_replace('/\s+/', ' ', $refused->getMessage());
            }
        }
        Kept::same(__DIR__."/answers/$name.txt", $lines);
        self::assertGreaterThan(1, count(array_unique($lines)), 'it does not always say the same');
    }
}
