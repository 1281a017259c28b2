<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

use CleanRace\Core\Sound\Hearing\BandEnvelopes;
use CleanRace\Core\Sound\Hearing\FoundTurns;
use CleanRace\Core\Sound\Hearing\Hearing;
use CleanRace\Core\Sound\Hearing\Swing;
use CleanRace\Core\Sound\Hearing\Taps;
use CleanRace\Core\Sound\Hearing\Turning;
use CleanRace\Core\Sound\Orders\PartRanges;

/** The turns of a recording, and all that is read off them: which a person tapped, or which what comes once a turn tells. */
final readonly class HeardTurns
{
    /** @param  list<PartStrength>  $parts empty where the bearing is not known */
    private function __construct(public Turning $turning, public Hearing $hearing, public array $parts, public bool $tapped)
    {
    }

    public static function tapped(BandEnvelopes $envelopes, Turning $turning, Taps $taps, ?PartRanges $ranges): self
    {
        $hearing = Hearing::of($envelopes, $turning, $taps);

        return new self($turning, $hearing, self::parts($hearing, $ranges), true);
    }

    /**
     * @param  Turning  $rough one turn for each time that something comes
     * @return ?self null when that is no wheel that turns one way
     */
    public static function found(BandEnvelopes $envelopes, Turning $rough, ?PartRanges $ranges): ?self
    {
        $turning = FoundTurns::in(array_map(Swing::of(...), $envelopes->power), $rough);
        if ($turning === null) {
            return null;
        }
        $hearing = Hearing::of($envelopes, $turning, Taps::none());

        return new self($turning, $hearing, self::parts($hearing, $ranges), false);
    }

    /** @return list<PartStrength> */
    private static function parts(Hearing $hearing, ?PartRanges $ranges): array
    {
        return $ranges === null ? [] : PartSearch::in($hearing, $ranges);
    }
}
