<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Drawing;

/** What a cut face is made of, and so how it is hatched. */
enum Hatch: string
{
    case Alloy = 'alloy';
    case Ring = 'ring';
    case Steel = 'steel';
    case Shaft = 'shaft';
    case Ball = 'ball';
    case Rubber = 'rubber';
    case Felt = 'felt';
    case Bronze = 'bronze';
    case Void = 'void';

    /** A line that is seen, not cut: a thread, a spline. */
    case Line = 'line';

    /** What its material is called in a drawing that is taken along: a layer of DXF, a group of SVG. */
    public function layer(): string
    {
        return match ($this) {
            self::Alloy => 'HOUSING',
            self::Ring => 'BEARING',
            self::Shaft => 'AXLE',
            self::Ball => 'ROLLING',
            self::Rubber => 'RUBBER',
            self::Felt => 'FELT',
            self::Bronze => 'BRONZE',
            self::Line => 'THREAD',
            self::Steel, self::Void => 'STEEL',
        };
    }
}
