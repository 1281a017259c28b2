<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

use CleanRace\Core\Sound\Signal\Middle;

/** All that is read off a recording of a turning wheel before it is asked what it means. */
final readonly class Hearing
{
    /** Single moments of a second are those above this share of it. */
    private const MOMENTS = 0.985;

    /**
     * @param  float  $once amplitude of what comes once a turn
     * @param  float  $onceInStep how much of it stays in step
     * @param  float  $inStep the same of all orders to the twelfth
     * @param  float  $crest how far one place of the turn stands out
     * @param  float  $severalTimes how much of that comes three times a turn or more, evenly
     * @param  float  $ragged deviation of what does not repeat
     * @param  float  $slow how much of that is slower than knocks are
     * @param  ?Pawls  $pawls many clicks a turn, as of a freehub
     * @param  float  $crackle how far single moments stand out of their second
     */
    private function __construct(
        public BandEnvelopes $envelopes,
        public Turning $turning,
        public Levels $levels,
        public float $once,
        public float $onceInStep,
        public float $inStep,
        public float $crest,
        public float $severalTimes,
        public float $ragged,
        public float $slow,
        public float $crackle,
        public ?Pawls $pawls,
        public OrderSpectra $all,
        public OrderSpectra $rest,
        public TurnPicture $picture,
    ) {
    }

    public static function of(BandEnvelopes $envelopes, Turning $turning, Taps $taps): self
    {
        $blanked = TapNoise::of($taps, $turning);
        $covered = $blanked->frames();
        $levels = Levels::of($envelopes, $turning, $blanked);
        [$swings, $tables, $crackles] = [[], [], []];
        foreach ($envelopes->power as $power) {
            [$swing, $counts] = Swing::without(Swing::of($power, $covered), $levels->gated, $covered);
            $swings[] = $swing;
            $tables[] = TurnTable::of($swing, $counts, $turning);
            $crackles[] = self::crackle($swing, $turning);
        }
        $crests = array_map(static fn (TurnTable $table): float => $table->crest(), $tables);
        $inStep = array_map(static fn (TurnTable $table): array => $table->inStep(), $tables);

        return new self(
            $envelopes,
            $turning,
            $levels,
            Middle::best(array_map(static fn (TurnTable $t): float => $t->onceATurn(), $tables), 2),
            Middle::best(array_column($inStep, 0), 3),
            Middle::best(array_column($inStep, 1), 2),
            Middle::best($crests, 2),
            $tables[(int) array_search(max($crests), $crests, true)]->severalTimes(),
            Middle::best(array_map(static fn (TurnTable $t): float => $t->restDeviation(), $tables), 2),
            Middle::best(array_map(static fn (TurnTable $t): float => $t->slowDeviation(), $tables), 2),
            Middle::of($crackles),
            Pawls::in($swings, $turning),
            OrderSpectra::of(array_map(static fn (TurnTable $t): array => $t->all, $tables)),
            OrderSpectra::of(array_map(static fn (TurnTable $t): array => $t->rest, $tables)),
            TurnPicture::of($tables),
        );
    }

    /** @param  array<int, float>  $swing */
    private static function crackle(array $swing, Turning $turning): float
    {
        $seconds = [];
        $from = (int) ceil($turning->from * BandEnvelopes::RATE);
        $to = (int) floor($turning->to * BandEnvelopes::RATE);
        for ($at = $from; $at + BandEnvelopes::RATE <= $to; $at += BandEnvelopes::RATE) {
            $second = array_slice($swing, $at, BandEnvelopes::RATE);
            $seconds[] = Middle::share($second, self::MOMENTS) - Middle::of($second);
        }

        return Middle::of($seconds);
    }
}
