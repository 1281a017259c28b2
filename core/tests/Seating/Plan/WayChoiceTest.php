<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Plan;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\WallTool;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Press, draw bolt or hammer. */
final class WayChoiceTest extends TestCase
{
    use AssembledHub;

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, string>, list<WallTool>, ?Force, string}>
     *   entries, habits, wall, press, key
     */
    public static function ways(): iterable
    {
        $long = new WallTool('9', 'M12 rod', ToolKind::Rod, null, Length::mm(12), Length::mm(330));
        $short = new WallTool('8', 'stub', ToolKind::Rod, null, Length::mm(12), Length::mm(120));
        $tight = ['fit.left.feel' => 'firm_driving', 'size.hub_material' => 'aluminium', 'size.hub_outside' => ['mm' => 66]];
        yield 'a rod long enough' => [$tight, [], [$short, $long], null, 'rod.right'];
        yield 'only a short one' => [$tight, [], [$short], null, 'rod.length'];
        yield 'the shop presses' => [$tight, ['pressing' => 'press'], [], Force::newtons(100000), 'way.press'];
        yield 'and has no press' => [$tight, ['pressing' => 'press'], [], null, 'rod.length'];
        yield 'a hammer for a light fit' => [$tight, ['pressing' => 'hammer'], [], null, 'way.hammer'];
        yield 'somebody chose the press there is not' => [$tight + ['size.way' => 'press'], [], [], null, 'way.not'];
        yield 'a hammer on nylon' => [['size.hub_material' => 'nylon', 'size.way' => 'hammer'], [], [], null, 'way.not'];
    }

    /**
     * @param  array<string, mixed>  $entries
     * @param  array<string, string>  $habits
     * @param  list<WallTool>  $wall
     */
    #[DataProvider('ways')]
    public function test_press_draw_or_hammer(array $entries, array $habits, array $wall, ?Force $press, string $key): void
    {
        self::assertSame(
            $key,
            self::keys(self::step(self::report('pair-sleeve', $entries, $habits, $wall, $press), 'seat.way'))[0] ?? null,
        );
    }

    public function test_a_wide_bearing_is_never_hammered(): void
    {
        $step = self::step(self::report('knuckle-wide', ['size.way' => 'hammer']), 'seat.way');
        self::assertSame(['way.not'], self::keys($step));
        self::assertStringContainsString('cocks', $step->verdicts[0]->sentence->inEnglish());
    }

    public function test_a_press_on_the_wall_or_a_capacity_of_the_shop_is_a_press(): void
    {
        $press = new WallTool('1', 'Shop press', ToolKind::Press, ram: Length::mm(50));
        $key = static fn (?Force $capacity, WallTool ...$wall): ?string => self::keys(
            self::step(self::report('pair-sleeve', ['size.way' => 'press'], [], array_values($wall), $capacity), 'seat.way'),
        )[0] ?? null;
        self::assertSame('way.not', $key(null));
        self::assertNotSame('way.not', $key(null, $press));
        self::assertNotSame('way.not', $key(Force::newtons(100_000)));
    }

    public function test_what_has_not_all_its_sizes_is_not_stood_upon(): void
    {
        $keys = static fn (?Length $length): array => self::keys(
            self::step(
                self::report('pair-sleeve', wall: [
                    new WallTool('1', 'Cup', ToolKind::Cup, Length::mm(50), Length::mm(64), $length),
                ]),
                'seat.first',
            ),
        );
        self::assertSame(['support.take'], $keys(Length::mm(80)));
        self::assertSame(['support.blocks'], $keys(null));
    }
}
