<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Grease;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Sizing\Grease\Grease;
use CleanRace\Core\Sizing\Grease\GreaseInput;
use CleanRace\Core\Tables\Limits;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of grease. */
final class GreasePropertiesTest extends TestCase
{
    use TestTrait;

    public function test_grease_grows_with_the_bearing_and_the_fill(): void
    {
        $this->limitTo(60)
            ->forAll(Generators::choose(5, 40), Generators::choose(8, 60), Generators::choose(4, 30))
            ->then(function (int $bore, int $more, int $width): void {
                $grams = static fn (int $m, int $w, bool $wet): float => (new Grease(Limits::standard()))->work(
                    new GreaseInput(Length::mm($bore), Length::mm($bore + $m), Length::mm($w), wet: $wet),
                )->grease->grams;
                self::assertGreaterThan($grams($more, $width, false), $grams($more + 1, $width, false));
                self::assertEqualsWithDelta(2 * $grams($more, $width, false), $grams($more, 2 * $width, false), 1e-9);
            });
    }
}
