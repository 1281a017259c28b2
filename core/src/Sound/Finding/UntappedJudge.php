<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

use CleanRace\Core\Sound\Beside;
use CleanRace\Core\Sound\Hearing\BandEnvelopes;
use CleanRace\Core\Sound\Hearing\Hearing;
use CleanRace\Core\Sound\Hearing\Levels;
use CleanRace\Core\Sound\Hearing\Taps;
use CleanRace\Core\Sound\Hearing\Turning;
use CleanRace\Core\Sound\Orders\PartRanges;
use CleanRace\Core\Sound\Signal\Middle;
use CleanRace\Core\Tables\Limits;

/**
 * What a recording without taps tells. How fast the wheel turned is not known, unless something comes once a turn: then that taps.
 * What comes oftener than a wheel turns is as of a bearing, its part unsure; whether it crackles can be told.
 */
final readonly class UntappedJudge
{
    /** Left out after the loudest of the start, which is the hand: s. */
    private const PUSH_S = 1.5;

    private const START_S = 4.0;

    /** A wheel that runs out, in turns by time, as good as any: only that it slows matters. */
    private const RUNS_OUT = [0.0, 15.0, -3.0];

    private function __construct(private Limits $limits, private BandEnvelopes $envelopes, private bool $tapped, private Beside $beside)
    {
    }

    /**
     * @param  bool  $tapped whether somebody tapped, though too few turns
     * @param  ?PartRanges  $ranges null where the bearing is not known
     * @return array{Judgement, ?HeardTurns} and the turns, where what comes once in each tells them
     */
    public static function judge(BandEnvelopes $envelopes, bool $tapped, ?PartRanges $ranges, Beside $beside, Limits $limits): array
    {
        return (new self($limits, $envelopes, $tapped, $beside))->judged($ranges);
    }

    /** @return array{Judgement, ?HeardTurns} */
    private function judged(?PartRanges $ranges): array
    {
        $odds = new Odds(['outer_ring' => 0.0, 'inner_ring' => 0.0, 'ball' => 0.0], false, $this->limits->get('sound.need'));
        $missing = $this->tapped ? Reasons::fewTurns() : Reasons::untapped($this->beside);
        $from = self::letGo($this->envelopes);
        if ($this->envelopes->seconds() - $from < $this->limits->get('sound.shortest')) {
            return [$odds->unclear([Reasons::short(), $missing]), null];
        }
        $end = $this->envelopes->seconds() - 0.01;
        $hearing = Hearing::of($this->envelopes, Turning::along($from, $end, self::RUNS_OUT), Taps::none());
        $judge = new Judge($this->limits);
        $spoiled = $judge->spoiled($hearing, true, true);
        if ($spoiled !== null) {
            return [$odds->unclear([$spoiled, $missing]), null];
        }
        $spoiled = $judge->spoiled($hearing, true);
        $repeats = Repeats::in($this->envelopes, $from);
        if ($repeats->clear > $this->limits->get('sound.repeats')) {
            [$judgement, $turns] = $this->repeated($repeats, $ranges, $odds);
            // What rubs as loudly as a voice is told from one by coming at one place of the turn.
            if ($spoiled === null || $judgement->finding === Heard::Rub) {
                return [$judgement, $turns];
            }
        }
        if ($spoiled !== null) {
            return [$odds->unclear([$spoiled, $missing]), null];
        }

        return [match (true) {
            $judge->isRestless($hearing) => $odds->unclear([Reasons::restless(), $missing]),
            $judge->isNotHeard($hearing) => $odds->unclear([Reasons::notHeard(), $missing]),
            $this->tapped => $odds->unclear([$missing]),
            $judge->isDry($hearing) => $this->beside->freehub === true
                ? $odds->unclear([Reasons::dryOrFreehub(), $missing])
                : $odds->dry([Reasons::dry(), $missing]),
            default => $odds->quiet([Reasons::quiet(), $missing]),
        }, null];
    }

    /** @return array{Judgement, ?HeardTurns} */
    private function repeated(Repeats $repeats, ?PartRanges $ranges, Odds $odds): array
    {
        if ($this->tapped) {
            return [$odds->unclear([Reasons::repeats($repeats->hertz(), $this->beside), Reasons::fewTurns()]), null];
        }
        $start = $repeats->run->speed($repeats->run->from);
        if ($start > $this->limits->get('sound.fastest_spin')) {
            return [$odds->bearing([Reasons::bearing($repeats->hertz(), $this->beside)]), null];
        }
        $turns = HeardTurns::found($this->envelopes, $repeats->run, $ranges);
        $judgement = $turns === null || ! $this->isATurn($turns->hearing, $start, $ranges)
            ? null
            : (new Judge($this->limits))->judge($turns->hearing, $turns->parts, $this->beside);
        if ($judgement === null || ! ($judgement->finding === Heard::Rub || $judgement->finding->isPart())) {
            return [
                $odds->unclear([Reasons::repeats($repeats->hertz(), $this->beside), Reasons::untapped($this->beside)]),
                null,
            ];
        }

        return [$judgement->also(Reasons::turnsFound($repeats->hertz())), $turns];
    }

    /**
     * Whether what comes once in each of them stands out as a rub or a tick does, and no bearing of a slow wheel.
     *
     * @param  float  $start how often a second it came at first
     */
    private function isATurn(Hearing $hearing, float $start, ?PartRanges $ranges): bool
    {
        $known = $ranges === null ? 0.0 : $ranges->slowest() * $this->limits->get('sound.slowest_spin');
        $bearing = max($known, $this->limits->get('sound.slowest_bearing'));
        $tick = $this->limits->get($start < $bearing ? 'sound.tick' : 'sound.tick_untapped');

        return $hearing->once > $this->limits->get('sound.once_untapped') || $hearing->crest > $tick;
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
