<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

/** What a finger on the screen of the device that records covers up: a little around each tap. */
final readonly class TapNoise
{
    private const SIDE_S = 0.08;

    private const FAST_SIDE_S = 0.05;

    /** Turns a second above which less can be spared. */
    private const FAST = 2.0;

    /** @param  list<array{float, float}>  $spans from and to, s */
    private function __construct(private array $spans)
    {
    }

    public static function of(Taps $taps, Turning $turning): self
    {
        if (! $taps->heard) {
            return new self([]);
        }

        return new self(array_map(static function (float $at) use ($turning): array {
            $speed = $turning->speed(max($turning->from, min($turning->to, $at)));
            $side = $speed > self::FAST ? self::FAST_SIDE_S : self::SIDE_S;

            return [$at - $side, $at + $side];
        }, $taps->seconds));
    }

    public function holdsBlock(float $from): bool
    {
        foreach ($this->spans as [$start, $end]) {
            if ($start < $from + Levels::BLOCK_S && $end > $from) {
                return true;
            }
        }

        return false;
    }

    /** @return array<int, true> frames that are covered up */
    public function frames(): array
    {
        $covered = [];
        foreach ($this->spans as [$start, $end]) {
            $from = max(0, (int) ceil($start * BandEnvelopes::RATE));
            for ($i = $from, $to = (int) floor($end * BandEnvelopes::RATE); $i <= $to; $i++) {
                $covered[$i] = true;
            }
        }

        return $covered;
    }
}
