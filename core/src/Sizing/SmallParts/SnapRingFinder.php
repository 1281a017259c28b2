<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** A snap ring by its bore (DIN 472) or its shaft (DIN 471), metric and inch side by side, with the groove it needs. */
#[
    Calculator('snap-ring', 'Find a snap ring', 'size', 'By bore or shaft, with the groove it needs.', [
        'diameter_mm' => 47.01,
        'seat' => 'bore',
    ]),
]
final readonly class SnapRingFinder
{
    public function __construct(private Limits $limits)
    {
    }

    /** Bore or shaft in mm against snap_rings.csv (DIN 471, DIN 472). */
    public function work(SnapRingInput $input): PartFound
    {
        $inBore = $input->seat === RingSeat::Bore;
        $kind = $inBore ? 'internal' : 'external';
        $off = $this->limits->get('snap_ring.off');
        [$candidates, $rows, $fits] = (new PartRanking($this->limits))->of(
            array_values(array_filter(Table::rows('snap_rings'), static fn (array $row): bool => $row['kind'] === $kind)),
            static fn (array $row): float => PartRanking::miss(
                $input->diameter,
                (float) $row['size_mm'] - $off,
                (float) $row['size_mm'] + $off,
            ) +
                PartRanking::miss($input->groove, (float) $row['groove_mm'] - 2 * $off, (float) $row['groove_mm'] + 2 * $off) +
                PartRanking::miss($input->thickness, (float) $row['thickness_mm'] - $off, (float) $row['thickness_mm'] + 0.02),
            static fn (array $row): array => [
                Message::plain($inBore ? 'internal snap ring' : 'external snap ring'),
                Message::of('snap_ring.sizes', '{size} mm, {thick} thick', [
                    'size' => Written::of(PartRanking::mm($row['size_mm'])),
                    'thick' => Written::of(PartRanking::mm($row['thickness_mm'])),
                ]),
            ],
        );
        $sure = $fits && $candidates[0]->probability->share >= $this->limits->get('level.sure');
        $row = $rows[0];
        $words = [
            'size' => Length::mm((float) $row['size_mm']),
            'list' => Message::listed(array_slice(array_column($candidates, 'sizes'), $fits ? 1 : 0, 3), '; '),
        ];
        $verdict = match (true) {
            ! $fits => Verdict::care(
                Message::of('snap_ring.none', 'No listed ring fits'),
                Message::of('snap_ring.none.say', 'Nearest: {list}. Measure the bore beside the groove, not in it.', $words),
            ),
            $sure => Verdict::go(
                Message::of('snap_ring.is', $inBore ? '{size}, internal' : '{size}, external', $words),
                Message::of('snap_ring.is.say', 'Asked for by the {size} it sits at, not by its own width.', $words),
            ),
            default => Verdict::care(
                Message::of('snap_ring.may', $inBore ? 'Likely {size}, internal' : 'Likely {size}, external', $words),
                Message::of('snap_ring.may.say', 'Also near: {list}.', $words),
            )->settledBy(Message::of('snap_ring.settle', 'The groove, or the thickness of the old ring, settles it.')),
        };

        return PartFound::of(
            $sure ? Written::name($candidates[0]->sizes) : null,
            $candidates,
            $verdict
                ->showing(
                    Figure::of('groove', 'Groove, diameter', Length::mm((float) $row['groove_mm'])),
                    Figure::of('groove_width', 'Groove, width', Length::mm((float) $row['groove_width_mm'])),
                    Figure::of('thickness', 'Ring, thickness', Length::mm((float) $row['thickness_mm'])),
                )
                ->next(Message::of('snap_ring.next', 'Sharp edge away from the bearing. It flies: eyes covered.'))
                ->workedOut(
                    Working::start()->line(
                        'Ring',
                        $row['source'],
                        Message::filled('read {read}', read: sprintf('%.2f', $input->diameter->value->mm)),
                        $candidates[0]->sizes,
                    ),
                ),
        );
    }
}
