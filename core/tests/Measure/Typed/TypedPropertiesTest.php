<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure\Typed;

use CleanRace\Core\Catalogue\Thread;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\LookAgain;
use CleanRace\Core\Measure\Meter;
use CleanRace\Core\Measure\Typed\AngleText;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** Whatever is typed is read or refused. */
final class TypedPropertiesTest extends TestCase
{
    use TestTrait;

    public function test_whatever_is_typed_is_read_or_refused_and_nothing_else(): void
    {
        $readers = [Thread::read(...), (new AngleText())->read(...), Meter::read(...), LookAgain::read(...)];
        $this->limitTo(2000)
            ->forAll(
                Generators::string(),
                Generators::elements('', 'M', ' km', ' months', '1/', '-26', ' min', 'in ', '2027-', '×', "\0", '９', '٣'),
                Generators::choose(0, 3),
            )
            ->then(static function (string $noise, string $part, int $which) use ($readers): void {
                foreach ([$noise, $part.$noise, $noise.$part, $part.$part] as $typed) {
                    try {
                        $readers[$which](mb_substr($typed, 0, 200));
                        self::assertGreaterThan(0, strlen($typed), 'nothing is not read as something');
                    } catch (InvalidInput $invalid) {
                        self::assertNotSame('', $invalid->getMessage());
                    }
                }
            });
    }
}
