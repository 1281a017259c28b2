<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

/** How loud samples are, and how spiky. */
final readonly class Loudness
{
    /**
     * @param  float  $level root mean square, in dB of full scale
     * @param  float  $peak largest sample, in shares of full scale
     * @param  float  $clipped share of samples at full scale
     * @param  float  $crest peak over root mean square of a second, middle of all seconds
     * @param  float  $kurtosis fourth moment over the square of the second; three for noise, middle of all seconds
     */
    public function __construct(
        public float $level,
        public float $peak,
        public float $clipped,
        public float $crest,
        public float $kurtosis,
    ) {
    }
}
