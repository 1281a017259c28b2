<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Wave;

/** Writes samples as a WAV file of sixteen bits, one channel. */
final readonly class WaveText
{
    /** What one is written as, so that what was read is written again as it stood; the highest there is lies one below. */
    private const FULL = 32_768;

    private const HEAD_BYTES = 36;

    private function __construct()
    {
    }

    /** @param  list<float>  $samples from −1 to 1; what is beyond is cut off, as a microphone would */
    public static function of(array $samples, int $rate): string
    {
        return self::ofPieces(array_chunk($samples, 4096), $rate);
    }

    /** @param  iterable<list<float>>  $pieces samples as they come */
    public static function ofPieces(iterable $pieces, int $rate): string
    {
        $text = '';
        foreach ($pieces as $some) {
            $text .= pack('v*', ...array_map(
                static fn (float $s): int => max(-self::FULL, min(self::FULL - 1, (int) round(self::FULL * $s))) & 0xFFFF,
                $some,
            ));
        }

        return 'RIFF'.pack('V', self::HEAD_BYTES + strlen($text)).'WAVEfmt '
            .pack('VvvVVvv', 16, 1, 1, $rate, 2 * $rate, 2, 16).'data'.pack('V', strlen($text)).$text;
    }
}
