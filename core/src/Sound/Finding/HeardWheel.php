<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sound\Beside;
use CleanRace\Core\Sound\Hearing\BandEnvelopes;
use CleanRace\Core\Sound\Hearing\Loudness;
use CleanRace\Core\Sound\Hearing\Taps;
use CleanRace\Core\Sound\Hearing\Turning;
use CleanRace\Core\Sound\Orders\PartRanges;
use CleanRace\Core\Sound\Wave\WaveFile;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;

/** A recording of a spun wheel, listened to: what it tells, and all that a page shows of it. */
final readonly class HeardWheel
{
    /** @param  ?HeardTurns  $turns null where nobody tapped them, or the taps fit no wheel, and nothing else tells them */
    private function __construct(
        public Judgement $judgement,
        public Loudness $loudness,
        public ?HeardTurns $turns,
        public float $seconds,
    ) {
    }

    /**
     * @param  ?PartRanges  $ranges null where the bearing is not known
     * @param  Beside  $beside what else of this hub may be heard
     *
     * @throws InvalidInput when there is nothing on it
     */
    public static function in(WaveFile $file, Taps $taps, ?PartRanges $ranges, Beside $beside, Limits $limits): self
    {
        $envelopes = BandEnvelopes::of($file);
        $taps = $taps->within($envelopes->seconds());
        $turning = Turning::by($taps);
        if ($turning === null) {
            [$judgement, $turns] = UntappedJudge::judge($envelopes, $taps->seconds !== [], $ranges, $beside, $limits);

            return new self($judgement, $envelopes->loudness, $turns, $file->seconds());
        }
        $turns = HeardTurns::tapped($envelopes, $turning, $taps, $ranges);
        $judgement = (new Judge($limits))->judge($turns->hearing, $turns->parts, $beside)->also(...self::doubts($turning, $limits));

        return new self($judgement, $envelopes->loudness, $turns, $file->seconds());
    }

    /** @return list<Message> what of the taps leaves more in doubt than need be */
    private static function doubts(Turning $turning, Limits $limits): array
    {
        $least = (int) $limits->get('sound.turns_least');

        return [
            ...$turning->scatter > $limits->get('sound.taps_loose') ? [Reasons::looseTaps($turning->scatter)] : [],
            ...$turning->whole() < $least ? [Reasons::moreTurns($turning->whole(), $least, (int) $limits->get('sound.turns_wanted'))] : [],
        ];
    }
}
