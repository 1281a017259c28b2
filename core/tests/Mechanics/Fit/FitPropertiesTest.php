<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Fit;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\FitInput;
use CleanRace\Core\Tables\Limits;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of a fit whatever was read. */
final class FitPropertiesTest extends TestCase
{
    use TestTrait;

    public function test_evidence_for_a_grip_never_makes_a_grip_less_likely(): void
    {
        $order = FitFeel::cases();
        $this->limitTo(40)
            ->forAll(Generators::choose(4690, 4706))
            ->then(function (int $bore) use ($order): void {
                $last = -1.0;
                foreach ($order as $feel) {
                    $fit = (new Fit(Limits::standard()))->work(
                        new FitInput(Length::mm(47), Reading::mm($bore / 100, Instrument::DigitalCaliper), null, $feel),
                    );
                    if ($fit->verdict->headline->key === 'fit.clash') {
                        continue;
                    }
                    $grips = $fit->probabilityGrips->share;
                    self::assertGreaterThanOrEqual($last - 0.02, $grips, "{$feel->value} at $bore");
                    $last = $grips;
                }
            });
    }

    public function test_a_fit_is_the_same_wherever_both_parts_grow_alike(): void
    {
        $this->limitTo(30)
            ->forAll(Generators::choose(4690, 4700))
            ->then(function (int $bore): void {
                $fit = (new Fit(Limits::standard()))->work(
                    new FitInput(Length::mm(47), Reading::mm($bore / 100, Instrument::BoreGauge), material: Material::Steel),
                );
                self::assertEqualsWithDelta($fit->decided->mm, $fit->interferenceWarm->mm, 1e-9);
                self::assertEqualsWithDelta($fit->decided->mm, $fit->interferenceCold->mm, 1e-9);
            });
    }
}
