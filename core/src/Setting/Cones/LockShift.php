<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Field;

/** What a lock nut moved the cone on an earlier hub. */
final readonly class LockShift
{
    public function __construct(#[Field('Moved the cone, tighter is more', least: -360, most: 360)] public Angle $shift)
    {
    }

    /**
     * What one hub's tries show by themselves: the same mark, its play read before and after locking.
     *
     * @param  list<ConeTry>  $tries
     * @return list<self>
     */
    public static function shownBy(ConeHub $hub, array $tries): array
    {
        $shown = [];
        foreach ($tries as $i => $after) {
            $before = $tries[$i - 1] ?? null;
            if (
                $before !== null &&
                $before->stage === ConeStage::Open &&
                $after->stage === ConeStage::Locked &&
                abs($before->mark->degrees - $after->mark->degrees) < 3 &&
                $before->rimPlay !== null &&
                $after->rimPlay !== null &&
                $after->rimPlay->value->mm > 0
            ) {
                $shown[] = new self($hub->turn(($before->rimPlay->value->mm - $after->rimPlay->value->mm) / $hub->lever()));
            }
        }

        return $shown;
    }

    /**
     * What to expect of the next hub, in degrees.
     *
     * @param  list<self>  $earlier
     */
    public static function expected(Limits $limits, array $earlier): Estimate
    {
        [$mean, $sigma] = [$limits->get('cone.shift_deg'), $limits->get('cone.shift_sigma_deg')];
        $degrees = array_map(static fn (self $one): float => $one->shift->degrees, $earlier);
        if ($degrees === []) {
            return new Estimate($mean, $sigma);
        }
        $here = array_sum($degrees) / count($degrees);
        $spread = sqrt(array_sum(array_map(static fn (float $d): float => ($d - $here) ** 2, $degrees)) / count($degrees));
        $share = min(1.0, count($degrees) / $limits->get('cone.shift_enough'));

        return new Estimate(
            $mean + $share * ($here - $mean),
            max($limits->get('cone.done_deg') / 2, $sigma + $share * ($spread - $sigma)),
        );
    }
}
