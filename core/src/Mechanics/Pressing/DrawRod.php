<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Pressing;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** Long enough for {body}, driver, washers and nuts, and no longer than the socket over its nut is deep. */
#[
    Calculator('draw-rod', 'The draw rod', 'seat', 'How long it must be, and may be.', [
        'over_faces_mm' => 104,
        'driver_length_mm' => 60,
        'bore_mm' => 20,
        'draw_bolt' => 'M12',
        'socket_depth_mm' => 38,
        'rod_mm' => 250,
        'force_n' => 1800,
    ]),
]
final readonly class DrawRod
{
    /** Two washers and a thrust washer, in mm. */
    private const USUAL_WASHERS = 10.0;

    public function __construct(private Limits $limits)
    {
    }

    /** Lengths in mm, the force in N; a rod pulls at most force.rod_limit_8_8 of its proof load (limits.csv, ISO 898-1). */
    public function work(DrawRodInput $input): DrawRodResult
    {
        $nut = $this->limits->get('rod.nut_share') * $input->drawBolt->diameter();
        $washers = $input->washers->mm ?? self::USUAL_WASHERS;
        $pack = $input->overFaces->mm + $input->driverLength->mm + $washers;
        // The bearing stands proud before it goes in: the rod has to reach then as well.
        $least = $pack + 2 * $nut + $this->limits->get('rod.threads_out') * 2 * $input->drawBolt->pitch();
        $most = $input->socketDepth === null ? null : $pack + $nut + $input->socketDepth->mm;
        $torque =
            $input->force === null
                ? null
                : ($this->limits->get('force.nut_oiled') * $input->force->newtons * $input->drawBolt->diameter()) / 1000;
        $words = ['least' => Length::mm($least), 'most' => Length::mm($most ?? 0.0), 'bolt' => Written::of($input->drawBolt->value)];
        $strong =
            $input->force === null ||
            $input->force->newtons <= $input->drawBolt->limit($this->limits->get('force.rod_limit_8_8'))->newtons;

        $verdict = match (true) {
            ! $strong => Verdict::stop(
                Message::of('rod.weak', '{bolt} is too thin for this fit', $words),
                Message::of('rod.weak.say', 'It would stretch. A thicker rod, or warm the {body}.'),
            ),
            $most !== null && $most < $least => Verdict::care(
                Message::of('rod.socket', 'The socket is too shallow'),
                Message::of('rod.socket.say', 'Its nut needs more thread than the socket takes in: use a spanner, or a deep socket.'),
            ),
            $input->rod === null => Verdict::go(
                Message::of('rod.length', 'Rod of {least} or more', $words),
                $most === null
                    ? Message::of('rod.length.say', 'Big washers, oiled thread, a thrust washer under the nut that turns.')
                    : Message::of(
                        'rod.length.most',
                        'At most {most}, or the socket stands on the rod before it reaches the nut.',
                        $words,
                    ),
            ),
            $input->rod->mm < $least => Verdict::stop(
                Message::of('rod.short', 'The rod is too short'),
                Message::of('rod.short.say', 'It takes {least} for {body}, driver, washers and nuts.', $words),
            ),
            $most !== null && $input->rod->mm > $most => Verdict::care(
                Message::of('rod.long', 'The rod is too long for the socket'),
                Message::of(
                    'rod.long.say',
                    'Over {most} the socket stands on the rod before it reaches the nut: use a spanner, or let it out at the other end.',
                    $words,
                ),
            ),
            default => Verdict::go(
                Message::of('rod.right', 'The rod will do'),
                Message::of('rod.right.say', 'Big washers, oiled thread, a thrust washer under the nut that turns.'),
            ),
        };

        return new DrawRodResult(
            Length::mm($least),
            $most === null ? null : Length::mm($most),
            $torque === null ? null : Torque::newtonMetres($torque),
            $verdict
                ->showing(
                    ...array_filter([
                        Figure::of('rod_least', 'Rod at least', Length::mm($least), null, 0),
                        $torque === null ? null : Figure::of('nut_torque', 'Draw nut up to', Torque::newtonMetres($torque)),
                    ]),
                )
                ->workedOut(
                    Working::start()->line(
                        'Rod at least',
                        Message::plain('{body} + driver + washers + two nuts + threads'),
                        Message::filled(
                            '{sum} + threads',
                            sum: sprintf(
                                '%.0f + %.0f + %.0f + 2 × %.1f',
                                $input->overFaces->mm,
                                $input->driverLength->mm,
                                $washers,
                                $nut,
                            ),
                        ),
                        Length::mm($least),
                    ),
                ),
        );
    }
}
