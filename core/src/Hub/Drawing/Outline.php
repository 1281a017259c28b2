<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Drawing;

/**
 * One face of the half-section: a closed polygon, an open line when its hatch is a line, or a circle. All in mm from
 * the left face and from the axis.
 */
final readonly class Outline
{
    /**
     * @param  list<float>  $points along, radius, along, radius …; a circle's centre alone
     * @param  ?float  $round radius when it is a circle
     */
    private function __construct(public Hatch $hatch, public array $points, public ?float $round)
    {
    }

    /** @param  list<array{float, float}>  $points */
    public static function of(Hatch $hatch, array $points): self
    {
        $flat = [];
        foreach ($points as [$along, $radius]) {
            $flat[] = round($along, 3);
            $flat[] = round($radius, 3);
        }

        return new self($hatch, $flat, null);
    }

    /** A circle about a place along the axle; all in mm. */
    public static function circle(Hatch $hatch, float $along, float $radius, float $round): self
    {
        return new self($hatch, [round($along, 3), round($radius, 3)], round($round, 3));
    }

    /** @return list<array{float, float}> */
    public function corners(): array
    {
        /** @var list<array{float, float}> */
        return array_chunk($this->points, 2);
    }
}
