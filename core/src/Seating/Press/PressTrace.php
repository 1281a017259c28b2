<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/**
 * C24: what the force of a press tells while a ring goes in. Steady, then a sharp rise: home. The shape decides, not the
 * number alone.
 */
#[
    Calculator(
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
    ),
]
final readonly class PressTrace
{
    /** Shares of the grip between which the beginning of a seating is read. */
    private const EARLY = [0.1, 0.35];

    /** Share of the grip from which the rest is read. */
    private const LATE = 0.6;

    public function __construct(private Limits $limits)
    {
    }

    public function work(PressTraceInput $input): PressTraceResult
    {
        $curve = ForceCurve::of($input->samples, $input->grip->mm);
        $knee = $curve->knee($this->limits->get('press.steep_n_mm'));
        $alarm = max($this->limits->get('force.alarm_factor') * $input->forceHigh->newtons, $this->limits->get('force.alarm_floor_n'));
        $early = ForceCurve::median(
            $curve->between(self::EARLY[0] * $input->grip->mm, min($curve->travel(), self::EARLY[1] * $input->grip->mm)),
        );
        $until = min($knee ?? INF, $input->home->mm - $this->limits->get('press.home_band_mm'), $curve->travel());
        $slide = $curve->between(self::LATE * $input->grip->mm, $until);
        $late = ForceCurve::median($slide);
        $kind = $this->kind($input, $curve, $knee, $early, $late, $slide, $until);
        $settled = $late ?? $early;

        $verdict = $this->verdict($kind, $input, $curve, $knee)
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
            $this->events($input, $curve, $knee, $alarm, $kind),
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
            $this->isRough($slide, $curve, self::EARLY[0] * $input->grip->mm, $until) => PressKind::DirtyBore,
            $knee !== null => PressKind::Good,
            default => PressKind::Going,
        };
    }

    /** A wedged ring takes most where least of it is in. */
    private function falls(ForceCurve $curve, float $grip): bool
    {
        $travel = $curve->travel();
        $first = ForceCurve::median(
            $curve->between(self::EARLY[0] * $grip, self::EARLY[0] * $grip + ($travel - self::EARLY[0] * $grip) / 3),
        );
        $last = ForceCurve::median($curve->between($travel - ($travel - self::EARLY[0] * $grip) / 3, $travel));

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

    private function verdict(PressKind $kind, PressTraceInput $input, ForceCurve $curve, ?float $knee): Verdict
    {
        $at = [
            'at' => Length::mm($knee ?? $curve->travel()),
            'home' => $input->home,
            'short' => Length::mm(abs($input->home->mm - ($knee ?? $curve->travel()))),
        ];

        return match ($kind) {
            PressKind::Waiting => Verdict::care(
                Message::of('press.waiting', 'Nothing pressed yet'),
                Message::of('press.waiting.say', 'The ring has not begun to go in.'),
            ),
            PressKind::Going => $input->finished
                ? Verdict::care(
                    Message::of('press.unfinished', 'Not home yet'),
                    Message::of('press.unfinished.say', 'The trace ends at {at}, on the way. There is {short} to go.', $at),
                )
                : Verdict::go(
                    Message::of('press.going', 'Going in as reckoned'),
                    Message::of('press.going.say', 'Steady. Home is at {home}; a sharp rise before or there means stop.', $at),
                ),
            PressKind::Good => Verdict::go(
                Message::of('press.home', 'Home: stop'),
                Message::of('press.home.say', 'The force rose sharply at {at}, where it should.', $at),
            ),
            PressKind::Cocked => Verdict::stop(
                Message::of('press.cocked', 'Cocked: stop'),
                Message::of('press.cocked.say', 'It takes most force where least of the ring is in: it wedges across the bore.'),
            )->next(Message::of('press.cocked.next', 'Drive it back out, look at the bore, start it square by hand.')),
            PressKind::Oversize => Verdict::stop(
                Message::of('press.tight', 'Far tighter than reckoned: stop'),
                Message::of(
                    'press.tight.say',
                    'Even all the way, but too high: the ring is larger, or the bore smaller, than was read.',
                ),
            )->next(
                Message::of(
                    'press.tight.next',
                    'Out again; measure ring and bore; warm the hub. Too tight takes the clearance from the bearing.',
                ),
            ),
            PressKind::EarlyHome => Verdict::stop(
                Message::of('press.early', 'It stands {short} short', $at),
                Message::of('press.early.say', 'A sharp rise at {at}, before its place at {home}.', $at),
            )->next(
                Message::of(
                    'press.early.next',
                    'Do not press on. Dirt or trapped grease on the ledge, a ring still in its groove, or a wrong depth: look.',
                ),
            ),
            PressKind::MissingSleeve => Verdict::stop(
                Message::of('press.past', 'Past its place: stop'),
                $input->onSleeve
                    ? Message::of(
                        'press.past.sleeve',
                        'No rise at {home}, where the sleeve should have stopped it. Is the sleeve in?',
                        $at,
                    )
                    : Message::of('press.past.say', 'No rise at {home}, where the ledge should have stopped it.', $at),
            )->next(Message::of('press.past.next', 'Look through the hub and at the tray before anything else.')),
            PressKind::DirtyBore => Verdict::care(
                Message::of('press.dirty', 'Rough on the way'),
                Message::of('press.dirty.say', 'Peaks and jumps while it slides: grit, a score or a burr in the bore.'),
            )->next(
                Message::of(
                    'press.dirty.next',
                    'Out again while it is easy, or read it for square and home and look at it once more when the wheel is next apart.',
                ),
            ),
            PressKind::Loose => Verdict::care(
                Message::of('press.loose', 'Hardly any grip'),
                Message::of('press.loose.say', 'It slides with far less than was reckoned: it may turn in its bore.'),
            )->next(Message::of('press.loose.next', 'Retaining compound rated for the gap, or measure the bore.')),
        };
    }

    /** @return list<PressEvent> */
    private function events(PressTraceInput $input, ForceCurve $curve, ?float $knee, float $alarm, PressKind $kind): array
    {
        $events = [];
        $quiet = $this->limits->get('press.quiet_n');
        foreach ($curve->forces as $i => $force) {
            if ($force > $quiet) {
                $events[] = new PressEvent(
                    'start',
                    Length::mm($i * ForceCurve::STEP),
                    Force::newtons($force),
                    Message::of('press.event.start', 'starts'),
                );
                break;
            }
        }
        if ($curve->travel() > $input->grip->mm && ($knee === null || $knee > $input->grip->mm)) {
            $events[] = new PressEvent(
                'slide',
                $input->grip,
                Force::newtons($curve->force($input->grip->mm)),
                Message::of('press.event.slide', 'all in'),
            );
        }
        foreach ($curve->forces as $i => $force) {
            if ($force > $alarm && ($knee === null || $i * ForceCurve::STEP < $knee)) {
                $events[] = new PressEvent(
                    'high',
                    Length::mm($i * ForceCurve::STEP),
                    Force::newtons($force),
                    Message::of('press.event.high', 'too high'),
                );
                break;
            }
        }
        $peak = $this->worstPeak($curve, $input->grip->mm, $knee ?? $curve->travel());
        if ($kind === PressKind::DirtyBore && $peak !== null) {
            $events[] = new PressEvent(
                'peak',
                Length::mm($peak),
                Force::newtons($curve->force($peak)),
                Message::of('press.event.peak', 'rough here'),
            );
        }
        if ($knee !== null) {
            $events[] = new PressEvent(
                'knee',
                Length::mm($knee),
                Force::newtons($curve->force($knee)),
                Message::of('press.event.knee', 'sharp rise'),
            );
        }
        usort($events, static fn (PressEvent $a, PressEvent $b): int => $a->travel->mm <=> $b->travel->mm);

        return $events;
    }

    private function worstPeak(ForceCurve $curve, float $grip, float $until): ?float
    {
        $worst = null;
        $most = 0.0;
        foreach ($curve->scaled as $i => $scaled) {
            $at = $i * ForceCurve::STEP;
            if (! is_nan($scaled) && $at > self::EARLY[0] * $grip && $at < $until - 0.3 && $scaled > $most) {
                [$worst, $most] = [$at, $scaled];
            }
        }

        return $worst;
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
                    sprintf('%.1f%%', 100 * $curve->roughness(self::EARLY[0] * $input->grip->mm, $until)),
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
