<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/** Where a part lies between the axle and the housing, which decides what it stands against. */
enum Lane: string
{
    /** The axle and the housing themselves: they run along all the others. */
    case Across = 'across';

    /** On the axle: its ends stand against inner rings, cones and each other. */
    case Axle = 'axle';

    /** In the housing: it stands against outer rings, ledges and grooves. */
    case Housing = 'housing';

    /** From the axle to the housing: a bearing that comes as one piece. */
    case Both = 'both';

    /** Made to measure, round a bearing in its seat or inside it on the axle: it takes up no length of its own. */
    case Around = 'around';

    /** One of the loose pieces that make a bearing together: cone, balls and cup. */
    case Row = 'row';
}
