<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Warmth;

use CleanRace\Core\Measure\Duration;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\VerdictKind;
use CleanRace\Core\Verdict\Working;

/** How long a warmed hub stays warm enough for the bearing to drop in: one lump of metal that cools in still air (Newton). */
#[
    Calculator('heat-clock', 'How long is it warm enough', 'seat', 'Seconds left from a hub temperature just read.', [
        'hub_c' => 85,
        'room_c' => 18,
        'outside_mm' => 47,
        'interference_mm' => 0.02,
        'mass' => 'medium',
    ]),
]
final readonly class HeatClock
{
    public function __construct(private Limits $limits)
    {
    }

    /** Temperatures in °C, seconds: a lump that cools in still air, t = m·c ÷ (h·A) · ln(ratio). */
    public function work(HeatClockInput $input): HeatClockResult
    {
        $rise = max(0.0, $input->interference->mm) / ($input->outside->mm * $input->material->alpha());
        $needed = $input->room->celsius + $rise;
        $constant =
            ($input->mass->kilograms() * $input->material->specificHeat()) /
            ($this->limits->get('heat.still_air') * $input->mass->area());
        $warm = $input->hub->celsius - $input->room->celsius;
        // The estimate errs on the side of hurry: draughts, and the cold bearing itself, take heat.
        $left = $rise <= 0 ? null : ($warm <= $rise ? 0.0 : $this->limits->get('heat.clock_safe') * $constant * log($warm / $rise));
        $words = ['left' => Duration::seconds(round($left ?? 0.0)), 'needed' => Temperature::celsius($needed), 'hub' => $input->hub];

        $verdict = match (true) {
            $left === null => Verdict::go(
                Message::of('clock.no_hurry', 'No hurry'),
                Message::of('clock.no_hurry.say', 'It goes in cold as well: warmth only makes it easier.'),
            ),
            $left <= 0 => Verdict::care(
                Message::of('clock.late', 'Warm it again'),
                Message::of('clock.late.say', 'Below {needed} it grips; the {body} is at {hub}. Press the rest, or warm it again.', $words),
            ),
            $left < $this->limits->get('heat.clock_short') => Verdict::care(
                Message::of('clock.short', 'About {left} left', $words),
                Message::of('clock.short.say', 'Bearing, driver and hands ready first. Below {needed} it grips.', $words),
            ),
            default => Verdict::go(
                Message::of('clock.left', 'About {left} left', $words),
                Message::of('clock.left.say', 'Drop it in and hold it down until it grips. Below {needed} it no longer goes.', $words),
            ),
        };

        return new HeatClockResult(
            Temperature::celsius($needed),
            $left === null ? null : Duration::seconds($left),
            Duration::seconds($constant),
            $verdict
                ->about(VerdictKind::TimeLeft)
                ->showing(
                    Figure::of('needed', 'Grips below', Temperature::celsius($needed), null, 0),
                    Figure::of('hub', 'Now at', $input->hub, null, 0),
                    ...$left === null ? [] : [Figure::of('left', 'Left from then', Duration::seconds($left))],
                )
                ->workedOut(
                    Working::start()
                        ->line(
                            'Grips below',
                            'room + δ/(D·α)',
                            sprintf(
                                '%.0f + %.3f/(%.1f × %.1fe-6)',
                                $input->room->celsius,
                                max(0.0, $input->interference->mm),
                                $input->outside->mm,
                                1e6 * $input->material->alpha(),
                            ),
                            Temperature::celsius($needed),
                        )
                        ->line(
                            'Time constant',
                            'm·c/(h·A)',
                            sprintf(
                                '%.2f kg × %.0f / (%.0f × %.3f m²)',
                                $input->mass->kilograms(),
                                $input->material->specificHeat(),
                                $this->limits->get('heat.still_air'),
                                $input->mass->area(),
                            ),
                            Duration::seconds($constant),
                            0,
                        )
                        ->line(
                            'Left',
                            'share · τ · ln(warmer by / needed by)',
                            sprintf('%.1f × %.0f × ln(%.0f / %.1f)', $this->limits->get('heat.clock_safe'), $constant, $warm, $rise),
                            Duration::seconds($left ?? 0.0),
                            0,
                        ),
                ),
        );
    }
}
