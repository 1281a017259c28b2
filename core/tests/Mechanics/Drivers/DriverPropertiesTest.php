<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Drivers;

use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Drivers\DriverChoice;
use CleanRace\Core\Mechanics\Drivers\DriverChoiceInput;
use CleanRace\Core\Mechanics\Drivers\ToolInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of drivers to make. */
final class DriverPropertiesTest extends TestCase
{
    use TestTrait;

    public function test_what_it_says_to_make_always_fits_whatever_the_bearing(): void
    {
        foreach ((new BearingTable())->all() as $size) {
            $wall = new DriverChoice(Limits::standard());
            $input = static fn (array $tools): DriverChoiceInput => new DriverChoiceInput(
                $size->bore,
                $size->outside,
                array_values($tools),
                Length::mm(5),
                $size->isThin(),
            );
            $make = $wall->work($input([]));
            if ($make->makeOutsideLeast->mm > $make->makeOutsideMost->mm) {
                self::assertLessThan(9.0, $size->outside->mm - $size->bore->mm, "{$size->number}: only a slight ring leaves no room");

                continue;
            }
            $made = new ToolInput(
                'made',
                $make->makeOutsideMost,
                Length::mm(min($make->outerZoneInside->mm, $make->makeOutsideMost->mm - 0.2)),
                Length::mm(60),
            );
            self::assertSame(Level::Go, $wall->work($input([$made]))->tools[0]->level, $size->number);
        }
    }
}
