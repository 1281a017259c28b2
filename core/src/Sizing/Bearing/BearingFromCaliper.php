<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;
use LogicException;

/** Which sizes the caliper readings may mean, how likely each is, and the one measurement that splits the first two. */
#[
    Calculator('bearing-from-caliper', 'Find a bearing by caliper', 'size', 'Bore, outside and width, some missing.', [
        'bore_mm' => 20.02,
        'outside_mm' => 46.97,
        'width_mm' => 13.95,
        'state' => 'worn',
    ]),
]
final readonly class BearingFromCaliper
{
    private const KEPT = 8;

    /** Sizes less likely than this many others are not looked at further. */
    private const WEIGHED = 24;

    public function __construct(private Limits $limits, private BearingTable $table = new BearingTable())
    {
    }

    /** Readings in mm; χ² of each size of the catalogue, weighed by how common it is. */
    public function work(BearingFromCaliperInput $input): BearingFromCaliperResult
    {
        $sizes = Table::index('sizes', BearingTable::bySize(...));
        $misses = array_map(fn (array $size): float => $this->chiSquare($size, $input), $sizes);
        $near = array_filter($misses, fn (float $chiSquare): bool => $chiSquare <= $this->limits->get('caliper.drop_chi2'));
        if ($near === []) {
            asort($misses);

            return $this->nothing(array_slice($misses, 0, 3, true));
        }
        $candidates = $this->weighed($near);
        $best = $candidates[0];
        $rival = $candidates[1] ?? null;
        $sure = $best->probability->share >= $this->limits->get('level.sure');
        $neighbour = $this->neighbour($best, $candidates);
        $level = $sure && $neighbour === null ? Level::Go : Level::Care;
        $verdict = Verdict::of(
            $level,
            $level === Level::Go
                ? Message::of('caliper.is', '{number}', ['number' => Written::of($best->number)])
                : Message::of('caliper.may', '{number}, {p} likely', [
                    'number' => Written::of($best->number),
                    'p' => $best->probability,
                ]),
            match (true) {
                $neighbour !== null => Message::of('caliper.neighbour', 'An inch and a metric size lie close: {a} and {b}.', [
                    'a' => Written::of($best->number),
                    'b' => Written::of($neighbour->number),
                ]),
                $level === Level::Go => Message::of('caliper.one', 'Only this size fits the readings.'),
                default => Message::of('caliper.several', '{count} sizes fit the readings so far.', ['count' => count($near)]),
            },
        )
            ->showing(
                Figure::of('bore', 'Bore', $best->bore),
                Figure::of('outside', 'Outside diameter', $best->outside),
                Figure::of('width', 'Width, sealed', $best->width),
                Figure::of('probability', 'How sure', $best->probability),
            )
            ->because(
                ...$best->others === []
                    ? []
                    : [
                        Message::of(
                            'caliper.also',
                            'Of just this size there are also {list}: look for a flange, a snap ring, a slanted ball track.',
                            ['list' => Written::list(array_slice($best->others, 0, 5))],
                        ),
                    ],
            )
            ->settledBy($level === Level::Go || $rival === null ? null : $this->splitter($best, $neighbour ?? $rival, $input))
            ->workedOut($this->working($candidates));

        return new BearingFromCaliperResult(
            $level === Level::Go ? $best->number : null,
            array_slice($candidates, 0, self::KEPT),
            $verdict,
        );
    }

    /**
     * Σ (distance outside the allowed band / σ)².
     *
     * @param  array{bore: float, outside: float, open: float, closed: float, commonness: int, numbers: non-empty-list<string>}  $size
     */
    private function chiSquare(array $size, BearingFromCaliperInput $input): float
    {
        [$small, $large] = match ($input->state) {
            RingState::Clean => [0.0, 0.0],
            RingState::Worn => [$this->limits->get('caliper.worn'), 0.0],
            RingState::Rusty => [$this->limits->get('caliper.rusty'), $this->limits->get('caliper.rusty')],
        };
        if ($input->on === MeasuredOn::Seats) {
            return $this->chiSquareOfSeats($size, $input, $large);
        }
        ['bore' => $bore, 'outside' => $outside, 'open' => $open, 'closed' => $closed] = $size;
        $under = $this->limits->get($bore > 50 ? 'caliper.width_under_large' : 'caliper.width_under');
        $ring = $this->limits->get('caliper.ring_under');
        $width = self::miss($input->width, $closed - $under - $large, $closed + $large);

        return self::miss($input->bore, $bore - $ring - $large, $bore + $small) +
            self::miss($input->outside, $outside - $ring - $small, $outside + $large) +
            ($open === $closed ? $width : min($width, self::miss($input->width, $open - $under - $large, $open + $large)));
    }

    /**
     * The bearing is gone: shaft and housing as makers fit them, from a sliding g6 to a pressed k6 and from H7 to P7,
     * each worn a little, and a seat that is as deep as the bearing is wide or deeper.
     *
     * @param  array{bore: float, outside: float, open: float, closed: float, commonness: int, numbers: non-empty-list<string>}  $size
     */
    private function chiSquareOfSeats(array $size, BearingFromCaliperInput $input, float $worn): float
    {
        $loose = $this->limits->get('caliper.seat_loose') + $worn;
        $tight = $this->limits->get('caliper.seat_tight');

        return self::miss($input->bore, $size['bore'] - $loose, $size['bore'] + $tight) +
            self::miss($input->outside, $size['outside'] - $tight, $size['outside'] + $loose) +
            self::miss(
                $input->width,
                $size['open'] - $this->limits->get('caliper.width_under'),
                $size['closed'] + $this->limits->get('caliper.seat_deeper'),
            );
    }

    private static function miss(?Reading $reading, float $low, float $high): float
    {
        if ($reading === null) {
            return 0.0;
        }
        $outside = max($low - $reading->value->mm, $reading->value->mm - $high, 0.0);

        return ($outside / max($reading->sigma(), 1e-4)) ** 2;
    }

    /**
     * @param  non-empty-array<int, float>  $near χ² of the sizes that are left
     * @return non-empty-list<CaliperCandidate>
     */
    private function weighed(array $near): array
    {
        $sizes = Table::index('sizes', BearingTable::bySize(...));
        $weights = [];
        foreach ($near as $i => $chiSquare) {
            $weights[$i] = exp(-$chiSquare / 2) * $sizes[$i]['commonness'];
        }
        arsort($weights);
        $sum = array_sum($weights);
        $kept = array_slice($weights, 0, self::WEIGHED, true);

        return array_map(
            fn (int $i, float $weight): CaliperCandidate => $this->candidate($i, $near[$i], $weight / $sum),
            array_keys($kept),
            $kept,
        ) ?:
            throw new LogicException('Nothing to weigh.');
    }

    private function candidate(int $at, float $chiSquare, float $probability): CaliperCandidate
    {
        $numbers = Table::index('sizes', BearingTable::bySize(...))[$at]['numbers'];
        $bearing = $this->table->find($numbers[0]) ?? throw new LogicException('The table lost '.$numbers[0]);

        return CaliperCandidate::of($bearing, array_slice($numbers, 1), $chiSquare, $probability);
    }

    /** @param  list<CaliperCandidate>  $candidates */
    private function neighbour(CaliperCandidate $best, array $candidates): ?CaliperCandidate
    {
        $reach = $this->limits->get('caliper.neighbour_sigma') ** 2;
        foreach ($candidates as $other) {
            if ($other->system !== $best->system && $other->chiSquare <= $reach) {
                return $other;
            }
        }

        return null;
    }

    private function splitter(CaliperCandidate $a, CaliperCandidate $b, BearingFromCaliperInput $input): Message
    {
        $apart = [
            'bore' => abs($a->bore->mm - $b->bore->mm) * ($input->bore === null ? 1 : 0.5),
            'outside' => abs($a->outside->mm - $b->outside->mm) * ($input->outside === null ? 1 : 0.5),
            'width' => abs($a->width->mm - $b->width->mm) * ($input->width === null ? 1 : 0.5),
        ];
        arsort($apart);
        $which = (string) array_key_first($apart);
        $coarse = $apart[$which] > $this->limits->get('caliper.tells');

        return Message::of(
            'caliper.split',
            match ($which) {
                'bore' => $coarse
                    ? 'Measure the bore with a caliper: it tells {a} from {b}.'
                    : 'Measure the bore with a micrometer: it tells {a} from {b}.',
                'outside' => $coarse
                    ? 'Measure the outside diameter with a caliper: it tells {a} from {b}.'
                    : 'Measure the outside diameter with a micrometer: it tells {a} from {b}.',
                default => $coarse
                    ? 'Measure the width with a caliper: it tells {a} from {b}.'
                    : 'Measure the width with a micrometer: it tells {a} from {b}.',
            },
            ['a' => Written::of($a->number), 'b' => Written::of($b->number)],
        );
    }

    /** @param  non-empty-list<CaliperCandidate>  $candidates */
    private function working(array $candidates): Working
    {
        $working = Working::start();
        foreach (array_slice($candidates, 0, 4) as $c) {
            $working = $working->line(
                $c->number,
                'exp(−χ²/2) × commonness, of all that fit',
                sprintf('χ² = %.2f', $c->chiSquare),
                $c->probability,
            );
        }

        return $working;
    }

    /** @param  array<int, float>  $nearest χ² of the sizes that come closest */
    private function nothing(array $nearest): BearingFromCaliperResult
    {
        $candidates =
            array_map(
                fn (int $at, float $chiSquare): CaliperCandidate => $this->candidate($at, $chiSquare, 0.0),
                array_keys($nearest),
                $nearest,
            ) ?:
            throw new LogicException('The table is empty.');
        $verdict = Verdict::care(
            Message::of('caliper.none', 'No size in the table fits'),
            Message::of(
                'caliper.none.say',
                'Nearest: {list}. Measure again; it may be an inch size, a double row, or a sleeve may sit on the {shaft}.',
                ['list' => Written::list(array_column($candidates, 'number'))],
            ),
        )
            ->next(Message::of('caliper.none.next', 'Measure three places round; take the largest outside and the smallest bore.'))
            ->workedOut($this->working($candidates));

        return new BearingFromCaliperResult(null, $candidates, $verdict);
    }
}
