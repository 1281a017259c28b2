<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench\Spin;

use CleanRace\Core\Practice\Bench\Chance;

/** A person who taps as a mark passes: a little early or late, now and then not at all or twice. */
final readonly class Tapper
{
    private const MISSED = 0.02;

    private const TWICE = 0.01;

    public function __construct(private Chance $chance)
    {
    }

    /**
     * @param  list<float>  $passes s
     * @return list<float> s
     */
    public function taps(array $passes, float $scatter): array
    {
        $taps = [];
        foreach (array_slice($passes, 1) as $pass) {
            $luck = $this->chance->between(0, 1);
            if ($luck < self::MISSED) {
                continue;
            }
            $taps[] = $pass + $this->chance->error($scatter);
            if ($luck > 1 - self::TWICE) {
                $taps[] = end($taps) + $this->chance->between(0.05, 0.1);
            }
        }
        sort($taps);

        return $taps;
    }
}
