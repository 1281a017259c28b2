<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Bench\History;
use App\JobFile\KnownKeys;
use App\Models\Shop;
use stdClass;

/** A machine with the jobs done on it and what was carried forward. */
final readonly class MachineHistory
{
    /**
     * @param  list<PastJob>  $jobs newest first
     * @param  list<SetCard>  $sets newest first
     * @param  list<DueCard>  $due the next first
     */
    public function __construct(public MachineCard $machine, public array $jobs, public array $sets, public array $due)
    {
    }

    public static function of(History $history, Shop $shop): self
    {
        $taken = array_filter($history->jobs, static fn (stdClass $job): bool => $job->origin !== null);
        $keys = $taken === [] ? null : KnownKeys::of($shop);
        $machine = MachineCard::of($history->machine);

        return new self(
            $machine,
            array_map(static fn (stdClass $job): PastJob => PastJob::of($job, $keys), $history->jobs),
            array_map(SetCard::of(...), $history->sets),
            array_map(static fn (stdClass $item): DueCard => DueCard::on($machine, $item), $history->due),
        );
    }
}
