<?php

declare(strict_types=1);

namespace App\Http\Resources;

use CleanRace\Core\Job\BenchBlock;

/** The bench day as it is planned: times in minutes after midnight. */
final readonly class BenchDaySheet
{
    /**
     * @param  bool  $chosen whether somebody put these jobs in this order
     * @param  list<BenchJob>  $jobs
     * @param  list<BenchBlock>  $hands
     * @param  list<BenchBlock>  $waits
     * @param  int  $idle minutes in which nothing can be done
     */
    public function __construct(public int $from, public bool $chosen, public array $jobs, public array $hands, public array $waits, public int $idle, public int $end)
    {
    }
}
