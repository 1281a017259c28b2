<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Bench\Today;
use CleanRace\Core\Job\BenchBlock;
use stdClass;

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
    public function __construct(
        public int $from,
        public bool $chosen,
        public array $jobs,
        public array $hands,
        public array $waits,
        public int $idle,
        public int $end,
    ) {
    }

    public static function of(Today $today, int $from): self
    {
        $job = static function (stdClass $row) use ($today): BenchJob {
            $card = JobCard::of($row);

            return new BenchJob($card, $today->minutes[$card->id] ?? 0, $today->day->ends[$card->id] ?? null, $card->partsOn);
        };

        return new self(
            $from,
            $today->chosen,
            array_values($today->jobs->map($job)->all()),
            $today->day->hands,
            $today->day->waits,
            $today->day->idle,
            $today->day->end,
        );
    }
}
