<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Plan;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Pressing\PressFit;
use CleanRace\Core\Mechanics\Pressing\PressFitInput;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Hubs\KnuckleWide;
use CleanRace\Core\Patterns\Hubs\PairSleeve;
use CleanRace\Core\Patterns\Hubs\ShaftBearing;
use CleanRace\Core\Seating\Press\PressSetup;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\Job\RandomAnswers;
use PHPUnit\Framework\TestCase;

/** What is reckoned of a pressing where nobody measured: as hubs are usually bored, with this hub's wall and metal. */
final class PressReckoningTest extends TestCase
{
    public function test_a_bore_is_reckoned_with_the_wall_and_the_metal_of_its_hub(): void
    {
        $bench = RandomAnswers::bench(new PairSleeve(), new Notebook([
            'size.hub_outside' => ['value' => ['mm' => 70.0], 'instrument' => null],
            'size.hub_material' => ['value' => ['choice' => 'cast_iron'], 'instrument' => null],
        ]));
        $setup = (new WheelJob(Limits::standard()))->pressSetup($bench, 'left');
        self::assertNotNull($setup);
        $size = $bench->hub->stack->find('bearing_left');
        self::assertNotNull($size);
        $press = new PressFit(Limits::standard());
        $alone = static fn (?float $outside, ?Material $material, string $end = 'forceHigh'): ?float => $press->work(
            new PressFitInput(
                bore: $size->sizes['bore'],
                outside: $size->sizes['outside'],
                width: $size->sizes['width'],
                seat: RingSeat::Bore,
                hubOutside: $outside === null ? null : Length::mm($outside),
                material: $material,
            ),
        )->force?->{$end}->newtons;
        self::assertTrue($setup->measured, 'of this hub');
        self::assertEqualsWithDelta($alone(70.0, Material::CastIron), $setup->high->newtons, 1e-6);
        self::assertEqualsWithDelta($alone(70.0, Material::CastIron, 'forceLow'), $setup->low->newtons, 1e-6);
        self::assertLessThan($setup->high->newtons, $setup->low->newtons);
        self::assertNotEqualsWithDelta($alone(null, Material::CastIron) ?? 0.0, $setup->high->newtons, 1.0);
        self::assertNotEqualsWithDelta($alone(70.0, Material::Aluminium) ?? 0.0, $setup->high->newtons, 1.0);
    }

    public function test_a_shaft_is_reckoned_as_a_shaft_whatever_the_hub_is_of(): void
    {
        $force = static fn (string $material): ?float => (new WheelJob(Limits::standard()))->pressSetup(
            RandomAnswers::bench(
                new ShaftBearing(),
                new Notebook(['size.hub_material' => ['value' => ['choice' => $material], 'instrument' => null]]),
            ),
            'bearing_shaft',
        )?->high->newtons;
        self::assertNotNull($force('steel'));
        self::assertSame($force('steel'), $force('aluminium'));
    }

    public function test_a_shaft_that_nobody_measured_is_reckoned_of_steel_in_a_knuckle_of_any_metal(): void
    {
        $setup = static fn (?string $metal): ?PressSetup => (new WheelJob(Limits::standard()))->pressSetup(
            RandomAnswers::bench(
                new KnuckleWide(),
                new Notebook($metal === null ? [] : ['size.hub_material' => ['value' => ['choice' => $metal], 'instrument' => null]]),
            ),
            'bearing_shaft',
        );
        $unsaid = $setup(null);
        self::assertNotNull($unsaid);
        self::assertFalse($unsaid->measured);
        self::assertEquals($unsaid, $setup('cast_iron'));
        self::assertEquals($unsaid, $setup('aluminium'));
    }

    public function test_it_says_whether_it_is_of_this_hub_or_of_hubs_as_they_are(): void
    {
        $setup = (new WheelJob(Limits::standard()))->pressSetup(RandomAnswers::bench(new PairSleeve(), new Notebook()), 'left');
        self::assertNotNull($setup);
        self::assertFalse($setup->measured);
        self::assertGreaterThan(100, $setup->high->newtons);
    }
}
