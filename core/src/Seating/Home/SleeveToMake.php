<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Drivers\RingFace;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\VerdictKind;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** A sleeve made with pipe cutter and file. */
#[
    Calculator('sleeve-to-make', 'Make a spacer tube', 'seat', 'Length, cut, bore and outside, and the tube to buy.', [
        'axle_mm' => 12,
        'bore_mm' => 12,
        'outside_mm' => 32,
        'over_faces_mm' => 70,
        'ledge_one_mm' => 10,
        'ledge_two_mm' => 10,
    ]),
]
final readonly class SleeveToMake
{
    /** Walls thinner than this are folded by the axle nut, in mm. */
    private const LEAST_WALL = 1.0;

    public function __construct(private Limits $limits)
    {
    }

    /** Lengths in mm: as long as the span and a little more, bored over the axle. */
    public function work(SleeveToMakeInput $input): SleeveToMakeResult
    {
        $span = $this->span($input);
        $length = $span->mean + $this->limits->get('sleeve.make_longer');
        $cut = $length + $this->limits->get('sleeve.cut_longer');
        $boreLeast = $input->axle->mm + $this->limits->get('sleeve.bore_least');
        $boreMost = $input->axle->mm + $this->limits->get('sleeve.bore_most');
        $outsideMost = RingFace::of($this->limits, $input->bore, $input->outside, $input->thin)->innerOutside;
        $tube = $this->tube($boreLeast, $boreMost, $outsideMost);
        $words = [
            'cut' => Length::mm($cut),
            'length' => Length::mm($length),
            'least' => Length::mm($boreLeast),
            'most' => Length::mm($boreMost),
            'outside' => Length::mm($outsideMost),
            'tube' => Message::plain($tube ?? ''),
        ];

        $verdict = match (true) {
            $outsideMost - $boreMost < 2 * self::LEAST_WALL => Verdict::stop(
                Message::of('make.thin', 'No room for a wall'),
                Message::of(
                    'make.thin.say',
                    'Between {shaft} and the inner ring\'s edge no spacer tube stands that the nut would not fold.',
                ),
            ),
            $span->spread() > $this->limits->get('sleeve.want_high') => Verdict::care(
                Message::of('make.measure', 'Measure the span better first'),
                Message::of('make.measure.say', 'It is known to ± {off} only: a spacer tube is made to a tenth.', [
                    'off' => Length::mm($span->spread()),
                ]),
            )->settledBy(
                Message::of('make.measure.settle', 'The old spacer tube, measured; or both shoulder depths with a depth micrometer.'),
            ),
            default => Verdict::go(
                Message::of('make.cut', 'Cut {cut}, file square to {length}', $words),
                Message::of(
                    'make.cut.say',
                    $tube === null
                        ? 'Bore {least} to {most}, outside below {outside}. Ends square and deburred inside and out.'
                        : 'Bore {least} to {most}, outside below {outside}. Ends square and deburred inside and out. From stock: {tube}.',
                    $words,
                ),
            )
                ->next(Message::of('make.cut.next', 'Try it with the {shaft} through; take off what is left a stroke at a time.'))
                ->about(VerdictKind::PieceToMake),
        };

        return new SleeveToMakeResult(
            Length::mm($span->mean),
            Length::mm($length),
            Length::mm($cut),
            Length::mm($boreLeast),
            Length::mm($boreMost),
            Length::mm($outsideMost),
            $tube,
            $verdict
                ->showing(
                    Figure::of('span', 'Span', Length::mm($span->mean), $span->spread()),
                    Figure::of('length', 'Finished', Length::mm($length)),
                    Figure::of('cut', 'Cut to', Length::mm($cut)),
                    Figure::of('bore_least', 'Bore at least', Length::mm($boreLeast)),
                    Figure::of('bore_most', 'Bore at most', Length::mm($boreMost)),
                    Figure::of('outside_most', 'Outside below', Length::mm($outsideMost)),
                )
                ->workedOut(
                    Working::start()
                        ->line(
                            'Span',
                            $input->span === null ? 'over faces − shoulder − shoulder' : 'as measured',
                            sprintf('± %.2f', $span->spread()),
                            Length::mm($span->mean),
                        )
                        ->line(
                            'Finished',
                            Message::of('working.longer', 'span + {more}', [
                                'more' => Written::of((string) $this->limits->get('sleeve.make_longer')),
                            ]),
                            '',
                            Length::mm($length),
                        )
                        ->line(
                            'Cut to',
                            Message::of('working.cut', 'finished + {more}', [
                                'more' => Written::of((string) $this->limits->get('sleeve.cut_longer')),
                            ]),
                            '',
                            Length::mm($cut),
                        ),
                ),
        );
    }

    private function span(SleeveToMakeInput $input): Estimate
    {
        if ($input->span !== null) {
            return $input->span->estimate();
        }
        if ($input->overFaces === null || $input->ledgeOne === null || $input->ledgeTwo === null) {
            return new Estimate(0.0);
        }

        return $input->overFaces->estimate()->minus($input->ledgeOne->estimate())->minus($input->ledgeTwo->estimate());
    }

    /** A tube that serves as it comes; the thickest wall wins. */
    private function tube(float $boreLeast, float $boreMost, float $outsideMost): ?string
    {
        $best = null;
        $wall = 2 * self::LEAST_WALL;
        foreach (Table::rows('pipes') as $row) {
            [$outside, $inside] = [(float) $row['outside_mm'], (float) $row['inside_mm']];
            if ($inside >= $boreLeast && $inside <= $boreMost && $outside <= $outsideMost && $outside - $inside > $wall) {
                [$best, $wall] = [$row['name'], $outside - $inside];
            }
        }

        return $best;
    }
}
