<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

use CleanRace\Core\Tables\Table;

/** What a hub or a shaft is made of. */
enum Material: string
{
    case Aluminium = 'aluminium';
    case Magnesium = 'magnesium';
    case CastIron = 'cast_iron';
    case Steel = 'steel';
    case Zinc = 'zinc';
    case Nylon = 'nylon';

    /** How people say it. */
    public function label(): string
    {
        return $this->row()['label'];
    }

    /** Growth per kelvin. */
    public function alpha(): float
    {
        return (float) $this->row()['alpha_per_k'];
    }

    /** Young's modulus, MPa. */
    public function elastic(): float
    {
        return (float) $this->row()['elastic_mpa'];
    }

    /** Poisson's ratio, as materials.csv has it. */
    public function poisson(): float
    {
        return (float) $this->row()['poisson'];
    }

    /** Hoop stress past which the hub may split, MPa. */
    public function hoopLimit(): float
    {
        return (float) $this->row()['hoop_limit_mpa'];
    }

    /** Heat that a kilogram takes for each kelvin, J/(kg·K). */
    public function specificHeat(): float
    {
        return (float) $this->row()['specific_heat'];
    }

    /** @return array<string, string> */
    private function row(): array
    {
        return Table::keyed('materials')[$this->value];
    }
}
