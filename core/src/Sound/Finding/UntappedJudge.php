<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

use CleanRace\Core\Sound\Beside;
use CleanRace\Core\Sound\Hearing\BandEnvelopes;
use CleanRace\Core\Sound\Hearing\Hearing;
use CleanRace\Core\Sound\Hearing\Levels;
use CleanRace\Core\Sound\Hearing\Repeats;
use CleanRace\Core\Sound\Hearing\Taps;
use CleanRace\Core\Sound\Hearing\Turning;
use CleanRace\Core\Sound\Signal\Middle;
use CleanRace\Core\Tables\Limits;

/**
 * What a recording without taps tells. How fast the wheel turned is not known, so nothing that repeats can be given to a part, a
 * brake or a spoke; whether anything repeats, and whether it crackles, can be told.
 */
final readonly class UntappedJudge
{
    /** Left out after the loudest of the start, which is the hand: s. */
    private const PUSH_S = 1.5;

    private const START_S = 4.0;

    private const SHORTEST_S = 5.0;

    /** A wheel that runs out, in turns by time, as good as any: only that it slows matters. */
    private const RUNS_OUT = [0.0, 15.0, -3.0];

    public function __construct(private Limits $limits)
    {
    }

    public function judge(BandEnvelopes $envelopes, bool $tapped, Beside $beside): Judgement
    {
        $odds = new Odds(['outer_ring' => 0.0, 'inner_ring' => 0.0, 'ball' => 0.0], false, $this->limits->get('sound.need'));
        $missing = $tapped ? Reasons::fewTurns() : Reasons::untapped($beside);
        $from = self::letGo($envelopes);
        if ($envelopes->seconds() - $from < self::SHORTEST_S) {
            return $odds->unclear([Reasons::short(), $missing]);
        }
        $hearing = Hearing::of($envelopes, Turning::along($from, $envelopes->seconds() - 0.01, self::RUNS_OUT), Taps::none());
        $judge = new Judge($this->limits);
        $spoiled = $judge->spoiled($hearing, true);
        if ($spoiled !== null) {
            return $odds->unclear([$spoiled, $missing]);
        }
        $repeats = Repeats::in($envelopes, $from, $this->limits->get('sound.repeats'));

        return match (true) {
            $repeats !== null => $odds->unclear([Reasons::repeats($repeats, $beside), $missing]),
            $judge->isRestless($hearing) => $odds->unclear([Reasons::restless(), $missing]),
            $judge->isNotHeard($hearing) => $odds->unclear([Reasons::notHeard(), $missing]),
            $tapped => $odds->unclear([$missing]),
            $judge->isDry($hearing) => $beside->freehub === true
                ? $odds->unclear([Reasons::dryOrFreehub(), $missing])
                : $odds->dry([Reasons::dry(), $missing]),
            default => $odds->quiet([Reasons::quiet(), $missing]),
        };
    }

    /** When the hand is off the wheel, s: a little after the loudest moment of the start. */
    private static function letGo(BandEnvelopes $envelopes): float
    {
        $start = (int) (self::START_S / Levels::BLOCK_S);
        $blocks = array_map(static fn (array $power): array => array_slice(Levels::blocks($power), 0, $start), $envelopes->power);
        [$loudest, $at] = [-INF, 0];
        foreach (array_keys($blocks[0]) as $i) {
            $level = Middle::of(array_column($blocks, $i));
            if ($level > $loudest) {
                [$loudest, $at] = [$level, $i];
            }
        }

        return $at * Levels::BLOCK_S + self::PUSH_S;
    }
}
