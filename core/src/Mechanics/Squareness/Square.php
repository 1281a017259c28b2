<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
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
            ['clock' => '12', 'depth_mm' => 3.0],
            ['clock' => '3', 'depth_mm' => 3.4],
            ['clock' => '6', 'depth_mm' => 3.8],
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
                $this->judge($input)->byEye()->about(VerdictKind::Squareness),
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
        $verdict = ($repeat ?? $this->judge($input)->byReadings($plane, $angle, $angleHalfWidth, $high))->about(VerdictKind::Squareness);

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

    private function judge(SquareInput $input): SquareJudge
    {
        return new SquareJudge($this->limits, $input);
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
