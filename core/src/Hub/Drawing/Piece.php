<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Drawing;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;

/** One part of the section: where it lies along the axle and between which radii, and the faces it shows. */
final readonly class Piece
{
    /** @param  list<Outline>  $outlines */
    public function __construct(
        public string $part,
        public PartKind $kind,
        public Message|string $name,
        public Side $side,
        public PartState $state,
        public Length $from,
        public Length $to,
        public Length $inner,
        public Length $outer,
        public array $outlines,
        public ?Angle $tilt = null,
        public ?Clock $highSide = null,
    ) {
    }
}
