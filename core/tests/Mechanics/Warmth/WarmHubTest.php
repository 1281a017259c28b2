<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Warmth;

use CleanRace\Core\Mechanics\Warmth\WarmHub;
use CleanRace\Core\Notebook\Notebook;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** When a hub counts as warm, so that a ring that drops in says nothing of its fit. */
final class WarmHubTest extends TestCase
{
    #[TestWith(['warm', 80.0, 80.0])]
    #[TestWith(['warm', null, 60.0])]
    #[TestWith(['warm', 36.0, 36.0])]
    #[TestWith(['warm', 35.0, null])]
    #[TestWith(['warm', 18.0, null])]
    #[TestWith(['cold', 80.0, null])]
    #[TestWith([null, 80.0, null])]
    public function test_it_was_warmed_and_has_not_cooled(?string $said, ?float $read, ?float $is): void
    {
        $entries = [
            ...$said === null ? [] : ['seat.warmed' => ['value' => ['choice' => $said], 'instrument' => null]],
            ...$read === null ? [] : ['seat.hub_temperature' => ['value' => ['c' => $read], 'instrument' => null]],
        ];
        self::assertSame($is, WarmHub::now(new Notebook($entries))?->celsius);
    }
}
