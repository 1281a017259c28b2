<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Hub;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Tray;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Hub;
use CleanRace\Core\Patterns\Hubs\PairSleeve;
use PHPUnit\Framework\TestCase;

/** Where each part is. */
final class TrayTest extends TestCase
{
    /** @param  array<string, array<string, mixed>>  $entries */
    private static function notebook(array $entries = []): Notebook
    {
        return new Notebook(array_map(static fn (array $value): array => ['value' => $value, 'instrument' => null], $entries));
    }

    public function test_the_tray_knows_what_lies_on_it(): void
    {
        $notebook = self::notebook([
            'part.sleeve' => ['state' => 'on_tray', 'condition' => 'use', 'way_round' => 'either way', 'order' => 3],
            'part.axle' => ['state' => 'fitted'],
        ]);
        $tray = Tray::of(Hub::of(new PairSleeve(), $notebook)->stack, $notebook);
        self::assertSame(['sleeve'], array_map(static fn ($i): string => $i->part, $tray->left()));
        self::assertSame(
            [PartState::Fitted, PartState::InPlace, PartState::InPlace],
            [$tray->state('axle'), $tray->state('bearing_left'), $tray->state('no such part')],
        );
        self::assertSame(
            ['use', 'either way', 3],
            [$tray->find('sleeve')?->condition, $tray->find('sleeve')?->wayRound, $tray->find('sleeve')?->order],
        );
    }
}
