<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Tapers;

use CleanRace\Core\Catalogue\Thread;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Setting\Tapers\TaperNut;
use CleanRace\Core\Setting\Tapers\TaperNutInput;
use CleanRace\Core\Tables\Limits;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of slots and shims. */
final class TaperNutPropertiesTest extends TestCase
{
    use TestTrait;

    public function test_slots_are_a_step_apart_and_the_shim_brings_one_into_the_middle(): void
    {
        $this->limitTo(300)
            ->forAll(
                Generators::elements('3/4-16', 'M20 × 1.5', 'M24 × 2', '1-14'),
                Generators::choose(4, 12),
                Generators::choose(1, 2),
                Generators::choose(0, 300),
            )
            ->then(static function (string $thread, int $slots, int $holes, int $offset): void {
                $result = (new TaperNut(Limits::standard()))->work(
                    new TaperNutInput($thread, $slots, $holes, Reading::mm($offset / 1000, Instrument::DialGauge)),
                );
                self::assertEqualsWithDelta(Thread::read($thread)->pitch->mm / $slots / $holes, $result->step->mm, 1e-9);
                foreach ($result->reachable as $i => $slot) {
                    self::assertEqualsWithDelta($offset / 1000 + $i * $result->step->mm, $slot->endPlay->mm, 1e-9);
                    self::assertSame(
                        $slot->endPlay->mm >= $result->bandLow->mm - 1e-9 && $slot->endPlay->mm <= $result->bandHigh->mm + 1e-9,
                        $slot->inBand,
                    );
                }
                if ($result->shim === null) {
                    $play = $result->reachable[$result->chosen ?? -1]->endPlay->mm;
                    self::assertGreaterThanOrEqual($result->bandLow->mm - 0.01 - 1e-9, $play, 'within what a dial tells');
                    self::assertLessThanOrEqual($result->bandHigh->mm + 0.01 + 1e-9, $play);

                    return;
                }
                self::assertGreaterThanOrEqual(0.0, $result->shim->mm);
                self::assertLessThan($result->step->mm + 1e-9, $result->shim->mm);
                $middle = ($result->bandLow->mm + $result->bandHigh->mm) / 2;
                $over = fmod($offset / 1000 - $result->shim->mm - $middle, $result->step->mm);
                self::assertEqualsWithDelta(0, min(abs($over), $result->step->mm - abs($over)), 1e-6);
            });
    }
}
