<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Warmth;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Mechanics\Warmth\HubMass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How heavy a hub is, by its form and by outside times length. */
final class HubMassTest extends TestCase
{
    /** @return iterable<string, array{string, float, float, HubMass}> */
    public static function housings(): iterable
    {
        yield 'a small wheel hub' => ['hub', 60, 70, HubMass::Light];
        yield 'just medium' => ['hub', 60, 75, HubMass::Medium];
        yield 'just not heavy' => ['hub', 88, 99.9, HubMass::Medium];
        yield 'just heavy' => ['hub', 88, 100, HubMass::Heavy];
        yield 'a bicycle hub is light, wide as its flanges are' => ['flanges', 60, 100, HubMass::Light];
        yield 'flanges of a size that no bicycle has' => ['flanges', 90, 100, HubMass::Heavy];
        yield 'a knuckle, however small it is drawn' => ['knuckle', 40, 40, HubMass::Heavy];
        yield 'a carrier, likewise' => ['carrier', 40, 40, HubMass::Heavy];
    }

    #[DataProvider('housings')]
    public function test_it_is_as_heavy_as_it_looks(string $form, float $outside, float $length, HubMass $mass): void
    {
        $housing = Part::of(PartKind::Housing, Side::Middle, 'Hub', ['outside' => $outside, 'length' => $length], $form);
        self::assertSame($mass, HubMass::ofHousing($housing));
    }

    public function test_what_is_heavier_has_more_metal_and_more_skin(): void
    {
        $of = static fn (HubMass $mass): array => [$mass->kilograms(), $mass->area()];
        self::assertLessThan($of(HubMass::Medium), $of(HubMass::Light));
        self::assertLessThan($of(HubMass::Heavy), $of(HubMass::Medium));
    }
}
