<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Working;

/**
 * What the force of a press tells while a ring goes in. Steady, then a sharp rise: home. The shape decides, not the
 * number alone.
 */
#[Calculator(
    'press-trace',
    'Read a press trace',
    'seat',
    'Force against travel: start, slide, home; cocked, dirty, too tight, short of its place or past it.',
    [
        'grip_mm' => 4,
        'home_mm' => 6,
        'force_low_n' => 800,
        'force_high_n' => 1500,
        'samples' => [
            ['travel_mm' => 0.5, 'force_n' => 140],
            ['travel_mm' => 1, 'force_n' => 270],
            ['travel_mm' => 1.5, 'force_n' => 410],
            ['travel_mm' => 2, 'force_n' => 540],
            ['travel_mm' => 2.5, 'force_n' => 690],
            ['travel_mm' => 3, 'force_n' => 810],
            ['travel_mm' => 3.5, 'force_n' => 950],
            ['travel_mm' => 4, 'force_n' => 1090],
            ['travel_mm' => 4.5, 'force_n' => 1100],
            ['travel_mm' => 5, 'force_n' => 1090],
            ['travel_mm' => 5.5, 'force_n' => 1100],
            ['travel_mm' => 5.95, 'force_n' => 1100],
            ['travel_mm' => 6.05, 'force_n' => 2300],
            ['travel_mm' => 6.15, 'force_n' => 4200],
            ['travel_mm' => 6.25, 'force_n' => 6100],
        ],
    ],
)]
final readonly class PressTrace
{
    /** Share of the grip from which the rest is read. */
    private const LATE = 0.6;

    public function __construct(private Limits $limits)
    {
    }

    /** Travel in mm, forces in N; judged on the force divided by the share of the ring that is in. */
    public function work(PressTraceInput $input): PressTraceResult
    {
        $curve = ForceCurve::of($input->samples, $input->grip->mm);
        $rise = $curve->knee(
            $this->limits->get('press.steep_n_mm'),
            $input->home->mm,
            $this->limits->get('press.quiet_n'),
        );
        $knee = $rise?->at;
        $alarm = max($this->limits->get('force.alarm_factor') * $input->forceHigh->newtons, $this->limits->get('force.alarm_floor_n'));
        $early = ForceCurve::median(
            $curve->between(
                PressTraceEvents::EARLY[0] * $input->grip->mm,
                min($curve->travel(), PressTraceEvents::EARLY[1] * $input->grip->mm),
            ),
        );
        $until = min($knee ?? INF, $input->home->mm - $this->limits->get('press.home_band_mm'), $curve->travel());
        $slide = $curve->between(self::LATE * $input->grip->mm, $until);
        $late = ForceCurve::median($slide);
        $kind = $this->kind($input, $curve, $knee, $early, $late, $slide, $until);
        $settled = $late ?? $early;

        $verdict = (new PressTraceWords())
            ->verdict($kind, $input, $curve, $rise, $rise !== null && $this->isUnseen($rise, $input->home->mm))
            ->showing(
                ...array_values(
                    array_filter([
                        $settled === null ? null : Figure::of('slide', 'Slides at', Force::newtons($settled)),
                        Figure::of('reckoned_low', 'Reckoned, least', $input->forceLow),
                        Figure::of('reckoned_high', 'Reckoned, most', $input->forceHigh),
                        $knee === null ? null : Figure::of('knee', 'Came home at', Length::mm($knee)),
                        Figure::of('home', 'Its place', $input->home),
                    ]),
                ),
            )
            ->workedOut($this->working($input, $early, $late, $slide, $curve, $knee, $until));

        return new PressTraceResult(
            $kind,
            $settled === null ? null : Force::newtons($settled),
            $knee === null ? null : Length::mm($knee),
            Force::newtons($alarm),
            (new PressTraceEvents($this->limits))->events($input, $curve, $knee, $alarm, $kind),
            $verdict,
        );
    }

    /** @param  list<float>  $slide scaled forces of the slide */
    private function kind(
        PressTraceInput $input,
        ForceCurve $curve,
        ?float $knee,
        ?float $early,
        ?float $late,
        array $slide,
        float $until,
    ): PressKind {
        $home = $input->home->mm;
        $high = $input->forceHigh->newtons;
        $tight = $this->limits->get('press.tight_factor');
        $past = $home + $this->limits->get('press.past_mm');
        if ($early === null) {
            return $input->finished && $curve->travel() > 0 ? PressKind::Going : PressKind::Waiting;
        }
        $cocked =
            $early > $tight * $high &&
            ($late === null ? $this->falls($curve, $input->grip->mm) : $early > $this->limits->get('press.wedge_ratio') * $late);

        return match (true) {
            $cocked => PressKind::Cocked,
            $knee !== null && $knee > $past, $knee === null && $curve->travel() > $past => PressKind::MissingSleeve,
            $knee !== null && $knee < $home - $this->limits->get('press.home_band_mm') => PressKind::EarlyHome,
            ($late ?? $early) > $tight * $high => PressKind::Oversize,
            $late !== null && $late < $this->limits->get('press.loose_share') * $input->forceLow->newtons => PressKind::Loose,
            $this->isRough($slide, $curve, PressTraceEvents::EARLY[0] * $input->grip->mm, $until) => PressKind::DirtyBore,
            $knee !== null => PressKind::Good,
            default => PressKind::Going,
        };
    }

    /** Whether it may have risen well before its place, in a stretch that no sample shows. */
    private function isUnseen(Knee $rise, float $home): bool
    {
        return $home - $this->limits->get('press.home_band_mm') - $rise->earliest > $this->limits->get('press.unseen_mm');
    }

    /** A wedged ring takes most where least of it is in. */
    private function falls(ForceCurve $curve, float $grip): bool
    {
        $travel = $curve->travel();
        $first = ForceCurve::median(
            $curve->between(
                PressTraceEvents::EARLY[0] * $grip,
                PressTraceEvents::EARLY[0] * $grip + ($travel - PressTraceEvents::EARLY[0] * $grip) / 3,
            ),
        );
        $last = ForceCurve::median($curve->between($travel - ($travel - PressTraceEvents::EARLY[0] * $grip) / 3, $travel));

        return $first !== null && $last !== null && $first > $this->limits->get('press.wedge_ratio') ** 0.5 * $last;
    }

    /** @param  list<float>  $slide */
    private function isRough(array $slide, ForceCurve $curve, float $from, float $until): bool
    {
        $whole = $curve->between($from, $until);
        $low = ForceCurve::quantile($whole, 0.3);
        $high = ForceCurve::quantile($whole, 0.95);
        $peaks = $low !== null && $high !== null && $high > $this->limits->get('press.peak_ratio') * max(1.0, $low);

        return $slide !== [] &&
            (($peaks && $low > $this->limits->get('press.quiet_n')) ||
                $curve->roughness($from, $until) > $this->limits->get('press.rough_share'));
    }

    /** @param  list<float>  $slide */
    private function working(
        PressTraceInput $input,
        ?float $early,
        ?float $late,
        array $slide,
        ForceCurve $curve,
        ?float $knee,
        float $until,
    ): Working {
        $working = Working::start()->line(
            'Force once all in',
            'F(travel) ÷ share of the ring that is in',
            Message::filled('grip {grip} mm', grip: sprintf('%.2f', $input->grip->mm)),
            Message::of('working.points', '{count} points', ['count' => count($curve->scaled)]),
        );
        if ($early !== null) {
            $working = $working->line(
                'At the beginning',
                'median, a tenth to a third in',
                Message::filled(
                    'reckoned {force} N',
                    force: sprintf('%.0f…%.0f', $input->forceLow->newtons, $input->forceHigh->newtons),
                ),
                Force::newtons($early),
            );
        }
        if ($late !== null) {
            $working = $working
                ->line(
                    'While it slides',
                    Message::of('working.late', 'median, from {share}% in', ['share' => (int) (100 * self::LATE)]),
                    Message::of('working.points', '{count} points', ['count' => count($slide)]),
                    Force::newtons($late),
                )
                ->line(
                    'Roughness',
                    'mean jump beside its neighbours ÷ force',
                    Message::filled('rough above {share}%', share: sprintf('%.1f', 100 * $this->limits->get('press.rough_share'))),
                    sprintf('%.1f%%', 100 * $curve->roughness(PressTraceEvents::EARLY[0] * $input->grip->mm, $until)),
                );
        }

        return $knee === null
            ? $working
            : $working->line(
                'Sharp rise',
                'slide and rise, where their lines cross',
                Message::filled('steeper than {rate} N/mm', rate: sprintf('%.0f', $this->limits->get('press.steep_n_mm'))),
                Length::mm($knee),
            );
    }
}
