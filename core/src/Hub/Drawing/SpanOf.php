<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Drawing;

/** What a dimension of the half-section is of. */
enum SpanOf: string
{
    case OverFaces = 'over_faces';
    case Ledge = 'ledge';
    case Sleeve = 'sleeve';
    case Gap = 'gap';
}
