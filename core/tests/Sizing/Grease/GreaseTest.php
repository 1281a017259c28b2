<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Grease;

use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Sizing\Grease\Grease;
use CleanRace\Core\Sizing\Grease\GreaseInput;
use CleanRace\Core\Sizing\Grease\GreaseResult;
use CleanRace\Core\Sizing\Grease\NippleUse;
use CleanRace\Core\Sizing\Grease\Thickener;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** Grease: how much, fed how, mixed with what. */
final class GreaseTest extends TestCase
{
    /** @param  array<string, mixed>  $changed */
    private static function grease(array $changed = []): GreaseResult
    {
        return (new Grease(Limits::standard()))->work(
            new GreaseInput(...$changed + ['bore' => Length::mm(25), 'outside' => Length::mm(52), 'width' => Length::mm(15)]),
        );
    }

    public function test_grease_as_worked_by_hand(): void
    {
        self::assertEqualsWithDelta(8.2, self::grease()->free->cubicCentimetres, 0.05);
        self::assertEqualsWithDelta(2.2, self::grease()->grease->grams, 0.05);
        $larger = self::grease(['outside' => Length::mm(62), 'width' => Length::mm(17)]);
        self::assertEqualsWithDelta([14.3, 3.9], [$larger->free->cubicCentimetres, $larger->grease->grams], 0.08);
        self::assertEqualsWithDelta(0.9, self::grease(['use' => HubUse::SlowWheel, 'wet' => true])->fill->share, 1e-9);
        self::assertEqualsWithDelta(0.5, self::grease(['use' => HubUse::Blade])->fill->share, 1e-9);
    }

    public function test_which_seal_comes_out_and_how_many_strokes(): void
    {
        self::assertSame(['sealed', 'none', null], [self::grease()->way, self::grease()->sealOut, self::grease()->strokes]);
        $fed = self::grease([
            'nipple' => NippleUse::Used,
            'cavityOutside' => Length::mm(50),
            'cavityInside' => Length::mm(30),
            'cavityLength' => Length::mm(40),
        ]);
        self::assertSame(['hybrid', 'inner'], [$fed->way, $fed->sealOut]);
        self::assertEqualsWithDelta(((M_PI / 4) * (2500 - 900) * 40) / 1000, $fed->cavity->cubicCentimetres ?? 0.0, 1e-6);
        self::assertSame((int) ceil(50.265 / 1.2), $fed->strokes);
        self::assertSame(Level::Care, self::grease(['seals' => 0])->verdict->level, 'open, and no seals in the hub');
        self::assertSame('greased', self::grease(['seals' => 0, 'hubSeals' => true])->way);
        self::assertNotEmpty(self::grease(['coldest' => Temperature::celsius(-30)])->verdict->why);
        self::assertSame('grease.opened', self::grease(['opensSealed' => true])->verdict->headline->key);
    }

    public function test_greases_mix_both_ways_or_not_at_all(): void
    {
        foreach (Thickener::cases() as $one) {
            foreach (Thickener::cases() as $other) {
                self::assertSame($one->mixesWith($other), $other->mixesWith($one), "$one->value and $other->value");
            }
        }
        self::assertTrue(Thickener::Lithium->mixesWith(Thickener::LithiumComplex));
        self::assertFalse(Thickener::Lithium->mixesWith(Thickener::Polyurea));
        self::assertSame(Level::Stop, self::grease(['old' => Thickener::Clay, 'new' => Thickener::Lithium])->verdict->level);
    }
}
