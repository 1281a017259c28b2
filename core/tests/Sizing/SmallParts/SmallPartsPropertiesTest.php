<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\SmallParts;

use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Sizing\SmallParts\BallFinder;
use CleanRace\Core\Sizing\SmallParts\BallInput;
use CleanRace\Core\Sizing\SmallParts\BallReading;
use CleanRace\Core\Sizing\SmallParts\PartFound;
use CleanRace\Core\Sizing\SmallParts\SealFinder;
use CleanRace\Core\Sizing\SmallParts\SealInput;
use CleanRace\Core\Sizing\SmallParts\SnapRingFinder;
use CleanRace\Core\Sizing\SmallParts\SnapRingInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Tests\English;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** Every listed small part is found by its own sizes. */
final class SmallPartsPropertiesTest extends TestCase
{
    use TestTrait;

    public function test_every_listed_seal_ring_and_ball_is_found_by_its_own_sizes(): void
    {
        foreach (Table::rows('seals') as $row) {
            if ($row['system'] === 'metric') {
                $found = (new SealFinder(Limits::standard()))->work(
                    new SealInput("{$row['shaft_mm']} x {$row['bore_mm']} x {$row['width_mm']}"),
                );
                self::assertStringStartsWith(
                    (float) $row['shaft_mm'].' × '.(float) $row['bore_mm'],
                    English::of($found->candidates[0]->sizes),
                );
            }
        }
        foreach (Table::rows('snap_rings') as $row) {
            $seat = $row['kind'] === 'internal' ? RingSeat::Bore : RingSeat::Shaft;
            $found = (new SnapRingFinder(Limits::standard()))->work(
                new SnapRingInput(
                    Reading::mm((float) $row['size_mm'], Instrument::Micrometer),
                    $seat,
                    Reading::mm((float) $row['groove_mm'], Instrument::Micrometer),
                    Reading::mm((float) $row['thickness_mm'], Instrument::Micrometer),
                ),
            );
            self::assertSame($row['system'], $found->candidates[0]->system, $row['size_mm']);
        }
        foreach (Table::rows('balls') as $row) {
            $found = (new BallFinder(Limits::standard()))->work(
                new BallInput([new BallReading(Length::mm((float) $row['diameter_mm']))], Instrument::Micrometer),
            );
            self::assertSame($row['name'], English::of($found->found));
        }
    }

    public function test_the_nearest_seal_is_not_said_to_be_it(): void
    {
        $read = static fn (float $mm): Reading => Reading::mm($mm, Instrument::Micrometer);
        $seal = static fn (float $shaft, float $bore): PartFound => (new SealFinder(Limits::standard()))->work(
            new SealInput(shaft: $read($shaft), bore: $read($bore), width: $read(7.0)),
        );
        self::assertNull($seal(35.6, 62.9)->found);
        self::assertSame('seal.none', $seal(35.6, 62.9)->verdict->headline->key);
        self::assertNotNull($seal(35.0, 62.0)->found);
    }
}
