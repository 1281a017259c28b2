<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\Spin\ContactMicrophone;
use CleanRace\Core\Practice\Bench\Spin\Fault;
use CleanRace\Core\Sound\Beside;
use CleanRace\Core\Sound\Finding\Heard;
use CleanRace\Core\Sound\Finding\HeardWheel;
use CleanRace\Core\Sound\Hearing\Taps;
use CleanRace\Core\Sound\Orders\PartRanges;
use CleanRace\Core\Sound\Wave\WaveFile;
use CleanRace\Core\Tables\Limits;

/** Simulated wheels, spun, recorded and tapped: how often what is heard is what is there. */
final readonly class SoundTrial implements Trial
{
    private const SPOILED = ['clipping', 'wind', 'voice', 'few'];

    private const ENOUGH_TURNS = 15;

    /** @param  ?list<string>  $kinds of scenes; null for all */
    public function __construct(private Limits $limits, private ?array $kinds = null)
    {
    }

    /** @param  int  $jobs of each kind */
    public function run(Chance $chance, int $jobs): array
    {
        $rows = [];
        for ($i = 0; $i < $jobs; $i++) {
            foreach ($this->kinds ?? SoundScenes::kinds() as $kind) {
                $rows[] = [$kind, ...$this->heard($chance, $kind)];
            }
        }

        return [...self::figures($rows), ...self::tables($rows)];
    }

    /** @return array{Fault, Heard, int} what it has, what is heard, and in how many turns */
    private function heard(Chance $chance, string $kind): array
    {
        [$scene, $thought] = (new SoundScenes($chance))->draw($kind);
        $recorded = (new ContactMicrophone($chance))->record($scene);
        $heard = HeardWheel::in(
            WaveFile::ofText($recorded->wave()),
            Taps::at($recorded->taps),
            PartRanges::of($thought, $scene->turning, $this->limits),
            Beside::any(),
            $this->limits,
        );

        return [$scene->fault, $heard->judgement->finding, $heard->turning?->whole() ?? 0];
    }

    /**
     * @param  list<array{string, Fault, Heard, int}>  $rows
     * @return list<TrialFigure>
     */
    private static function figures(array $rows): array
    {
        $of = static fn (string $pattern): array => array_values(
            array_filter($rows, static fn (array $r): bool => preg_match($pattern, $r[0]) === 1),
        );
        $right = static fn (array $r): bool => $r[2] === self::part($r[1]);
        $named = static fn (array $r): bool => $r[2]->isPart();
        $unclear = static fn (array $r): bool => $r[2] === Heard::Unclear;
        $bad = static fn (array $r): bool => ! in_array($r[2], [Heard::Quiet, Heard::Unclear], true);
        $long = array_values(
            array_filter($of('/^(outer|inner)_(medium|heavy)$/'), static fn (array $r): bool => $r[3] >= self::ENOUGH_TURNS),
        );
        $spoiled = '/^('.implode('|', self::SPOILED).')$/';

        return [
            self::atLeast('sound: a part that is named is the one', array_values(array_filter($rows, $named)), $right, 0.95),
            self::atLeast('sound: medium and heavy pits of rings, near side, 15 turns or more', $long, $right, 0.85),
            self::atMost(
                'sound: light pits and balls, the wrong part named',
                $of('/^(outer_light|inner_light|ball_)/'),
                static fn (array $r): bool => $named($r) && ! $right($r),
                0.02,
            ),
            self::atMost('sound: what comes once a turn called a bearing', $of('/^(rub|tick)$/'), $named, 0.02),
            self::atMost(
                'sound: a bearing called a rub',
                $of('/^(outer|inner|ball)_/'),
                static fn (array $r): bool => $r[2] === Heard::Rub,
                0.03,
            ),
            self::atMost('sound: a sound wheel called bad', $of('/^none$/'), $bad, 0.02),
            self::atMost('sound: a sound wheel called bad, its balls guessed', $of('/^none_guessed$/'), $bad, 0.04),
            self::atLeast('sound: clipped, wind, talk, too few turns: unclear', $of($spoiled), $unclear, 0.90),
            self::atLeast('sound: knocks and a microphone that does not touch: unclear', $of('/^(knocks|no_touch)$/'), $unclear, 0.80),
            self::atMost('sound: a good recording unclear', $of('/^(outer|inner|ball|dry|dirt|none)/'), $unclear, 0.10),
        ];
    }

    /**
     * What is heard of each kind, for whoever reads them; nothing is wanted of these.
     *
     * @param  list<array{string, Fault, Heard, int}>  $rows
     * @return list<TrialFigure>
     */
    private static function tables(array $rows): array
    {
        $counts = [];
        foreach ($rows as [$kind, , $finding]) {
            $counts[$kind][$finding->value] = ($counts[$kind][$finding->value] ?? 0) + 1;
        }
        $figures = [];
        foreach ($counts as $kind => $found) {
            $all = array_sum($found);
            arsort($found);
            $share = static fn (string $finding, int $times): string => sprintf('%s %.1f %%', $finding, 100 * $times / $all);
            $said = array_map($share, array_keys($found), $found);
            $figures[] = TrialFigure::atLeast(sprintf('sound: %s: %s', $kind, implode(', ', $said)), $all, $all, 0.0);
        }

        return $figures;
    }

    private static function part(Fault $fault): ?Heard
    {
        return match ($fault) {
            Fault::Outer => Heard::OuterRing,
            Fault::Inner => Heard::InnerRing,
            Fault::Ball => Heard::Ball,
            default => null,
        };
    }

    /**
     * @param  list<array{string, Fault, Heard, int}>  $rows
     * @param  callable(array{string, Fault, Heard, int}): bool  $is
     */
    private static function atLeast(string $what, array $rows, callable $is, float $wanted): TrialFigure
    {
        $not = array_values(array_filter($rows, static fn (array $r): bool => ! $is($r)));

        return TrialFigure::atLeast($what, count($rows) - count($not), count($rows), $wanted, array_map(self::told(...), $not));
    }

    /**
     * @param  list<array{string, Fault, Heard, int}>  $rows
     * @param  callable(array{string, Fault, Heard, int}): bool  $is
     */
    private static function atMost(string $what, array $rows, callable $is, float $wanted): TrialFigure
    {
        $such = array_values(array_filter($rows, $is));

        return TrialFigure::atMost($what, count($such), count($rows), $wanted, array_map(self::told(...), $such));
    }

    /** @param  array{string, Fault, Heard, int}  $row */
    private static function told(array $row): string
    {
        return "$row[0] called {$row[2]->value}";
    }
}
