<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Shown;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** Play at the rim as end play, as turn of the cone; and what a quick-release will take up. */
#[
    Calculator('cone-play', 'Rim play to cone turn', 'set', 'End play, turn of the cone, and what the lever takes up.', [
        'rim_play_mm' => 1.2,
        'radius_mm' => 290,
        'spacing_mm' => 52,
        'circle_mm' => 21,
        'thread' => 'M10 × 1',
        'axle' => 'quick_release',
        'axle_bore_mm' => 5,
    ]),
]
final readonly class ConePlay
{
    private const MINUTE = 6.0;

    private const FLAT = 60.0;

    public function __construct(private Limits $limits)
    {
    }

    /** Rim play in mm to end play in mm by the lever, to turn of the cone in degrees by the pitch. */
    public function work(ConePlayInput $input): ConePlayResult
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
        $play = $input->rimPlay->value->mm / $hub->lever();
        $off = ConeBelief::rimHalfWidth($this->limits, $input->rimPlay) / $hub->lever();
        $shortening = $hub->shortening();
        $turn = $hub->turn($play);
        $aim = $hub->aim($this->limits, false);
        $over = $hub->turn($play - $aim)->degrees;
        $leave = $shortening->mm * $hub->lever();
        $words = [
            'turn' => Shown::of(Angle::degrees(abs($over)), 0),
            'flats' => self::flats($over),
            'minutes' => (int) round(abs($over) / self::MINUTE),
            'leave' => Shown::of(Length::mm($leave), 1),
            'off' => Shown::of($hub->turn($off), 0),
        ];
        $done = $this->limits->get('cone.done_deg');

        $verdict = match (true) {
            abs($over) <= max($done, 0.0) => Verdict::go(
                $shortening->mm > 0
                    ? Message::of('cone_play.lever', 'The lever takes it up')
                    : Message::of('cone_play.right', 'As near as hands set it'),
                Message::of(
                    'cone_play.right.say',
                    'Within {done} of right; the play is known to {off} of cone only.',
                    ['done' => Shown::of(Angle::degrees($done), 0)] + $words,
                ),
            ),
            $over > 0 => Verdict::care(
                Message::of('cone_play.tighter', '{turn} tighter', $words),
                Message::of(
                    'cone_play.tighter.say',
                    'About {minutes} minutes of a clock, {flats} of the lock nut, give or take {off}.',
                    $words,
                ),
            ),
            default => Verdict::care(
                Message::of('cone_play.looser', '{turn} looser', $words),
                Message::of('cone_play.looser.say', 'Closing the lever would bind it: leave {leave} at the rim.', $words),
            ),
        };

        return new ConePlayResult(
            Length::mm($play),
            $turn,
            $turn->degrees / self::FLAT,
            $turn->degrees / self::MINUTE,
            $shortening,
            $hub->turn($shortening->mm),
            Length::mm($leave),
            $verdict
                ->showing(
                    Figure::of('end_play', 'End play', Length::mm($play), $off, 3),
                    Figure::of('cone_turn', 'As turn of the cone', $turn, $hub->turn($off)->degrees, 0),
                    ...$shortening->mm > 0
                        ? [
                            Figure::of('shortening', 'Taken up by the lever', $shortening, null, 3),
                            Figure::of('leave', 'Leave at the rim', Length::mm($leave)),
                        ]
                        : [],
                )
                ->workedOut(
                    Working::start()
                        ->line(
                            'Lever of the rim',
                            '1 + 2R·tanα / (B + Dp·tanα)',
                            sprintf('1 + 2 × %.0f / (%.1f + %.1f)', $hub->radius, $hub->spacing, $hub->circle),
                            sprintf('%.2f', $hub->lever()),
                        )
                        ->line(
                            'End play',
                            'rim play / lever',
                            sprintf('%.2f / %.2f', $input->rimPlay->value->mm, $hub->lever()),
                            Length::mm($play),
                            3,
                        )
                        ->line(
                            'Turn',
                            'end play / pitch × 360°',
                            sprintf('%.3f / %.3f × 360', $play, $hub->thread->pitch->mm),
                            $turn,
                            0,
                        )
                        ->line(
                            'Taken up by the lever',
                            'F·Lc / (E·A)',
                            Message::filled(
                                '{force} N over {length} mm',
                                force: sprintf('%.0f', $hub->squeeze->newtons),
                                length: sprintf('%.0f', $hub->between),
                            ),
                            $shortening,
                            3,
                        ),
                ),
        );
    }

    /** How far that is in flats of the lock nut: half a flat, 1.2 flats. */
    public static function flats(float $degrees): Message
    {
        $flats = abs($degrees) / self::FLAT;

        return $flats >= 1.15
            ? Message::of('cone.flats', '{flats} flats', ['flats' => Written::of(sprintf('%.1f', $flats))])
            : Message::plain(
                match (true) {
                    $flats < 0.18 => 'a tenth of a flat',
                    $flats < 0.29 => 'a quarter of a flat',
                    $flats < 0.42 => 'a third of a flat',
                    $flats < 0.6 => 'half a flat',
                    $flats < 0.85 => 'three quarters of a flat',
                    default => 'one flat',
                },
            );
    }
}
