<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Calculators;

use CleanRace\Core\Calculators\Registry;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\Kept;
use CleanRace\Core\Tests\MadeInput;
use CleanRace\Core\Tests\Told;
use CleanRace\Core\Tests\TurningPoints;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use ReflectionMethod;

/**
 * Every calculator, asked many things about its example: it answers as it did when its answers were last read, or refuses
 * as it did. That the answers are right is the matter of the tests beside each calculator.
 */
final class AnswersTest extends TestCase
{
    private const QUESTIONS = 90;

    /** So many of them are then moved, number by number, until they answer otherwise; of more that were refused. */
    private const MOVED = 12;

    private const TRIED = 60;

    /** @return iterable<string, array{string, class-string}> */
    public static function calculators(): iterable
    {
        foreach (Registry::all() as $name => $class) {
            yield $name => [$name, $class];
        }
    }

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

    /**
     * @param  class-string  $class
     * @return array{\Closure(object): object, class-string} its verb, and what it takes
     */
    private static function verb(string $class): array
    {
        $constructor = (new \ReflectionClass($class))->getConstructor();
        $takesLimits = (string) (($constructor?->getParameters()[0] ?? null)?->getType()) === Limits::class;
        $calculator = $takesLimits ? new $class(Limits::standard()) : new $class();
        $verb = new ReflectionMethod($calculator, 'work');
        /** @var class-string $input */
        $input = (string) $verb->getParameters()[0]->getType();

        return [static fn (object $of): object => $verb->invoke($calculator, $of), $input];
    }
}
