<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Float;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Setting\Float\AxleFloat;
use CleanRace\Core\Setting\Float\FloatInput;
use CleanRace\Core\Setting\Float\Washers;
use CleanRace\Core\Setting\Float\WasherStock;
use CleanRace\Core\Setting\Float\WheelCentre;
use CleanRace\Core\Setting\Float\WheelCentreInput;
use CleanRace\Core\Tables\Limits;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of washers and spacers. */
final class WasherPropertiesTest extends TestCase
{
    use TestTrait;

    private static function caliper(float $mm): Reading
    {
        return Reading::mm($mm, Instrument::DigitalCaliper);
    }

    public function test_no_more_washers_are_taken_than_lie_there(): void
    {
        $this->limitTo(150)
            ->forAll(Generators::seq(Generators::choose(1, 40)), Generators::choose(0, 80))
            ->then(static function (array $thick, int $length): void {
                $stock = array_values(
                    array_map(
                        static fn (int $tenths): WasherStock => new WasherStock(Length::mm($tenths / 10), 1 + ($tenths % 3)),
                        array_slice($thick, 0, 4),
                    ),
                );
                $taken = Washers::nearest($stock, $length / 10);
                self::assertLessThanOrEqual(6, count($taken));
                foreach (array_count_values(array_map(static fn (float $mm): string => sprintf('%.3f', $mm), $taken)) as $mm => $count) {
                    $there = array_sum(
                        array_map(
                            static fn (WasherStock $w): int => sprintf('%.3f', $w->thickness->mm) === (string) $mm ? $w->count : 0,
                            $stock,
                        ),
                    );
                    self::assertLessThanOrEqual($there, $count);
                }
                self::assertLessThanOrEqual(
                    $length / 10 + 1e-9,
                    abs(array_sum($taken) - $length / 10),
                    'nothing is never worse than what is taken',
                );
            });
    }

    public function test_washers_that_are_added_bring_the_float_into_its_band(): void
    {
        $this->limitTo(150)
            ->forAll(Generators::choose(8000, 9500))
            ->then(static function (int $space): void {
                $stock = [
                    new WasherStock(Length::mm(0.5), 6),
                    new WasherStock(Length::mm(1.0), 6),
                    new WasherStock(Length::mm(2.0), 6),
                ];
                $result = (new AxleFloat(Limits::standard()))->work(
                    new FloatInput(self::caliper($space / 100), self::caliper(78.4), null, $stock),
                );
                if ($result->floatThen !== null) {
                    self::assertGreaterThanOrEqual(0.2 - 1e-9, $result->floatThen->mm);
                    self::assertLessThanOrEqual(0.8 + 1e-9, $result->floatThen->mm);
                }
                self::assertSame($space / 100 < 78.4 - 0.04, $result->verdict->headline->key === 'float.none');
            });
    }

    public function test_spacers_keep_their_sum_and_one_trial_is_enough(): void
    {
        $this->limitTo(200)
            ->forAll(
                Generators::choose(50, 200),
                Generators::choose(50, 200),
                Generators::choose(150, 300),
                Generators::choose(150, 300),
            )
            ->then(static function (int $l, int $r, int $left, int $right): void {
                $try = static fn (float $gl, float $gr, float $sl, float $sr) => (new WheelCentre(Limits::standard()))->work(
                    new WheelCentreInput(
                        gapLeft: self::caliper($gl),
                        gapRight: self::caliper($gr),
                        spacerLeft: Length::mm($sl),
                        spacerRight: Length::mm($sr),
                    ),
                );
                $told = $try($l / 10, $r / 10, $left / 10, $right / 10);
                self::assertEqualsWithDelta(($left + $right) / 10, $told->spacerLeft->mm + $told->spacerRight->mm, 1e-9);
                // A longer left spacer moves the rim to the right by as much: both gaps become the same.
                $moved = $told->spacerLeft->mm - $left / 10;
                self::assertEqualsWithDelta($l / 10 + $moved, $r / 10 - $moved, 1e-9);
            });
    }
}
