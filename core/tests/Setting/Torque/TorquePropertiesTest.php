<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Torque;

use CleanRace\Core\Catalogue\BoltGrade;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Setting\Torque\ThreadTreatment;
use CleanRace\Core\Setting\Torque\TorqueInput;
use CleanRace\Core\Setting\Torque\TorqueSetting;
use CleanRace\Core\Setting\Torque\TorqueSource;
use CleanRace\Core\Tables\Limits;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of wrenches, adapters and ceilings. */
final class TorquePropertiesTest extends TestCase
{
    use TestTrait;

    public function test_turning_the_wrench_back_by_its_adapter_gives_the_figure_at_the_bolt(): void
    {
        $this->limitTo(200)
            ->forAll(Generators::choose(5, 200), Generators::choose(150, 600), Generators::choose(10, 150), Generators::choose(0, 180))
            ->then(static function (int $nm, int $length, int $adapter, int $turned): void {
                $set = (new TorqueSetting(Limits::standard()))->work(
                    new TorqueInput(
                        TorqueSource::Manual,
                        Torque::newtonMetres($nm),
                        wrenchLength: Length::mm($length),
                        adapter: Length::mm($adapter),
                        adapterAngle: Angle::degrees($turned),
                    ),
                )->set;
                self::assertNotNull($set);
                $reach = ($length + $adapter * cos(deg2rad($turned))) / $length;
                self::assertEqualsWithDelta($nm, $set->newtonMetres * $reach, 1e-6);
                self::assertSame($turned < 90, $set->newtonMetres < $nm - 1e-9, 'an adapter that reaches further wants less');
            });
    }

    public function test_a_ceiling_grows_with_thread_and_grade_and_falls_with_grease(): void
    {
        $ceiling = static fn (
            string $thread,
            BoltGrade $grade,
            ThreadTreatment $treatment = ThreadTreatment::Dry,
        ): float => (new TorqueSetting(Limits::standard()))->work(
            new TorqueInput(TorqueSource::None, thread: $thread, grade: $grade, treatment: $treatment),
        )->ceiling->newtonMetres ?? 0.0;
        foreach (BoltGrade::cases() as $grade) {
            $before = 0.0;
            foreach (['M5', 'M6', 'M8', 'M10', 'M12', 'M14', 'M16', 'M20', 'M24'] as $thread) {
                $now = $ceiling($thread, $grade);
                self::assertGreaterThan($before, $now);
                self::assertLessThan($now, $ceiling($thread, $grade, ThreadTreatment::AntiSeize));
                $before = $now;
            }
        }
    }
}
