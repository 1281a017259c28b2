<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/**
 * Any part, old beside new, in the sizes that matter for its kind: cones by thread, ball, track radius, diameter, height, flats and seal.
 */
#[
    Calculator('match-part', 'Any part, old beside new', 'source', 'The sizes that matter, side by side.', [
        'kind' => 'cone',
        'sizes' => [
            ['what' => 'thread', 'old' => 'M10x1', 'new' => 'M10x1'],
            ['what' => 'ball', 'old' => '6.35', 'new' => '6.35'],
            ['what' => 'track_radius', 'old' => '3.6', 'new' => '3.2'],
            ['what' => 'length', 'old' => '16.2', 'new' => '16.0'],
        ],
    ]),
]
final readonly class MatchPart
{
    /**
     * What is compared for a kind of part.
     *
     * @return list<array<string, string>> rows of match_sizes.csv
     */
    public static function sizes(PartKind $kind): array
    {
        return array_values(array_filter(Table::rows('match_sizes'), static fn (array $row): bool => $row['kind'] === $kind->value));
    }

    /** @throws InvalidInput when a size is not one of this kind, or no length */
    public function work(MatchPartInput $input): MatchCheckResult
    {
        $rows = array_column(self::sizes($input->kind), null, 'what');
        $compared = [];
        foreach ($input->sizes as $i => $size) {
            $row =
                $rows[$size->what] ??
                throw InvalidInput::about(
                    "sizes.$i.what",
                    sprintf(
                        '%s: that is not compared. There are: %s.',
                        $input->kind->label(),
                        implode(', ', array_keys($rows)) ?: 'none',
                    ),
                );
            $compared[] = $row['words'] === '1' ? self::words($row, $size) : self::lengths($row, $size, $i);
        }
        $worst = array_reduce($compared, static fn (Level $l, Difference $d): Level => $l->worse($d->level), Level::Go);
        $left = array_diff(array_keys($rows), array_map(static fn (NamedSize $s): string => $s->what, $input->sizes));
        $differ = Message::listed(
            array_map(
                static fn (Difference $d): Message => Message::within($d->what),
                array_filter($compared, static fn (Difference $d): bool => $d->level === $worst),
            ),
        );
        $words = [
            'part' => Message::within($input->kind->label()),
            'what' => $differ,
            'left' => Message::listed(array_map(static fn (string|int $w): Message => Message::within($rows[$w]['label']), $left)),
        ];
        $verdict = match (true) {
            $worst === Level::Stop => Verdict::stop(
                Message::of('match_part.wrong', 'Not the same {part}', $words),
                Message::of('match_part.wrong.say', 'It differs in: {what}. Do not fit it.', $words),
            ),
            $worst === Level::Care => Verdict::care(
                Message::of('match_part.fits', 'It serves, with a difference', $words),
                Message::of('match_part.fits.say', 'It differs in: {what}. Another spanner, or the old seal moved across.', $words),
            ),
            $left !== [] => Verdict::care(
                Message::of('match_part.so_far', 'The same so far'),
                Message::of('match_part.so_far.say', 'Not compared yet: {left}.', $words),
            ),
            default => Verdict::go(
                Message::of('match_part.same', 'It matches'),
                Message::of('match_part.same.say', 'Every size that matters for a {part} is the same.', $words),
            ),
        };
        $working = Working::start();
        foreach ($compared as $d) {
            $working = $working->line($d->what, 'old beside new', Message::listed([$d->old, $d->new], ' | '), $d->level->label());
        }

        return new MatchCheckResult($compared, $verdict->workedOut($working));
    }

    /** @param  array<string, string>  $row */
    private static function words(array $row, NamedSize $size): Difference
    {
        $plain = static fn (string $words): string => strtolower((string) preg_replace('/[\s×*]+/u', '', strtr($words, ['×' => 'x'])));

        return new Difference(
            $row['label'],
            Written::of($size->old),
            Written::of($size->new),
            $plain($size->old) === $plain($size->new) ? Level::Go : Level::from($row['differs']),
        );
    }

    /** @param  array<string, string>  $row */
    private static function lengths(array $row, NamedSize $size, int $at): Difference
    {
        $mm = [];
        foreach (['old' => $size->old, 'new' => $size->new] as $which => $typed) {
            try {
                $mm[$which] = (new LengthText())->read($typed)->mm;
            } catch (InvalidInput $fault) {
                throw InvalidInput::about("sizes.$at.$which", $fault->getMessage());
            }
        }
        $shown = static fn (float $x): string => rtrim(rtrim(number_format($x, 3, '.', ''), '0'), '.').' mm';

        return new Difference(
            $row['label'],
            Written::of($shown($mm['old'])),
            Written::of($shown($mm['new'])),
            abs($mm['old'] - $mm['new']) > (float) $row['off_mm'] + 1e-9 ? Level::from($row['differs']) : Level::Go,
        );
    }
}
