<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** Loose balls: the nearest standard size, and whether they are all the same. */
#[
    Calculator('balls', 'Size loose balls', 'size', 'Nearest standard ball, and whether they are mixed or worn.', [
        'balls' => [['diameter_mm' => 6.35], ['diameter_mm' => 6.34], ['diameter_mm' => 6.36]],
    ]),
]
final readonly class BallFinder
{
    public function __construct(private Limits $limits)
    {
    }

    /** Diameters in mm against balls.csv (ISO 3290-1 sizes, metric and inch). */
    public function work(BallInput $input): PartFound
    {
        $read = array_map(static fn (BallReading $b): float => $b->diameter->mm, $input->balls);
        [$most, $least] = [max(0.0, ...$read), min(INF, ...$read)];
        $half = $input->instrument->halfWidth();
        $largest = Reading::of(Length::mm($most), $half);
        $spread = $most - $least;
        $uneven = $spread > 2 * $half->mm;
        [$candidates, $rows, $fits] = (new PartRanking($this->limits))->of(
            Table::rows('balls'),
            fn (array $row): float => PartRanking::miss(
                $largest,
                (float) $row['diameter_mm'] - $this->limits->get('balls.worn'),
                (float) $row['diameter_mm'] + 0.005,
            ),
            static fn (array $row): array => [Message::plain($row['name']), Written::of(PartRanking::mm($row['diameter_mm']).' mm')],
        );
        $sure = $fits && ! $uneven && $candidates[0]->probability->share >= $this->limits->get('level.sure');
        $words = [
            'ball' => Message::plain($candidates[0]->name),
            'other' => Message::plain($candidates[1]->name ?? ''),
            'spread' => Length::mm($spread),
            'least' => Length::mm($least),
            'most' => Length::mm($most),
        ];
        $verdict = match (true) {
            $uneven => Verdict::stop(
                Message::of('balls.mixed', 'Not all the same'),
                Message::of('balls.mixed.say', 'From {least} to {most}: worn or mixed. The largest few carry all the load.', $words),
            )->next(Message::of('balls.mixed.next', 'All new, one batch, the same on both sides: likely {ball}.', $words)),
            ! $fits => Verdict::care(
                Message::of('balls.none', 'No standard ball is near'),
                Message::of('balls.none.say', 'Nearest {ball}. Wipe a ball, measure it in three directions.', $words),
            ),
            $sure => Verdict::go(
                Message::of('balls.are', '{ball}', $words),
                Message::of('balls.are.say', 'All within what the instrument tells apart.'),
            ),
            default => Verdict::care(
                Message::of('balls.may', '{ball} or {other}', $words),
                Message::of('balls.may.say', 'They differ by less than this instrument tells.'),
            )->settledBy(Message::of('balls.settle', 'A micrometer settles it.')),
        };

        return PartFound::of(
            $sure ? Written::name($candidates[0]->name) : null,
            $candidates,
            $verdict
                ->showing(
                    Figure::of('largest', 'Largest', $largest->value, 2 * $largest->sigma(), 3),
                    Figure::of('spread', 'Largest less smallest', Length::mm($spread), null, 3),
                )
                ->workedOut(
                    Working::start()
                        ->line(
                            'Nearest',
                            'the largest ball against the standard sizes',
                            Message::counted('working.balls', count($read), '{largest}, one ball', '{largest} of {count} balls', [
                                'largest' => Written::of(sprintf('%.3f', $largest->value->mm)),
                            ]),
                            $candidates[0]->name,
                        )
                        ->line(
                            'Spread',
                            'largest − smallest',
                            Message::filled('the instrument explains {much}', much: sprintf('%.3f', 2 * $half->mm)),
                            Length::mm($spread),
                            3,
                        ),
                ),
        );
    }
}
