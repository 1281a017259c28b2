<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Working;

/**
 * Sets a cone in few tries. All that was felt and read is weighed together: where play ends, and by how much the lock nut
 * moves the cone; the next mark aims off by that.
 */
#[
    Calculator('cone-coach', 'Set a cone', 'set', 'The next mark to try, until it is right.', [
        'radius_mm' => 290,
        'spacing_mm' => 52,
        'circle_mm' => 21,
        'axle' => 'quick_release',
        'tries' => [
            ['mark_deg' => 0, 'stage' => 'open', 'felt' => 'play', 'rim_play_mm' => 1.2],
            ['mark_deg' => 0, 'stage' => 'locked', 'felt' => 'play', 'rim_play_mm' => 0.9],
        ],
    ]),
]
final readonly class ConeCoach
{
    public function __construct(private Limits $limits)
    {
    }

    /** Angles in degrees, play at the rim in mm; all tries weighed together by Bayes' rule on a grid. */
    public function work(ConeCoachInput $input): ConeCoachResult
    {
        $hub = ConeHub::of(
            $this->limits,
            $input->radius,
            $input->spacing,
            $input->circle,
            $input->thread,
            $input->axle,
            $input->axleBore,
            $input->between,
            $input->lever,
        );
        $usual = LockShift::expected($this->limits, $input->earlier);
        $aim = -$hub->turn($hub->aim($this->limits, $input->noneOnTheBench))->degrees;
        $leave = Length::mm((-$aim / 360) * $hub->thread->pitch->mm * $hub->lever());
        $last = $input->tries === [] ? null : $input->tries[count($input->tries) - 1];
        if ($last === null) {
            return new ConeCoachResult(
                null,
                null,
                null,
                null,
                Angle::degrees($usual->mean),
                $usual->spread(),
                null,
                $leave,
                null,
                0,
                null,
                (new ConeWords($this->limits))->first($hub, $usual, $leave),
            );
        }
        $belief = ConeBelief::of($this->limits, $hub, $input->tries, $usual);
        $shift = $belief->shift();
        $stands = $belief->preload($last->mark->degrees, $last->stage->isLocked());
        $sure = $belief->within($last->mark->degrees, $aim, $this->limits->get('cone.band_deg'), $last->stage->isLocked());
        $set = round($belief->mark($aim));
        $repeat =
            $belief->agreement() < $this->limits->get('cone.clash')
                ? $this->odd($hub, $input->tries, $usual, $belief->agreement())
                : null;
        // Clamped in the frame, smooth and without play, is what it was all for: no arithmetic is asked then.
        $goal = $last->stage === ConeStage::Clamped && $last->felt === ConeFelt::None;
        $repeat = $goal ? null : $repeat;
        $done =
            $goal ||
            ($last->stage->isLocked() &&
                $repeat === null &&
                $sure >= $this->limits->get('cone.sure') &&
                abs($stands->mean - $aim) <= $this->limits->get('cone.done_deg') &&
                ! in_array($last->felt, [ConeFelt::Binds, ConeFelt::Gritty], true));
        $endPlay = (-$stands->mean / 360) * $hub->thread->pitch->mm;
        [$tight, $loose] = $this->bracket($input->tries, $shift->mean);
        $turn = $set - $last->mark->degrees;

        $verdict = (new ConeWords($this->limits))->verdict($input, $hub, $last, $done, $repeat, $turn, $set, $leave, $shift)
            ->showing(
                Figure::of(
                    'end_play_now',
                    $endPlay < 0 ? 'Preload' : 'End play now',
                    Length::mm($endPlay),
                    ($stands->spread() / 360) * $hub->thread->pitch->mm,
                    3,
                ),
                Figure::of('leave', 'Right play at the rim', $leave),
                Figure::of('lock_shift', 'The lock nut moves it', Angle::degrees($shift->mean), $shift->spread(), 0),
            )
            ->workedOut(
                Working::start()
                    ->line(
                        'Aim',
                        $input->axle === AxleKind::Solid
                            ? '0 to 0.01 mm'
                            : ($input->noneOnTheBench
                                ? 'none on the bench'
                                : 'F·Lc / (E·A)'),
                        Message::filled('pitch {pitch}', pitch: sprintf('%.3f', $hub->thread->pitch->mm)),
                        Angle::degrees(-$aim),
                        0,
                    )
                    ->line(
                        'Stands',
                        'all tries weighed together',
                        Message::counted('working.tries', count($input->tries), 'one try', '{count} tries'),
                        Angle::degrees(-$stands->mean),
                        0,
                    )
                    ->line(
                        'Right with',
                        'share of what is possible within the band',
                        sprintf('± %.0f°', $this->limits->get('cone.band_deg')),
                        sprintf('%.0f %%', 100 * $sure),
                    ),
            );

        return new ConeCoachResult(
            $done ? null : Angle::degrees($set),
            $done ? null : Angle::degrees($turn),
            $tight === null ? null : Angle::degrees($tight),
            $loose === null ? null : Angle::degrees($loose),
            Angle::degrees($shift->mean),
            $shift->spread(),
            Length::mm($endPlay),
            $leave,
            Share::of($sure),
            (new ConeWords($this->limits))->lockings($input->tries),
            $repeat,
            $verdict,
        );
    }

    /**
     * The loosest mark felt tight and the tightest felt loose, both as they end when locked.
     *
     * @param  list<ConeTry>  $tries
     * @return array{?float, ?float}
     */
    private function bracket(array $tries, float $shift): array
    {
        [$tight, $loose] = [null, null];
        foreach ($tries as $try) {
            $ends = $try->mark->degrees + ($try->stage->isLocked() ? 0.0 : -$shift);
            if ($try->felt === ConeFelt::Binds) {
                $tight = min($tight ?? INF, $ends);
            }
            if ($try->felt === ConeFelt::Play) {
                $loose = max($loose ?? -INF, $ends);
            }
        }

        return [$tight, $loose];
    }

    /**
     * The try without which the others go together best; null when none stands out.
     *
     * @param  list<ConeTry>  $tries
     */
    private function odd(ConeHub $hub, array $tries, Estimate $usual, float $together): ?int
    {
        [$best, $which] = [$together * $this->limits->get('cone.clash_mends'), null];
        foreach (array_keys($tries) as $i) {
            $without = $tries;
            array_splice($without, $i, 1);
            $agreement = $without === [] ? 1.0 : ConeBelief::of($this->limits, $hub, $without, $usual)->agreement();
            if ($agreement > $best) {
                [$best, $which] = [$agreement, $i + 1];
            }
        }

        return $which;
    }
}
