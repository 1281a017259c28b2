<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;

/**
 * How deep below the face a ring stands on its ledge: the one place where that is reckoned. Its width as it was
 * measured goes before that of its number.
 */
final readonly class HomeDepth
{
    private function __construct(private Estimate $ledge, private Estimate $width)
    {
    }

    /**
     * @param  Reading  $ledge depth of the ledge below the face
     * @param  Length  $byNumber width of the bearing by its number
     * @param  ?Reading  $measured width of the new one, when it was measured
     */
    public static function on(Reading $ledge, Length $byNumber, ?Reading $measured): self
    {
        return new self($ledge->estimate(), $measured?->estimate() ?? new Estimate($byNumber->mm));
    }

    /** Below the face; less than nothing when the ring stands out of it. */
    public function depth(): Length
    {
        return Length::mm($this->ledge->mean - $this->width->mean);
    }

    /** How far a ring that stands so deep has still to go. */
    public function toGo(Reading $depth): Estimate
    {
        return $this->ledge->minus($this->width)->minus($depth->estimate());
    }
}
