<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Warmth;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Tables\Table;

/** How heavy a hub is, for how long it stays warm. What each weighs and how much skin it has stands in hub_masses.csv. */
enum HubMass: string
{
    case Light = 'light';
    case Medium = 'medium';
    case Heavy = 'heavy';

    /** Outside times length, in mm², from which a housing counts as heavier. */
    private const MEDIUM_FROM = 4500.0;

    private const HEAVY_FROM = 8800.0;

    /** By the housing's form and its outside diameter times its length, in mm. */
    public static function ofHousing(Part $housing): self
    {
        $size = $housing->mm('outside') * $housing->mm('length');

        return match (true) {
            in_array($housing->form, ['knuckle', 'carrier'], true), $size >= self::HEAVY_FROM => self::Heavy,
            $housing->form !== 'flanges' && $size >= self::MEDIUM_FROM => self::Medium,
            default => self::Light,
        };
    }

    /** How people say it. */
    public function label(): string
    {
        return $this->row()['label'];
    }

    /** kg of metal that is warmed */
    public function kilograms(): float
    {
        return (float) $this->row()['kg'];
    }

    /** m² that give off heat */
    public function area(): float
    {
        return (float) $this->row()['area_m2'];
    }

    /** @return array<string, string> */
    private function row(): array
    {
        return Table::keyed('hub_masses')[$this->value];
    }
}
