<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Listen;

use CleanRace\Core\Sound\Finding\Heard;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** What a recording of a spun wheel tells. */
final readonly class ListenResult
{
    /**
     * @param  ?float  $turnsPerS mean while it was tapped; null without taps
     * @param  ?int  $turns whole turns that were tapped
     * @param  ?float  $tapScatterMs how far the taps are off
     * @param  float  $levelDb root mean square, dB of full scale
     * @param  float  $crest peak over root mean square
     * @param  float  $kurtosis three for noise, more where it clicks
     * @param  list<Message>  $why
     */
    public function __construct(
        public Heard $finding,
        public Likelihoods $likelihoods,
        public ?float $turnsPerS,
        public ?int $turns,
        public ?float $tapScatterMs,
        public float $seconds,
        public float $levelDb,
        public float $crest,
        public float $kurtosis,
        public Strengths $strengths,
        public array $why,
        public ?SoundPicture $picture,
        public ?Comparison $comparison,
        public Verdict $verdict,
    ) {
    }
}
