<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Grease;

use CleanRace\Core\Tables\Table;

/** What a grease is thickened with: what decides whether two may be mixed. */
enum Thickener: string
{
    case Lithium = 'lithium';
    case LithiumComplex = 'lithium_complex';
    case Calcium = 'calcium';
    case CalciumSulfonate = 'calcium_sulfonate';
    case Polyurea = 'polyurea';
    case Clay = 'clay';
    case AluminiumComplex = 'aluminium_complex';

    /** How people say it. */
    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    /** Whether the two may be mixed, by thickeners.csv; the same either way about. */
    public function mixesWith(self $other): bool
    {
        foreach (Table::rows('thickeners') as $row) {
            if (
                [$row['one'], $row['other']] === [$this->value, $other->value] ||
                [$row['one'], $row['other']] === [$other->value, $this->value]
            ) {
                return $row['mixes'] === '1';
            }
        }

        return false;
    }
}
