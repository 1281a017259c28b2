<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Float;

use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** How far a wheel floats between its retainers, and the washers for it. */
#[
    Calculator('axle-float', 'End float and washers', 'set', 'Free space between the retainers, and which washers to add.', [
        'space_mm' => 84.6,
        'wheel_mm' => 78.4,
        'fitted_mm' => 4.0,
        'washers' => [['thickness_mm' => 0.5, 'count' => 4], ['thickness_mm' => 1.0, 'count' => 2]],
    ]),
]
final readonly class AxleFloat
{
    public function __construct(private Limits $limits)
    {
    }

    /** Lengths in mm: the room minus what stands in it, and the washers that bring it into its band. */
    public function work(FloatInput $input): FloatResult
    {
        $float = $input->space
            ->estimate()
            ->minus($input->wheel->estimate())
            ->minus($input->fitted?->estimate() ?? new Estimate(0.0));
        [$least, $most] = [$this->limits->get('float.least'), $this->limits->get('float.most')];
        $add =
            $float->mean > $most
                ? Washers::nearest($input->washers, $float->mean - ($least + $most) / 2, $float->mean - $most, $float->mean - $least)
                : [];
        $then = $float->mean - array_sum($add);
        $names = array_map(static fn (float $mm): string => rtrim(rtrim(sprintf('%.2f', $mm), '0'), '.').' mm', $add);
        $words = [
            'float' => Length::mm(abs($float->mean)),
            'least' => Length::mm($least),
            'most' => Length::mm($most),
            'add' => Written::list($names, ' + '),
            'then' => Length::mm($then),
            'out' => Length::mm(max(0.0, $least - $float->mean)),
        ];
        $inside = $float->probabilityAtMost($most) - $float->probabilityAtMost($least);

        $verdict = match (true) {
            $float->mean < -2 * $float->sigma => Verdict::stop(
                Message::of('float.none', 'It does not go in'),
                Message::of('float.none.say', 'The stack is {float} longer than the room: the wheel would be squeezed.', $words),
            )->next(Message::of('float.less', 'Take out {out} of washers, never off a bearing.', $words)),
            ! $input->bothSides => Verdict::care(
                Message::of('float.both', 'A thrust washer on both sides'),
                Message::of('float.both.say', 'Without one the bearing runs on the pin or the ring and wears it through.'),
            ),
            $inside >= $this->limits->get('level.sure') => Verdict::go(
                Message::of('float.right', 'Floats {float}', $words),
                Message::of('float.right.say', 'Wanted {least} to {most}.', $words),
            ),
            $float->mean < $least => Verdict::care(
                Message::of('float.tight', 'Only {float} of float', $words),
                Message::of('float.tight.say', 'Wanted {least} to {most}: warm, or with grit, it will drag.', $words),
            )->next(Message::of('float.less', 'Take out {out} of washers, never off a bearing.', $words)),
            $add !== [] => Verdict::care(
                Message::of('float.add', 'Add {add}', $words),
                Message::of('float.add.say', 'Floats {float} now, {then} then; wanted {least} to {most}.', $words),
            )->next(Message::of('float.add.next', 'Shared between both sides, so that the wheel stays where it ran.')),
            $float->mean > $most => Verdict::care(
                Message::of('float.loose', 'Floats {float}', $words),
                Message::of(
                    'float.loose.say',
                    'More than {most}: it knocks, and wears washers. None of the washers here fills it.',
                    $words,
                ),
            ),
            default => Verdict::care(
                Message::of('float.near', 'Floats {float}, near the edge', $words),
                Message::of('float.near.say', 'Wanted {least} to {most}; the readings do not tell surely.', $words),
            )->settledBy(Message::of('float.near.settle', 'A feeler between washer and retainer, the wheel pushed home.')),
        };

        return new FloatResult(
            Length::mm($float->mean),
            $names,
            $add === [] ? null : Length::mm($then),
            $verdict
                ->showing(
                    Figure::of('float', 'Float now', Length::mm($float->mean), $float->spread()),
                    ...$add === [] ? [] : [Figure::of('float_then', 'Float with them', Length::mm($then), $float->spread())],
                )
                ->workedOut(
                    Working::start()->line(
                        'Float',
                        'room − wheel − washers',
                        sprintf(
                            '%.2f − %.2f − %.2f',
                            $input->space->value->mm,
                            $input->wheel->value->mm,
                            $input->fitted->value->mm ?? 0.0,
                        ),
                        Length::mm($float->mean),
                    ),
                ),
        );
    }
}
