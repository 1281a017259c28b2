<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** How much further the second bearing goes until its inner ring rests on the sleeve. */
#[
    Calculator(
        'second-bearing',
        'How much further the second one',
        'seat',
        'Depth at which it rests on the spacer tube, and turns of the draw nut.',
        [
            'over_faces_mm' => 104.0,
            'first_depth_mm' => 9.2,
            'first_width_mm' => 14,
            'sleeve_length_mm' => 57.6,
            'second_width_mm' => 14,
            'second_depth_mm' => 8.85,
            'draw_bolt' => 'M12',
        ],
    ),
]
final readonly class SecondBearing
{
    public function __construct(private Limits $limits)
    {
    }

    /** Lengths in mm; turns of the draw nut by its pitch. */
    public function work(SecondBearingInput $input): SecondBearingResult
    {
        if (! $input->sleeveSeen) {
            return new SecondBearingResult(null, null, null, null, null, self::sleeveMissing());
        }
        if (
            ! $input->measured() ||
            $input->overFaces === null ||
            $input->firstDepth === null ||
            $input->firstWidth === null ||
            $input->sleeveLength === null ||
            $input->secondWidth === null ||
            $input->secondDepth === null
        ) {
            return new SecondBearingResult(
                null,
                null,
                null,
                null,
                null,
                (new SecondBearingWords($this->limits))->byHands($input->feel, $input->twoShoulders),
            );
        }
        $first = $input->firstWidthMeasured->value ?? $input->firstWidth;
        $second = $input->secondWidthMeasured->value ?? $input->secondWidth;
        $rest =
            $input->overFaces->value->mm - $input->firstDepth->value->mm - $first->mm - $input->sleeveLength->value->mm - $second->mm;
        $deepest = $rest + $input->narrower($this->limits);
        $toGo = $rest - $input->secondDepth->value->mm;
        $halfWidth = sqrt(
            array_sum(
                array_map(
                    static fn (Reading $r): float => $r->halfWidth->mm ** 2,
                    array_filter([
                        $input->overFaces,
                        $input->firstDepth,
                        $input->sleeveLength,
                        $input->secondDepth,
                        $input->firstWidthMeasured,
                        $input->secondWidthMeasured,
                    ]),
                ),
            ),
        );
        $turn = $toGo > $halfWidth + SecondBearingWords::NOTHING ? ($toGo / $input->drawBolt->pitch()) * 360 : null;
        $half = $this->limits->get('second.nudge_share') * ($turn ?? 0.0);
        $advised = match (true) {
            $turn === null => null,
            $toGo > $this->limits->get('second.near') => $half,
            default => min($half, 360 * $this->limits->get('second.nudge_turn')),
        };

        $verdict = (new SecondBearingWords($this->limits))
            ->judged($input, $toGo, $deepest - $rest, $halfWidth, $turn, $advised)
            ->showing(
                Figure::of('to_go', 'Still to go', Length::mm($toGo), $halfWidth),
                Figure::of('rests_at', 'Rests at', Length::mm($rest)),
                ...$deepest > $rest ? [Figure::of('rests_deepest', 'or, narrower rings, down to', Length::mm($deepest))] : [],
                ...$turn === null
                    ? []
                    : [
                        Figure::of(
                            'nut_turn',
                            Message::of('figure.nut_turn', 'Turn of the {bolt} nut in all', [
                                'bolt' => Written::of($input->drawBolt->value),
                            ]),
                            Angle::degrees($turn),
                            null,
                            0,
                        ),
                        Figure::of('nut_now', 'Now, at most', Angle::degrees($advised), null, 0),
                    ],
            )
            ->workedOut(
                Working::start()
                    ->line(
                        'Rests at',
                        'over faces − first depth − first width − spacer tube − second width',
                        sprintf(
                            '%.2f − %.2f − %.2f − %.2f − %.2f',
                            $input->overFaces->value->mm,
                            $input->firstDepth->value->mm,
                            $first->mm,
                            $input->sleeveLength->value->mm,
                            $second->mm,
                        ),
                        Length::mm($rest),
                    )
                    ->line(
                        'Still to go',
                        'rests at − depth now',
                        Message::filled(
                            '{sum}, give or take {off}',
                            sum: sprintf('%.2f − %.2f', $rest, $input->secondDepth->value->mm),
                            off: sprintf('%.2f', $halfWidth),
                        ),
                        Length::mm($toGo),
                    ),
            );

        return new SecondBearingResult(
            Length::mm($rest),
            Length::mm($toGo),
            Length::mm($halfWidth),
            $turn === null ? null : Angle::degrees($turn),
            $advised === null ? null : Angle::degrees($advised),
            $verdict,
        );
    }

    /** The stop while nobody saw the spacer tube through the hub. */
    public static function sleeveMissing(): Verdict
    {
        return Verdict::stop(
            Message::of('second.no_sleeve', 'Is the spacer tube in?'),
            Message::of(
                'second.no_sleeve.say',
                'The second bearing must not go in before the spacer tube has been seen through the {body}.',
            ),
        )->next(
            Message::of('second.no_sleeve.next', 'Put the spacer tube in, look through the first bearing, and say that you saw it.'),
        );
    }
}
