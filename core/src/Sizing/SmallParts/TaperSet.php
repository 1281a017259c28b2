<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** Whether a cone and a cup belong together. A pair that does not is a stop: the angles differ, and it runs on an edge. */
#[
    Calculator('taper-set', 'Cone and cup', 'size', 'Do these two halves of a taper belong together.', [
        'cone' => 'LM11949',
        'cup' => 'LM11910',
    ]),
]
final readonly class TaperSet
{
    public function __construct(
        private DesignationReader $reader = new DesignationReader(),
        private BearingTable $table = new BearingTable(),
    ) {
    }

    /** @throws InvalidInput when one of the numbers cannot be read at all */
    public function work(TaperSetInput $input): TaperSetResult
    {
        $cone = $this->piece('cone', $input->cone);
        $cup = $this->piece('cup', $input->cup);
        $sets = Table::rows('taper_sets');
        $withCone = array_values(array_filter($sets, static fn (array $s): bool => $s['cone'] === $cone));
        $withCup = array_values(array_filter($sets, static fn (array $s): bool => $s['cup'] === $cup));
        $set = array_values(array_filter($withCone, static fn (array $s): bool => $s['cup'] === $cup))[0] ?? null;
        [$conesName, $cupsName] = [$cone ?? $input->cone, $cup ?? $input->cup];
        $words = [
            'cone' => Written::of($conesName),
            'cup' => Written::of($cupsName),
            'cups' => Written::list(array_column($withCone, 'cup')),
            'cones' => Written::list(array_column($withCup, 'cone')),
        ];
        $size = $set === null ? null : $this->table->find($set['number']);
        $verdict = match (true) {
            $size !== null => Verdict::go(
                Message::of('taper.set', 'They belong together'),
                Message::of('taper.set.say', '{cone} and {cup}: {sizes} together.', $words + ['sizes' => Written::of($size->sizes())]),
            )->showing(
                Figure::of('bore', 'Bore', $size->bore),
                Figure::of('outside', 'Outside diameter', $size->outside),
                Figure::of('width', 'Width together', $size->openWidth),
            ),
            $withCone !== [] && $withCup !== [] => Verdict::stop(
                Message::of('taper.mixed', 'They do not belong together'),
                Message::of('taper.mixed.say', '{cone} goes with {cups}; {cup} goes with {cones}.', $words),
            )->next(Message::of('taper.mixed.next', 'Buy cone and cup as a set, and change both.')),
            default => Verdict::care(
                Message::of('taper.unknown', 'Not in the table'),
                Message::of(
                    'taper.unknown.say',
                    'One of these numbers is not listed here. Try them together: the rollers must lie flat in the cup all round.',
                ),
            )->settledBy(Message::of('taper.unknown.settle', 'The counter\'s list says which cup goes with a cone.')),
        };

        return new TaperSetResult(
            $size !== null ? true : ($withCone !== [] && $withCup !== [] ? false : null),
            $set['number'] ?? null,
            array_column($withCone, 'cup'),
            array_column($withCup, 'cone'),
            $verdict->workedOut(
                Working::start()->line(
                    'Set',
                    'cone and cup in one row of the table',
                    "$conesName + $cupsName",
                    $set['number'] ?? 'no such row',
                ),
            ),
        );
    }

    /** The number of one half as the table writes it; null when it is no half of a taper that is listed. */
    private function piece(string $which, string $typed): ?string
    {
        try {
            foreach ($this->reader->readings($typed) as $read) {
                foreach (Table::rows('taper_sets') as $set) {
                    if (
                        $set['number'] === $read->number &&
                        ($read->piece === $which || ($read->piece === null && $set['cone'] === $set['cup']))
                    ) {
                        return $set[$which];
                    }
                }
            }
        } catch (InvalidInput $fault) {
            if (preg_match('/\d{3}/', $typed) !== 1) {
                throw InvalidInput::about($which, $fault->getMessage());
            }
        }

        return null;
    }
}
