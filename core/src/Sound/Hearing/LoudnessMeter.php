<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

use CleanRace\Core\Sound\Signal\Middle;

/** Takes samples as they come, and keeps of each second what its loudness is made of. */
final class LoudnessMeter
{
    /** A sample this far out is at the end of what the recorder can write. */
    private const FULL = 0.998;

    private const QUIETEST_DB = -120.0;

    private int $count = 0;

    private int $clipped = 0;

    private float $peak = 0.0;

    private float $squares = 0.0;

    /** @var list<float> */
    private array $crests = [];

    /** @var list<float> */
    private array $kurtoses = [];

    private int $of = 0;

    private float $second = 0.0;

    private float $fourth = 0.0;

    private float $top = 0.0;

    public function __construct(private readonly int $rate)
    {
    }

    /** @param  list<float>  $samples */
    public function take(array $samples): void
    {
        [$second, $fourth, $top, $clipped] = [0.0, 0.0, 0.0, 0];
        foreach ($samples as $sample) {
            $square = $sample * $sample;
            $second += $square;
            $fourth += $square * $square;
            if ($square > $top) {
                $top = $square;
            }
            if ($square >= self::FULL ** 2) {
                $clipped++;
            }
        }
        $this->count += count($samples);
        $this->of += count($samples);
        $this->squares += $second;
        $this->second += $second;
        $this->fourth += $fourth;
        $this->top = max($this->top, $top);
        $this->clipped += $clipped;
        $this->peak = max($this->peak, sqrt($top));
        if ($this->of >= $this->rate) {
            $this->next();
        }
    }

    public function loudness(): Loudness
    {
        $this->next();
        $mean = $this->count === 0 ? 0.0 : $this->squares / $this->count;

        return new Loudness(
            $mean > 0 ? max(self::QUIETEST_DB, 10 * log10($mean)) : self::QUIETEST_DB,
            $this->peak,
            $this->count === 0 ? 0.0 : $this->clipped / $this->count,
            Middle::of($this->crests),
            Middle::of($this->kurtoses),
        );
    }

    private function next(): void
    {
        if ($this->second > 0) {
            $this->crests[] = sqrt($this->top * $this->of / $this->second);
            $this->kurtoses[] = $this->fourth * $this->of / $this->second ** 2;
        }
        [$this->of, $this->second, $this->fourth, $this->top] = [0, 0.0, 0.0, 0.0];
    }
}
