<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench\Spin;

use CleanRace\Core\Sound\Wave\WaveText;

/** What a simulated microphone took up, and when its person tapped. */
final readonly class Recorded
{
    /**
     * @param  list<float>  $samples
     * @param  list<float>  $taps s
     */
    public function __construct(public array $samples, public int $rate, public array $taps)
    {
    }

    public function wave(): string
    {
        return WaveText::of($this->samples, $this->rate);
    }
}
