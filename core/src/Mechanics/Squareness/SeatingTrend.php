<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Written;

/** Does the ring come straight as it goes deeper, or lean more with every round. */
#[
    Calculator('seating-trend', 'Is it coming straight', 'seat', 'Tilt against depth, round by round.', [
        'bore_mm' => 20,
        'outside_mm' => 47,
        'rounds' => [
            [
                'readings' => [
                    ['clock' => '12', 'depth_mm' => 1.0],
                    ['clock' => '4', 'depth_mm' => 1.1],
                    ['clock' => '8', 'depth_mm' => 1.1],
                ],
            ],
            [
                'readings' => [
                    ['clock' => '12', 'depth_mm' => 2.0],
                    ['clock' => '4', 'depth_mm' => 2.25],
                    ['clock' => '8', 'depth_mm' => 2.25],
                ],
            ],
        ],
    ]),
]
final readonly class SeatingTrend
{
    public function __construct(private Limits $limits)
    {
    }

    /** Depths in mm, angles in degrees, of the last two rounds that could be judged. */
    public function work(SeatingTrendInput $input): SeatingTrendResult
    {
        $points = [];
        foreach ($input->rounds as $round) {
            try {
                $square = (new Square($this->limits))->work(new SquareInput($input->bore, $input->outside, $round->readings));
            } catch (InvalidInput) {
                // A round that was begun and not ended says nothing yet.
                continue;
            }
            if ($square->meanDepth !== null && $square->tilt !== null && $square->angle !== null) {
                $points[] = new TrendPoint(
                    $square->meanDepth,
                    $square->tilt,
                    $square->angle,
                    $square->highSide,
                    $square->verdict->level,
                );
            }
        }

        return new SeatingTrendResult(
            $points,
            Angle::degrees($this->limits->get('square.go_on_deg')),
            Angle::degrees($this->limits->get('square.drive_out_deg')),
            $this->verdict($points),
        );
    }

    /** @param  list<TrendPoint>  $points */
    private function verdict(array $points): ?Verdict
    {
        if (count($points) < 2) {
            return null;
        }
        [$before, $now] = array_slice($points, -2);
        $by = $now->angle->degrees - $before->angle->degrees;
        $grows = $this->limits->get('trend.grows_deg');
        $words = ['from' => $before->angle, 'to' => $now->angle, 'clock' => Written::of($now->highSide?->text() ?? '')];
        $same = $before->highSide === null || $now->highSide === null || self::apart($before->highSide, $now->highSide) <= 2.0;

        return match (true) {
            $by > $grows && $now->angle->degrees > $this->limits->get('square.go_on_deg') && $same => Verdict::stop(
                Message::of('trend.grows', 'It leans more with every round'),
                Message::of('trend.grows.say', 'From {from} to {to} at the same side: driving on makes it worse.', $words),
            )->next(Message::of('trend.grows.next', 'Stop early: out again, look at the bore at {clock}, start by hand.', $words)),
            $by > $grows && $now->angle->degrees > $this->limits->get('square.go_on_deg') => Verdict::care(
                Message::of('trend.turns', 'It leans the other way now'),
                Message::of('trend.turns.say', 'Fewer and lighter taps at {clock}.', $words),
            ),
            $by < -$grows => Verdict::go(
                Message::of('trend.straightens', 'It is coming straight'),
                Message::of('trend.straightens.say', 'From {from} to {to}.', $words),
            ),
            default => Verdict::go(
                Message::of('trend.steady', 'It holds as it is'),
                Message::of('trend.steady.say', 'No change that these readings can tell.'),
            ),
        };
    }

    /** Hours between two directions, the short way round. */
    private static function apart(Clock $one, Clock $other): float
    {
        $between = abs($one->hours - $other->hours);

        return min($between, 12 - $between);
    }
}
