<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

/** What a judgement is of, where a page shows more of it than its words. */
enum VerdictKind: string
{
    /** How level a ring stands: where it is proud is shown on the clock. */
    case Squareness = 'squareness';

    /** How long a warm hub stays warm enough: it is counted down. */
    case TimeLeft = 'time_left';

    /** What a stamped number says: it is taken apart. */
    case BearingNumber = 'bearing_number';

    /** A piece that is made: it is drawn from its figures. */
    case PieceToMake = 'piece_to_make';
}
