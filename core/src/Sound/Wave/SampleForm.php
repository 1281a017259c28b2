<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Wave;

/** How a WAV file writes a sample; all of them little end first. */
enum SampleForm
{
    case Whole8;
    case Whole16;
    case Whole24;
    case Whole32;
    case Float32;
    case Float64;

    private const WHOLE = 1;

    private const FLOAT = 3;

    /** @param  int  $coded as the file has it: 1 whole numbers, 3 floating */
    public static function from(int $coded, int $bits): ?self
    {
        return match ([$coded, $bits]) {
            [self::WHOLE, 8] => self::Whole8,
            [self::WHOLE, 16] => self::Whole16,
            [self::WHOLE, 24] => self::Whole24,
            [self::WHOLE, 32] => self::Whole32,
            [self::FLOAT, 32] => self::Float32,
            [self::FLOAT, 64] => self::Float64,
            default => null,
        };
    }

    public function bytes(): int
    {
        return match ($this) {
            self::Whole8 => 1,
            self::Whole16 => 2,
            self::Whole24 => 3,
            self::Whole32, self::Float32 => 4,
            self::Float64 => 8,
        };
    }

    /** @return list<float> from −1 to 1 */
    public function samples(string $bytes): array
    {
        $bytes = substr($bytes, 0, strlen($bytes) - strlen($bytes) % $this->bytes());
        [$letter, $zero, $full] = match ($this) {
            self::Whole8 => ['C', 128, 128],
            self::Whole16 => ['v', 0, 1 << 15],
            self::Whole24, self::Whole32 => ['V', 0, 1 << 31],
            self::Float32 => ['g', 0, 1],
            self::Float64 => ['e', 0, 1],
        };
        if ($this === self::Whole24) {
            // As of 32 bits, the lowest eight of them nought.
            $bytes = (string) preg_replace('/(...)/s', "\0\\1", $bytes);
        }
        $samples = [];
        $turn = $letter === 'v' || $letter === 'V' ? $full : PHP_INT_MAX;
        $scale = 1 / $full;
        foreach (unpack("$letter*", $bytes) ?: [] as $number) {
            $samples[] = ($number >= $turn ? $number - 2 * $full : $number - $zero) * $scale;
        }

        return $this === self::Float32 || $this === self::Float64 ? self::sane($samples) : $samples;
    }

    /**
     * A floating sample may be no number at all.
     *
     * @param  list<float>  $samples
     * @return list<float>
     */
    private static function sane(array $samples): array
    {
        return array_map(static fn (float $s): float => is_finite($s) ? max(-1.0, min(1.0, $s)) : 0.0, $samples);
    }
}
