<?php

declare(strict_types=1);

namespace CleanRace\Core\Job;

/** One job of a bench day: what is left of it, piece by piece. */
final readonly class BenchTask
{
    /**
     * @param  list<BenchPiece>  $pieces in the order of the work
     * @param  int  $readyAt minutes from midnight from which it may be begun
     */
    public function __construct(public int $job, public array $pieces, public int $readyAt = 0)
    {
    }

    /** @return int minutes of hands that are left */
    public function handMinutes(): int
    {
        return array_sum(array_map(static fn (BenchPiece $p): int => $p->hand, $this->pieces));
    }
}
