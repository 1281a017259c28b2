<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

use CleanRace\Core\Measure\InvalidInput;

/** When a person tapped as the mark of a turning wheel passed, in seconds from the start of the recording. */
final readonly class Taps
{
    public const MOST = 500;

    /**
     * @param  list<float>  $seconds rising
     * @param  bool  $heard whether a tap makes a sound that the microphone takes up: on the screen of the device that records
     */
    private function __construct(public array $seconds, public bool $heard)
    {
    }

    public static function none(): self
    {
        return new self([], false);
    }

    /**
     * @param  list<float>  $seconds in any order
     *
     * @throws InvalidInput when one is no time, or there are too many
     */
    public static function at(array $seconds, bool $heard = false): self
    {
        foreach ($seconds as $at) {
            if (! is_finite($at) || $at < 0) {
                throw InvalidInput::about('passes', 'A pass has a time from the start of the recording, in seconds.');
            }
        }
        if (count($seconds) > self::MOST) {
            throw InvalidInput::about('passes', sprintf('That is more than %d passes.', self::MOST));
        }
        sort($seconds);

        return new self($seconds, $heard);
    }

    /** Only what lies in the recording. */
    public function within(float $seconds): self
    {
        return new self(array_values(array_filter($this->seconds, static fn (float $at): bool => $at <= $seconds)), $this->heard);
    }
}
