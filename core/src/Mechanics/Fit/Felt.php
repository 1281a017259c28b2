<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Tables\Limits;

/**
 * What a feel tells of the interference of one ring: the hand feels force, and force follows from interference by this
 * ring, seat and wall. Below any grip there is no force; there it tells of play (shop practice).
 */
final readonly class Felt
{
    /** Newtons for each mm past what the surfaces flatten. */
    private float $rise;

    private float $flattening;

    /** Whether it is driven with the lighter hammer. */
    private bool $small;

    public function __construct(private Limits $limits, private FitFeel $feel, Joint $joint)
    {
        $this->flattening = $limits->get('force.flattening');
        $this->rise = $joint->force($limits, $this->flattening + 1.0);
        $this->small = $joint->outside->mm < $limits->get('fit.small_below');
    }

    /** How likely somebody would say this of an interference in mm, 0 to 1. */
    public function likelihood(float $interference): float
    {
        $edge = $this->limits->get('fit.feel_edge');
        $drops = $this->limits->get('fit.drops_in');
        $rattles = $this->limits->get('fit.rattles');
        $looser = static fn (float $than): float => Estimate::phi(($than - $interference) / $edge);
        [$least, $most] = $this->forces();

        return match ($this->feel) {
            FitFeel::Rattles => $looser($rattles),
            FitFeel::DropsIn => $looser($drops) * (1 - $looser($rattles)),
            FitFeel::ThumbPush => (1 - $looser($drops)) * (1 - $this->above($interference, $most)),
            default => $this->above($interference, $least) - $this->above($interference, $most),
        };
    }

    /** @return array{float, float} interference in mm that this feel stands for, without its doubt; infinite at an open end */
    public function band(): array
    {
        $drops = $this->limits->get('fit.drops_in');
        $rattles = $this->limits->get('fit.rattles');
        [$least, $most] = $this->forces();
        $at = fn (float $force): float => is_finite($force) ? $this->flattening + $force / $this->rise : INF;

        return match ($this->feel) {
            FitFeel::Rattles => [-INF, $rattles],
            FitFeel::DropsIn => [$rattles, $drops],
            FitFeel::ThumbPush => [$drops, $at($most)],
            default => [$at($least), $at($most)],
        };
    }

    /** @return array{float, float} force in N that this feel stands for */
    public function forces(): array
    {
        $least = match ($this->feel) {
            FitFeel::LightTaps => 'fit.thumb_n',
            FitFeel::FirmDriving => $this->small ? 'fit.small_firm_least_n' : 'fit.firm_least_n',
            FitFeel::WillNotStart => $this->small ? 'fit.small_not_cold_n' : 'fit.not_cold_n',
            default => null,
        };
        $most = match ($this->feel) {
            FitFeel::ThumbPush => 'fit.thumb_n',
            FitFeel::LightTaps => $this->small ? 'fit.small_taps_n' : 'fit.taps_n',
            FitFeel::FirmDriving => $this->small ? 'fit.small_firm_most_n' : 'fit.firm_most_n',
            default => null,
        };

        return [
            $least === null ? 0.0 : $this->limits->get($least),
            match (true) {
                $most !== null => $this->limits->get($most),
                $this->feel === FitFeel::WillNotStart => INF,
                default => 0.0,
            },
        ];
    }

    /** How likely a hand takes the force of this interference for more than so many newtons. */
    private function above(float $interference, float $newtons): float
    {
        $force = max(0.0, $interference - $this->flattening) * $this->rise;
        if ($force <= 0.0 || ! is_finite($newtons)) {
            return 0.0;
        }

        return Estimate::phi(log($force / $newtons) / $this->limits->get('fit.feel_sigma'));
    }
}
