<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Calculators;

use CleanRace\Core\Calculators\Registry;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Tests\Kept;
use CleanRace\Core\Tests\MadeInput;
use CleanRace\Core\Tests\TurningPoints;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The values at which each calculator comes to say another thing are where they were when they were last read. Whether a
 * limit is right is the matter of the tests beside it; that none moves unseen is the matter of this one.
 */
final class TurnsTest extends TestCase
{
    use EveryCalculator;

    /** So many inputs are moved, number by number; others were refused. */
    private const MOVED = 12;

    private const TRIED = 60;

    /** @param  class-string  $class */
    #[DataProvider('calculators')]
    public function test_its_answers_turn_where_they_did(string $name, string $class): void
    {
        [$work, $input] = self::verb($class);
        $example = Registry::about($class)->example;
        $lines = [];
        for ($i = 1, $moved = 0; $i <= self::TRIED && $moved < self::MOVED; $i++) {
            try {
                $made = (new MadeInput(new Randomizer(new Mt19937($i * 31 + crc32($name)))))->of($input, $example);
                $work($made);
            } catch (InvalidInput) {
                continue;
            }
            $moved++;
            array_push($lines, ...array_map(static fn (string $line): string => "$i $line", (new TurningPoints($work))->of($made)));
        }
        $file = __DIR__."/turns/$name.txt";
        $lines === [] ? self::assertFileDoesNotExist($file) : Kept::same($file, $lines);
    }
}
