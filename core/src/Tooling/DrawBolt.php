<?php

declare(strict_types=1);

namespace CleanRace\Core\Tooling;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Tables\Table;

/** Threaded rod for drawing a bearing in, coarse thread, grade 8.8. */
enum DrawBolt: string
{
    case M8 = 'M8';
    case M10 = 'M10';
    case M12 = 'M12';
    case M14 = 'M14';
    case M16 = 'M16';
    case M20 = 'M20';

    /** Proof stress of grade 8.8, MPa (ISO 898-1). */
    private const PROOF_MPA = 580;

    /** mm */
    public function diameter(): float
    {
        return (float) $this->row()['diameter_mm'];
    }

    /** mm per turn */
    public function pitch(): float
    {
        return (float) $this->row()['pitch_mm'];
    }

    /** What it may pull, as a share of its proof load. */
    public function limit(float $shareOfProof): Force
    {
        return Force::newtons($shareOfProof * self::PROOF_MPA * (float) $this->row()['stress_area_mm2']);
    }

    /** @return array<string, string> */
    private function row(): array
    {
        return Table::keyed('threads')[$this->value];
    }
}
