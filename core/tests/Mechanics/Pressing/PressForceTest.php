<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Pressing;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Pressing\PressForce;
use CleanRace\Core\Mechanics\Pressing\PressForceInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What it takes to press a ring home. */
final class PressForceTest extends TestCase
{
    /** @param  array<string, mixed>  $changed */
    private static function force(array $changed = []): \CleanRace\Core\Mechanics\Pressing\PressForceResult
    {
        $input = $changed + [
            'bore' => Length::mm(20),
            'outside' => Length::mm(47),
            'width' => Length::mm(14),
            'hubOutside' => Length::mm(66),
            'interference' => Length::mm(0.025),
            'contactLength' => Length::mm(14),
            'pressCapacity' => Force::newtons(12 * 9806.65),
        ];

        return (new PressForce(Limits::standard()))->work(new PressForceInput(...$input));
    }

    public function test_force_as_worked_by_hand(): void
    {
        $result = self::force();
        self::assertEqualsWithDelta(5.42, $result->pressure->megapascals, 0.005);
        self::assertEqualsWithDelta(1345, $result->force->newtons, 1);
        self::assertEqualsWithDelta(0.0114, $result->shareOfPress?->share, 0.0001);
        self::assertEqualsWithDelta(2.42, $result->drawBoltTorque->newtonMetres, 0.01);
        self::assertEqualsWithDelta(2689, $result->stop->newtons, 1);
        self::assertSame(Level::Go, $result->verdict->level);
    }

    public function test_force_follows_interference_wall_and_oil(): void
    {
        $plain = self::force()->force->newtons;
        self::assertGreaterThan($plain, self::force(['interference' => Length::mm(0.035)])->force->newtons);
        self::assertLessThan($plain, self::force(['hubOutside' => Length::mm(52)])->force->newtons);
        self::assertEqualsWithDelta(($plain * 0.16) / 0.12, self::force(['oiled' => false])->force->newtons, 0.5);
        self::assertSame(0.0, self::force(['interference' => Length::mm(0.004)])->force->newtons, 'surfaces flatten first');
        self::assertSame(2000.0, self::force(['interference' => Length::mm(0.006)])->stop->newtons, 'a floor under the alarm');
        $wide = self::force(['interferencePlusMinus' => Length::mm(0.01)]);
        self::assertLessThan($plain, $wide->forceLow->newtons);
        self::assertGreaterThan($plain, $wide->forceHigh->newtons);
        self::assertSame(2 * $wide->forceHigh->newtons, $wide->stop->newtons);
    }

    public function test_without_a_stated_contact_the_corners_are_taken_off(): void
    {
        self::assertLessThan(self::force()->force->newtons, self::force(['contactLength' => null])->force->newtons);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function hardCases(): iterable
    {
        yield 'splits' => [['interference' => Length::mm(0.15), 'hubOutside' => Length::mm(60)], 'force.split'];
        yield 'thin wall' => [['hubOutside' => Length::mm(48.5)], 'force.thin'];
        yield 'too much for the rod' => [
            ['interference' => Length::mm(0.12), 'material' => Material::Steel, 'oiled' => false, 'drawBolt' => DrawBolt::M8],
            'force.rod',
        ];
        yield 'a press, not a hammer' => [['interference' => Length::mm(0.06)], 'force.press'];
    }

    /** @param  array<string, mixed>  $changed */
    #[DataProvider('hardCases')]
    public function test_force_warns_of_what_goes_wrong(array $changed, string $key): void
    {
        self::assertSame($key, self::force($changed)->verdict->headline->key);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function impossibleHubs(): iterable
    {
        yield 'hub smaller than the bearing' => [['hubOutside' => Length::mm(47)], 'hub_outside_mm'];
        yield 'bore larger than outside' => [['bore' => Length::mm(50)], 'bore_mm'];
        yield 'more contact than width' => [['contactLength' => Length::mm(15)], 'contact_length_mm'];
    }

    /** @param  array<string, mixed>  $changed */
    #[DataProvider('impossibleHubs')]
    public function test_force_refuses_what_cannot_be_and_names_the_field(array $changed, string $field): void
    {
        try {
            self::force($changed);
            self::fail('was taken');
        } catch (InvalidInput $invalid) {
            self::assertSame($field, $invalid->field);
        }
    }

    public function test_what_it_takes_to_get_it_out_is_another_sum_of_the_middle_force(): void
    {
        $sure = self::force();
        $wide = self::force(['interferencePlusMinus' => Length::mm(0.01)]);
        self::assertEqualsWithDelta($sure->removal->newtons, $wide->removal->newtons, 1e-6, 'the doubt does not make it harder to get out');
        self::assertEqualsWithDelta((1.5 * 0.20 / 0.12) * $sure->force->newtons, $sure->removal->newtons, 0.01);
    }

    public function test_hammer_and_rod_are_chosen_by_the_most_it_may_take(): void
    {
        $key = static fn (float $mm, float $off): string => self::force([
            'interference' => Length::mm($mm),
            'interferencePlusMinus' => Length::mm($off),
        ])->verdict->headline->key;
        // 0.045 takes 2690 N, a hundredth more 3360: the hammer ends at 3000.
        self::assertNotSame('force.press', $key(0.045, 0.0));
        self::assertSame('force.press', $key(0.045, 0.01));
        $limit = DrawBolt::M8->limit(Limits::standard()->get('force.rod_limit_8_8'))->newtons;
        $steel = ['material' => Material::Steel, 'hubOutside' => Length::mm(120), 'drawBolt' => DrawBolt::M8];
        $near = 0.005 + (0.020 * $limit) / self::force($steel)->force->newtons - 0.004;
        $of = static fn (float $off): string => self::force(
            ['interference' => Length::mm($near), 'interferencePlusMinus' => Length::mm($off)] + $steel,
        )->verdict->headline->key;
        self::assertSame(['force.press', 'force.rod'], [$of(0.0), $of(0.008)]);
    }
}
