<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench;

use CleanRace\Core\Mechanics\Fit\Felt;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\Joint;
use CleanRace\Core\Setting\Cones\ConeFelt;
use CleanRace\Core\Tables\Limits;

/** What hands tell of what is true, each time a little off. */
final readonly class Hands
{
    public function __construct(private Chance $chance, private People $people)
    {
    }

    /**
     * How a ring goes in: a hand feels force, and now and then it is a class off.
     *
     * @param  float  $interference in mm, plus is tight
     * @param  ?Joint  $judgedAs a ring whose hammer it is driven with, where all are driven with one
     */
    public function fit(float $interference, Joint $joint, Limits $limits, ?Joint $judgedAs = null): FitFeel
    {
        $force = $joint->force($limits, $interference) * exp($this->chance->error($this->people->force));
        $felt = self::named($interference + $this->chance->error($this->people->fit), $force, $judgedAs ?? $joint, $limits);
        if ($this->chance->between(0, 1) >= $this->people->classOff) {
            return $felt;
        }
        $all = FitFeel::cases();
        $at = (int) array_search($felt, $all, true) + ($this->chance->whole(0, 1) === 0 ? -1 : 1);

        return $all[max(0, min(count($all) - 1, $at))];
    }

    /** What hands that are never off tell of an interference in mm. */
    public static function surely(float $interference, Joint $joint, Limits $limits): FitFeel
    {
        return self::named($interference, $joint->force($limits, $interference), $joint, $limits);
    }

    /** Where two answers overlap people change from one to the other in the middle, as a ratio. */
    private static function named(float $interference, float $force, Joint $joint, Limits $limits): FitFeel
    {
        $edge = static function (FitFeel $one, FitFeel $other) use ($joint, $limits): float {
            return sqrt((new Felt($limits, $one, $joint))->forces()[1] * (new Felt($limits, $other, $joint))->forces()[0]);
        };

        return match (true) {
            $interference < $limits->get('fit.rattles') => FitFeel::Rattles,
            $interference < $limits->get('fit.drops_in') => FitFeel::DropsIn,
            $force < $edge(FitFeel::ThumbPush, FitFeel::LightTaps) => FitFeel::ThumbPush,
            $force < $edge(FitFeel::LightTaps, FitFeel::FirmDriving) => FitFeel::LightTaps,
            $force < $edge(FitFeel::FirmDriving, FitFeel::WillNotStart) => FitFeel::FirmDriving,
            default => FitFeel::WillNotStart,
        };
    }

    /** @param  float  $play end play in mm, less than none when the balls are squeezed */
    public function cone(float $play): ConeFelt
    {
        $felt = $play + $this->chance->error($this->people->cone);

        return match (true) {
            $felt < $this->people->binds => ConeFelt::Binds,
            $felt < $this->people->none => ConeFelt::None,
            $felt < $this->people->trace => ConeFelt::Trace,
            default => ConeFelt::Play,
        };
    }

    /** Where a mark comes to stand that is to be set to an angle, both in degrees. */
    public function mark(float $degrees): float
    {
        return round($degrees + $this->chance->error($this->people->mark));
    }
}
