<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** An O-ring by the groove it lies in: it is stretched a little, never loose. */
#[Calculator('o-ring', 'Find an O-ring', 'size', 'By the bottom of its groove.', ['groove_mm' => 19.2, 'section_mm' => 1.8])]
final readonly class ORingFinder
{
    public function __construct(private Limits $limits)
    {
    }

    /** The groove's bottom in mm against o_rings.csv (ISO 3601-1): stretched by o_ring.stretch_least to stretch_most of limits.csv. */
    public function work(ORingInput $input): PartFound
    {
        [$least, $most] = [$this->limits->get('o_ring.stretch_least'), $this->limits->get('o_ring.stretch_most')];
        [$candidates, $rows, $fits] = (new PartRanking($this->limits))->of(
            Table::rows('o_rings'),
            static fn (array $row): float => PartRanking::miss(
                $input->groove,
                (float) $row['inside_mm'] * (1 + $least),
                (float) $row['inside_mm'] * (1 + $most),
            ) + PartRanking::miss($input->section, (float) $row['section_mm'] - 0.1, (float) $row['section_mm'] + 0.1),
            static fn (array $row): array => [
                Message::of('o_ring.name', 'O-ring {name}', ['name' => Written::of($row['name'])]),
                Written::of(PartRanking::mm($row['inside_mm']).' × '.PartRanking::mm($row['section_mm']).' mm'),
            ],
        );
        $sure = $fits && $candidates[0]->probability->share >= $this->limits->get('level.sure');
        $stretch = $input->groove->value->mm / (float) $rows[0]['inside_mm'] - 1;
        $words = [
            'ring' => Message::plain($candidates[0]->name),
            'sizes' => Message::plain($candidates[0]->sizes),
            'list' => Message::listed(array_column($candidates, 'sizes'), '; '),
        ];
        $verdict = match (true) {
            ! $fits => Verdict::care(
                Message::of('o_ring.none', 'No listed O-ring fits'),
                Message::of(
                    'o_ring.none.say',
                    'Nearest: {list}. Metric rings are made to any size: ask with inside and thickness.',
                    $words,
                ),
            ),
            $sure => Verdict::go(
                Message::of('o_ring.is', '{ring}', $words),
                Message::of('o_ring.is.say', '{sizes}, stretched a little by its groove.', $words),
            ),
            default => Verdict::care(
                Message::of('o_ring.may', 'Likely {ring}', $words),
                Message::of('o_ring.may.say', 'These fit: {list}.', $words),
            )->settledBy(Message::of('o_ring.settle', 'The thickness of the old ring settles it.')),
        };

        return PartFound::of(
            $sure ? Written::name($candidates[0]->name) : null,
            $candidates,
            $verdict
                ->showing(
                    Figure::of('inside', 'Inside', Length::mm((float) $rows[0]['inside_mm'])),
                    Figure::of('section', 'Thickness', Length::mm((float) $rows[0]['section_mm'])),
                )
                ->workedOut(
                    Working::start()->line(
                        'Stretch',
                        'groove / inside − 1',
                        Message::filled(
                            '{least} to {most} % wanted',
                            least: sprintf('%.0f', 100 * $least),
                            most: sprintf('%.0f', 100 * $most),
                        ),
                        sprintf('%.1f %%', 100 * $stretch),
                    ),
                ),
        );
    }
}
