<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Calculator\Calculator;
use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** C3: which sizes the caliper readings may mean, how likely each is, and the one measurement that splits the first two. */
#[Calculator('bearing-from-caliper', 'Find a bearing by caliper', 'size', 'Bore, outside and width, some missing.', ['bore_mm' => 20.02, 'outside_mm' => 46.97, 'width_mm' => 13.95, 'state' => 'worn'])]
final readonly class BearingFromCaliper
{
    private const KEPT = 8;

    public function __construct(private Limits $limits, private BearingTable $table = new BearingTable)
    {
    }

    public function work(BearingFromCaliperInput $input): BearingFromCaliperResult
    {
        $misses = [];
        foreach ($this->table->all() as $size) {
            $misses[] = [$size, $this->chiSquare($size, $input)];
        }
        usort($misses, static fn (array $a, array $b): int => [$a[1], -$a[0]->commonness, $a[0]->number] <=> [$b[1], -$b[0]->commonness, $b[0]->number]);
        $near = array_values(array_filter($misses, fn (array $miss): bool => $miss[1] <= $this->limits->get('caliper.drop_chi2')));
        if ($near === []) {
            return $this->nothing(array_slice($misses, 0, 3));
        }
        $candidates = $this->weighed($near);
        $best = $candidates[0];
        $rival = $candidates[1] ?? null;
        $sure = $best->probability->share >= $this->limits->get('level.sure');
        $neighbour = $this->neighbour($best, $candidates);
        $level = $sure && $neighbour === null ? Level::Go : Level::Care;
        $verdict = Verdict::of($level,
            $level === Level::Go
                ? Message::of('caliper.is', '{number}', ['number' => $best->number])
                : Message::of('caliper.may', '{number}, {p} likely', ['number' => $best->number, 'p' => $best->probability]),
            match (true) {
                $neighbour !== null => Message::of('caliper.neighbour', 'An inch and a metric size lie close: {a} and {b}.', ['a' => $best->number, 'b' => $neighbour->number]),
                $level === Level::Go => Message::of('caliper.one', 'Only this size fits the readings.'),
                default => Message::of('caliper.several', '{count} sizes fit the readings so far.', ['count' => count($near)]),
            })
            ->showing(
                Figure::of('bore', 'Bore', $best->bore), Figure::of('outside', 'Outside diameter', $best->outside),
                Figure::of('width', 'Width, sealed', $best->width), Figure::of('probability', 'How sure', $best->probability),
            )
            ->settledBy($level === Level::Go || $rival === null ? null : $this->splitter($best, $neighbour ?? $rival, $input))
            ->workedOut($this->working($candidates));

        return new BearingFromCaliperResult($level === Level::Go ? $best->number : null, array_slice($candidates, 0, self::KEPT), $verdict);
    }

    /** Σ (distance outside the allowed band / σ)². */
    private function chiSquare(Bearing $size, BearingFromCaliperInput $input): float
    {
        [$small, $large] = match ($input->state) {
            RingState::Clean => [0.0, 0.0],
            RingState::Worn => [$this->limits->get('caliper.worn'), 0.0],
            RingState::Rusty => [$this->limits->get('caliper.rusty'), $this->limits->get('caliper.rusty')],
        };
        $under = $this->limits->get($size->bore->mm > 50 ? 'caliper.width_under_large' : 'caliper.width_under');
        $widths = array_unique([$size->openWidth->mm, $size->sealedWidth->mm]);
        $ring = 0.015;

        return self::miss($input->bore, $size->bore->mm - $ring - $large, $size->bore->mm + $small)
            + self::miss($input->outside, $size->outside->mm - $ring - $small, $size->outside->mm + $large)
            + min(array_map(static fn (float $w): float => self::miss($input->width, $w - $under - $large, $w + $large), $widths));
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
     * @param  non-empty-list<array{Bearing, float}>  $near
     * @return non-empty-list<CaliperCandidate>
     */
    private function weighed(array $near): array
    {
        $weights = array_map(static fn (array $miss): float => exp(-$miss[1] / 2) * $miss[0]->commonness, $near);
        $sum = array_sum($weights);
        $candidates = array_map(static fn (array $miss, float $w): CaliperCandidate => CaliperCandidate::of($miss[0], $miss[1], $w / $sum), $near, $weights);
        usort($candidates, static fn (CaliperCandidate $a, CaliperCandidate $b): int => $b->probability->share <=> $a->probability->share);

        return $candidates;
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
            'outside diameter' => abs($a->outside->mm - $b->outside->mm) * ($input->outside === null ? 1 : 0.5),
            'width' => abs($a->width->mm - $b->width->mm) * ($input->width === null ? 1 : 0.5),
        ];
        arsort($apart);
        $which = (string) array_key_first($apart);
        $tool = $apart[$which] > 0.3 ? 'caliper' : 'micrometer';

        return Message::of('caliper.split', 'Measure the {which} with a {tool}: it tells {a} from {b}.', ['which' => $which, 'tool' => $tool, 'a' => $a->number, 'b' => $b->number]);
    }

    /** @param  non-empty-list<CaliperCandidate>  $candidates */
    private function working(array $candidates): Working
    {
        $working = Working::start();
        foreach (array_slice($candidates, 0, 4) as $c) {
            $working = $working->line($c->number, 'exp(−χ²/2) × commonness, of all that fit', sprintf('χ² = %.2f', $c->chiSquare), $c->probability);
        }

        return $working;
    }

    /** @param  list<array{Bearing, float}>  $nearest */
    private function nothing(array $nearest): BearingFromCaliperResult
    {
        $candidates = array_map(static fn (array $miss): CaliperCandidate => CaliperCandidate::of($miss[0], $miss[1], 0.0), $nearest);
        $verdict = Verdict::care(
            Message::of('caliper.none', 'No size in the table fits'),
            Message::of('caliper.none.say', 'Nearest: {list}. Measure again; it may be an inch size, a double row, or a sleeve may sit on the axle.', ['list' => implode(', ', array_column($candidates, 'number'))]),
        )->next(Message::of('caliper.none.next', 'Measure three places round; take the largest outside and the smallest bore.'));

        return new BearingFromCaliperResult(null, $candidates, $verdict);
    }
}
