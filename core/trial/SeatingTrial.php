<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Squareness\ClockDepth;
use CleanRace\Core\Mechanics\Squareness\Eye;
use CleanRace\Core\Mechanics\Squareness\Square;
use CleanRace\Core\Mechanics\Squareness\SquareInput;
use CleanRace\Core\Mechanics\Squareness\SquareStage;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Seating\Home\Feeler;
use CleanRace\Core\Seating\Home\PairFeel;
use CleanRace\Core\Seating\Home\SecondBearing;
use CleanRace\Core\Seating\Home\SecondBearingInput;
use CleanRace\Core\Tables\Limits;
use LogicException;

/**
 * Simulated rings at home that stand level or lean, and second bearings that rest on their tube, short of it or past it:
 * read with a depth caliper or a rule, looked at, felt with a feeler and by hand, one job in twenty told wrong.
 */
final readonly class SeatingTrial implements Trial
{
    private const NUMBERS = ['608', '6000', '6001', '6200', '6202', '6203', '6204', '6205', '6304', '6305', '6306'];

    /** A lean that the eye takes for level, and how far eyes differ, degrees. */
    private const EYE = 0.3;

    private const EYES_DIFFER = 0.1;

    /** Up to this gap the tube no longer moves, and how far hands differ, mm. */
    private const TUBE = 0.04;

    private const HANDS_DIFFER = 0.012;

    /** A pair drawn in by more than its own end play is squeezed, mm. */
    private const SQUEEZED = 0.07;

    /** Of two answers one is wrong in about one job of twenty. */
    private const WRONG = 0.025;

    public function __construct(private Limits $limits)
    {
    }

    public function run(Chance $chance, int $jobs): array
    {
        $caliper = Instrument::DepthCaliper;
        $rule = Instrument::SteelRule;
        $level = $this->leans($chance, $jobs, [0.0, 0.05], $caliper);
        $byRule = $this->leans($chance, $jobs, [0.0, 0.05], $rule);
        $there = $this->seconds($chance, $jobs, [-0.02, 0.02]);
        $measured = $this->seconds($chance, $jobs, [-0.02, 0.02], true);
        $go = fn (array $levels): int => $levels['go'];

        return [
            TrialFigure::atLeast('level at home goes: depth caliper, look and feeler', $level['go'], $jobs, 0.9),
            TrialFigure::atMost('level at home stops', $level['stop'], $jobs, 0.005),
            TrialFigure::atMost('level at home stops, by a rule', $byRule['stop'], $jobs, 0.005),
            TrialFigure::atMost('leaning 0.3 to 0.7 goes', $go($this->leans($chance, $jobs, [0.3, 0.7], $caliper)), $jobs, 0.02),
            TrialFigure::atLeast('a second bearing that is there goes', $there['go'], $jobs, 0.9),
            TrialFigure::atMost('a second bearing that is there stops', $there['stop'], $jobs, 0.005),
            TrialFigure::atLeast('a second bearing that is there goes, widths measured', $go($measured), $jobs, 0.9),
            TrialFigure::atMost('a second bearing that is there stops, widths measured', $measured['stop'], $jobs, 0.005),
            TrialFigure::atMost(
                '0.2 to 0.5 short of the tube goes, widths measured',
                $go($this->seconds($chance, $jobs, [0.2, 0.5], true)),
                $jobs,
                0.02,
            ),
            TrialFigure::atMost('0.06 to 0.12 short of the tube goes', $go($this->seconds($chance, $jobs, [0.06, 0.12])), $jobs, 0.5),
            TrialFigure::atMost('0.2 to 0.5 short of the tube goes', $go($this->seconds($chance, $jobs, [0.2, 0.5])), $jobs, 0.02),
            TrialFigure::atMost('0.1 to 0.3 past the tube goes', $go($this->seconds($chance, $jobs, [-0.3, -0.1])), $jobs, 0.02),
        ];
    }

    /**
     * @param  array{float, float}  $between true lean, degrees
     * @return array<string, int> how many of each level
     */
    private function leans(Chance $chance, int $jobs, array $between, Instrument $by): array
    {
        $levels = ['go' => 0, 'care' => 0, 'stop' => 0];
        for ($i = 0; $i < $jobs; $i++) {
            $size = self::size($chance);
            $true = $chance->between(...$between);
            $high = $chance->between(0, 2 * M_PI);
            $circle = $size->outside->mm - 0.105 * ($size->outside->mm - $size->bore->mm);
            $half = (tan(deg2rad($true)) * $circle) / 2;
            $off = $by === Instrument::DepthCaliper ? 0.05 : 0.25;
            $depths = array_map(
                static fn (int $hour): ClockDepth => new ClockDepth(
                    Clock::read((string) $hour),
                    Reading::mm(
                        round(
                            9 - $half * cos(deg2rad(30 * $hour) - $high) + $chance->error($off / sqrt(3)),
                            $by === Instrument::SteelRule ? 1 : 2,
                        ),
                        $by,
                    ),
                ),
                [12, 3, 6, 9],
            );
            $wrong = static fn (bool $said): bool => $chance->between(0, 1) < self::WRONG ? ! $said : $said;
            $leaf = Feeler::under($size->outside)->mm * exp($chance->error(0.15));
            $levels[
                (new Square($this->limits))->work(
                    new SquareInput(
                        $size->bore,
                        $size->outside,
                        $depths,
                        SquareStage::Home,
                        $wrong($true + $chance->error(self::EYES_DIFFER) < self::EYE) ? Eye::Level : Eye::Proud,
                        Clock::nearest($high),
                        feelerRefused: $wrong(tan(deg2rad($true)) * $size->outside->mm < $leaf),
                        noteChanged: $wrong(true),
                    ),
                )->verdict->level->value
            ]++;
        }

        return $levels;
    }

    /**
     * @param  array{float, float}  $between true distance from the tube, mm, plus is short of it
     * @param  ?bool  $widths whether both widths were measured; null is half of the jobs
     * @return array<string, int> how many of each level
     */
    private function seconds(Chance $chance, int $jobs, array $between, ?bool $widths = null): array
    {
        $levels = ['go' => 0, 'care' => 0, 'stop' => 0];
        for ($i = 0; $i < $jobs; $i++) {
            $gap = $chance->between(...$between);
            [$first, $second] = [14 - $chance->between(0, 0.12), 14 - $chance->between(0, 0.12)];
            $measured = $widths ?? $chance->whole(0, 1) === 0;
            $read = static fn (float $mm, Instrument $by): Reading => Reading::mm(
                round($mm + $chance->error($by->halfWidth()->mm / sqrt(3)), 2),
                $by,
            );
            $caliper = Instrument::DigitalCaliper;
            $rod = Instrument::DepthCaliper;
            $levels[
                (new SecondBearing($this->limits))->work(
                    new SecondBearingInput(
                        $read(104.0, $caliper),
                        $read(9.2, $rod),
                        Length::mm(14),
                        $read(57.6, $caliper),
                        Length::mm(14),
                        $read(104 - 9.2 - $first - 57.6 - $second - $gap, $rod),
                        feel: $this->feel($chance, $gap),
                        firstWidthMeasured: $measured ? $read($first, $caliper) : null,
                        secondWidthMeasured: $measured ? $read($second, $caliper) : null,
                    ),
                )->verdict->level->value
            ]++;
        }

        return $levels;
    }

    /** @return list<PairFeel> what a finger tells of the tube, and the pair once it is clamped: each wrong now and then */
    private function feel(Chance $chance, float $gap): array
    {
        $wrong = static fn (bool $said): bool => $chance->between(0, 1) < self::WRONG ? ! $said : $said;
        $loose = $gap + $chance->error(self::HANDS_DIFFER) > self::TUBE;
        $squeezed = $gap + $chance->error(self::HANDS_DIFFER) < -self::SQUEEZED;

        return [
            $wrong($loose) ? PairFeel::MovesUpDown : PairFeel::NudgesOnly,
            ...$squeezed && ! $wrong(false) ? [PairFeel::Binds] : [],
            ...$loose ? [] : [$wrong($squeezed) ? PairFeel::ClampedDrags : PairFeel::ClampedFree],
        ];
    }

    private static function size(Chance $chance): Bearing
    {
        return (new BearingTable())->find($chance->oneOf(self::NUMBERS)) ?? throw new LogicException('No such number.');
    }
}
