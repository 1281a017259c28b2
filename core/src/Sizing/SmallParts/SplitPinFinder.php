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

/** A split pin by its hole (ISO 1234: the nominal size is that of the hole), checked against the thread it locks. */
#[
    Calculator('split-pin', 'Find a split pin', 'size', 'By its hole, checked against the thread.', [
        'hole_mm' => 3.25,
        'thread_mm' => 12,
    ]),
]
final readonly class SplitPinFinder
{
    public function __construct(private Limits $limits)
    {
    }

    /** The hole in mm against split_pins.csv (ISO 1234). */
    public function work(SplitPinInput $input): PartFound
    {
        $over = $this->limits->get('pin.hole_over');
        [$candidates, $rows, $fits] = (new PartRanking($this->limits))->of(
            Table::rows('split_pins'),
            static fn (array $row): float => PartRanking::miss(
                $input->hole,
                (float) $row['size_mm'] - 0.02,
                (float) $row['size_mm'] + $over,
            ),
            static fn (array $row): array => [
                Message::of('pin.name', 'split pin {size}', ['size' => Written::of(PartRanking::mm($row['size_mm']))]),
                Message::of('pin.sizes', '{least} to {most} thick', [
                    'least' => Length::mm((float) $row['pin_least_mm']),
                    'most' => Length::mm((float) $row['pin_most_mm']),
                ]),
            ],
        );
        $row = $rows[0];
        $words = [
            'size' => Written::of(PartRanking::mm($row['size_mm'])),
            'thread' => $input->thread ?? Length::mm(0),
            'hole' => $input->hole->value,
        ];
        $odd =
            $input->thread !== null &&
            ($input->thread->mm <= (float) $row['bolt_over_mm'] || $input->thread->mm > (float) $row['bolt_upto_mm']);
        $verdict = match (true) {
            ! $fits => Verdict::care(
                Message::of('pin.none', 'No pin has such a hole'),
                Message::of(
                    'pin.none.say',
                    'A hole of {hole} lies between the sizes: it may be worn. The nearest pin is {size}.',
                    $words,
                ),
            ),
            $odd => Verdict::care(
                Message::of('pin.odd', 'Split pin {size}, but look at the thread', $words),
                Message::of('pin.odd.say', 'A pin of {size} is not usual for a thread of {thread}. Measure the hole again.', $words),
            ),
            default => Verdict::go(
                Message::of('pin.is', 'Split pin {size}', $words),
                Message::of('pin.is.say', 'Its number is the hole, not the pin. New each time, trimmed and spread.'),
            ),
        };

        return PartFound::of(
            $fits && ! $odd ? Written::name($candidates[0]->name) : null,
            $candidates,
            $verdict
                ->showing(Figure::of('pin_most', 'Pin, at most', Length::mm((float) $row['pin_most_mm'])))
                ->workedOut(
                    Working::start()->line(
                        'Pin',
                        'ISO 1234: nominal size is the hole',
                        Message::filled('hole {hole}', hole: sprintf('%.2f', $input->hole->value->mm)),
                        $candidates[0]->name,
                    ),
                ),
        );
    }
}
