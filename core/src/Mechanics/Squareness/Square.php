<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\VerdictKind;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** Does the ring go in square; if not, where it stands proud and whether it can still be tapped level. */
#[
    Calculator('square', 'Is it going in square', 'seat', 'Three or four depths around the ring, or a look.', [
        'bore_mm' => 20,
        'outside_mm' => 47,
        'readings' => [
            ['clock' => '12', 'depth_mm' => 3.1],
            ['clock' => '3', 'depth_mm' => 3.4],
            ['clock' => '6', 'depth_mm' => 3.7],
            ['clock' => '9', 'depth_mm' => 3.4],
        ],
    ]),
]
final readonly class Square
{
    /** The tip of a depth rod stands this share of the section inside the outside diameter: mid face of the ring. */
    private const TIP_SHARE = 0.105;

    public function __construct(private Limits $limits)
    {
    }

    /** Depths in mm at hours of the clock; the plane by least squares, its tilt across the ring in mm and degrees. */
    public function work(SquareInput $input): SquareResult
    {
        if ($input->readings === []) {
            return new SquareResult(
                null,
                null,
                null,
                null,
                null,
                $input->eye === Eye::Level ? null : $input->eyeClock,
                $this->byEye($input)->about(VerdictKind::Squareness),
            );
        }
        $readings = $input->levelled();
        if ($readings === []) {
            throw InvalidInput::about('reference', 'No reference was read at the places of these depths.');
        }
        $plane = Plane::through($readings);
        $circle = $input->outside->mm - self::TIP_SHARE * ($input->outside->mm - $input->bore->mm);
        $angle = rad2deg(atan($plane->tilt() / $circle));
        $angleHalfWidth = rad2deg(atan($plane->tiltHalfWidth / $circle));
        $high = $plane->tilt() >= 2 * $plane->tiltHalfWidth ? $plane->highSide() : null;
        $repeat = $this->repeat($readings, $plane);
        $estimate = new Estimate($angle, $angleHalfWidth / sqrt(3));
        $verdict = ($repeat ?? $this->judged($input, $plane, $estimate, $high))->about(VerdictKind::Squareness);

        return new SquareResult(
            Length::mm($plane->depth),
            Length::mm($plane->tilt()),
            Length::mm($plane->tiltHalfWidth),
            Angle::degrees($angle),
            Angle::degrees($angleHalfWidth),
            $high,
            $verdict
                ->showing(
                    Figure::of('angle', 'Out of square', Angle::degrees($angle), $angleHalfWidth),
                    Figure::of('tilt', 'Across the ring', Length::mm($plane->tilt()), $plane->tiltHalfWidth),
                    Figure::of('mean_depth', 'Mean depth', Length::mm($plane->depth)),
                    Figure::of(
                        'go_on',
                        'Go on below',
                        Angle::degrees(
                            $this->limits->get($input->stage === SquareStage::Home ? 'square.home_deg' : 'square.go_on_deg'),
                        ),
                    ),
                    Figure::of('drive_out', 'Drive out above', Angle::degrees($this->limits->get('square.drive_out_deg'))),
                )
                ->workedOut(
                    Working::start()
                        ->line(
                            'Plane',
                            'z = z0 + b·cosθ + c·sinθ',
                            Message::of(
                                'working.plane',
                                $input->reference === []
                                    ? '{count} depths, least squares'
                                    : '{count} depths less the reference, least squares',
                                ['count' => count($readings)],
                            ),
                            sprintf('z0 %.3f, b %+.3f, c %+.3f mm', $plane->depth, $plane->b, $plane->c),
                        )
                        ->line(
                            'Across the ring',
                            't = 2·√(b² + c²)',
                            Message::filled('give or take {off}', off: sprintf('%.3f', $plane->tiltHalfWidth)),
                            Length::mm($plane->tilt()),
                            3,
                        )
                        ->line(
                            'Angle',
                            'atan(t / (D − 0.105(D − d)))',
                            sprintf('%.3f / %.2f', $plane->tilt(), $circle),
                            Angle::degrees($angle),
                        ),
                ),
        );
    }

    /**
     * Going in, the reading itself decides between tapping and driving out: driving back out costs a minute, a
     * scarred bore costs the hub. Whether to go on is decided on probability.
     */
    private function judged(SquareInput $input, Plane $plane, Estimate $angle, ?Clock $high): Verdict
    {
        if (
            $angle->mean > $this->limits->get('square.drive_out_deg') ||
            ($input->eye === Eye::Cocked && $angle->mean > $this->limits->get('square.go_on_deg'))
        ) {
            return $this->driveOut($high ?? $plane->highSide(), Length::mm($plane->tilt()));
        }
        $level = $this->level($input, $plane, $angle);
        if ($level === Level::Go) {
            return $input->stage === SquareStage::Home
                ? Verdict::go(Message::of('square.home', 'Square'), Message::of('square.home.say', 'It stands level.'))
                : Verdict::go(
                    Message::of('square.on', 'Square: go on'),
                    Message::of('square.on.say', 'It is going in level. Keep reading as it goes.'),
                );
        }
        if ($high === null) {
            return Verdict::care(
                Message::of('square.doubt', 'Level, as far as these readings tell'),
                Message::of(
                    'square.doubt.say',
                    'The readings are too coarse to be sure. Look across it, then a few more light taps all round.',
                ),
            )->settledBy(Message::of('square.doubt.settle', 'A depth micrometer, or a second set of four, settles it.'));
        }

        return Verdict::care(
            Message::of('square.tap', 'Tap at {clock}', ['clock' => Written::of($high->text())]),
            Message::of('square.tap.say', 'It stands {tilt} proud at {clock}. Light taps there until it is level.', [
                'tilt' => Length::mm($plane->tilt()),
                'clock' => Written::of($high->text()),
            ]),
        )->settledBy(Message::of('square.tap.settle', 'Read the same places again after each round of taps.'));
    }

    private function level(SquareInput $input, Plane $plane, Estimate $angle): Level
    {
        $home = $input->stage === SquareStage::Home;
        $limit = $this->limits->get($home ? 'square.home_deg' : 'square.go_on_deg');
        $within = $angle->probabilityAtMost($limit);
        $byHands = $input->eye === Eye::Level && ($angle->mean <= $limit || $plane->tilt() <= 2 * $plane->tiltHalfWidth);
        $atRest = $home && ($angle->mean <= $limit || $plane->tilt() <= 2 * $plane->tiltHalfWidth);

        return $byHands || $atRest || $within >= $this->limits->get('level.sure') ? Level::Go : Level::Care;
    }

    private function byEye(SquareInput $input): Verdict
    {
        $at = $input->eyeClock === null ? Message::plain('the high side') : Written::of($input->eyeClock->text());

        return match ($input->eye) {
            Eye::Cocked => $this->driveOut($input->eyeClock, null),
            Eye::Proud => Verdict::care(
                Message::of('square.tap', 'Tap at {clock}', ['clock' => $at]),
                Message::of('square.eye.proud', 'It looks proud at {clock}. Light taps there until it looks level.', ['clock' => $at]),
            )->settledBy(Message::of('square.eye.settle', 'Three depths round the clock settle it.')),
            default => Verdict::go(
                Message::of('square.eye.level', 'Level by eye: go on'),
                Message::of('square.eye.level.say', 'Looks level all round. Look again after the next few taps.'),
            )->settledBy(Message::of('square.eye.settle', 'Three depths round the clock settle it.')),
        };
    }

    private function driveOut(?Clock $high, ?Length $tilt): Verdict
    {
        $sentence =
            $tilt !== null && $high !== null
                ? Message::of('square.out.say', 'It stands {tilt} proud at {clock}. Forcing it straight would score the bore.', [
                    'tilt' => $tilt,
                    'clock' => Written::of($high->text()),
                ])
                : Message::of('square.out.eye', 'It stands cocked. Forcing it straight would score the bore.');

        return Verdict::stop(Message::of('square.out', 'Drive it back out'), $sentence)->next(
            Message::of('square.out.next', 'Out from behind, look at the bore, wipe, and start again by hand.'),
        );
    }

    /**
     * Readings that do not lie in one plane: one of them, or the set, is to be taken again.
     *
     * @param  list<ClockDepth>  $readings
     */
    private function repeat(array $readings, Plane $plane): ?Verdict
    {
        $n = count($readings);
        $halfWidth = max(0.0, ...array_map(static fn (ClockDepth $r): float => $r->depth->halfWidth->mm, $readings));
        $residuals = array_map(abs(...), $plane->residuals);
        $worst = max(0.0, ...$residuals);
        if ($n <= 3 || $worst <= 3 * $halfWidth * sqrt(1 - 3 / $n)) {
            return null;
        }
        $clock = $readings[(int) array_search($worst, $residuals, true)]->clock->text();

        return Verdict::care(
            $n === 4
                ? Message::of('square.repeat_all', 'Repeat all four')
                : Message::of('square.repeat_one', 'Repeat the one at {clock}', ['clock' => Written::of($clock)]),
            Message::of(
                'square.repeat.say',
                'The readings do not lie in one plane: one of them is off, or the face they are taken from is rough.',
            ),
        )->next(Message::of('square.repeat.next', 'Wipe the face, hold the beam flat, read again.'));
    }
}
