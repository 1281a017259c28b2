<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench;

use Random\Engine;
use Random\Randomizer;

/** Chance for simulated jobs, from an engine that is handed in: the same engine gives the same jobs. */
final readonly class Chance
{
    private const FINE = 1_000_000;

    private Randomizer $randomizer;

    public function __construct(Engine $engine)
    {
        $this->randomizer = new Randomizer($engine);
    }

    /** Evenly between two numbers. */
    public function between(float $low, float $high): float
    {
        return $low + (($high - $low) * $this->randomizer->getInt(0, self::FINE)) / self::FINE;
    }

    /** What an instrument of this standard deviation adds to the truth (Box and Muller). */
    public function error(float $sigma): float
    {
        return $sigma * sqrt(-2 * log($this->between(1 / self::FINE, 1))) * cos(2 * M_PI * $this->between(0, 1));
    }

    /** A whole number, both ends among them. */
    public function whole(int $low, int $high): int
    {
        return $this->randomizer->getInt($low, $high);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $list
     * @return T
     */
    public function oneOf(array $list): mixed
    {
        return $list[$this->randomizer->getInt(0, count($list) - 1)];
    }

    /** So many bytes of noise. */
    public function bytes(int $length): string
    {
        return $length < 1 ? '' : $this->randomizer->getBytes($length);
    }
}
