<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Concerns\ShopAtHand;
use App\Models\Job;
use App\Models\Shop;
use App\Store\RecordChain;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;

/** Checks that the records of jobs are as they came: one line for each job that is not, or of which something was erased. */
final class BenchCheckRecords extends Command
{
    protected $signature = 'bench:check-records {--job= : the number of one job, with its code} {--shop= : the id of one shop}';

    protected $description = 'Check the chain of every job\'s records against what is kept';

    public function handle(ShopAtHand $atHand): int
    {
        $shops = Shop::query()->when($this->option('shop'), static fn ($q, $id) => $q->whereKey($id))->get();
        $seen = 0;
        $broken = 0;
        foreach ($shops as $shop) {
            $atHand->within($shop->id, function () use ($shop, &$seen, &$broken): void {
                $jobs = Job::query()->when($this->option('job'), static fn ($q, $number) => $q->where('number', $number))->orderBy('id');
                foreach ($jobs->lazy() as $job) {
                    $chain = RecordChain::of($job);
                    $seen++;
                    $broken += $chain->broken === [] ? 0 : 1;
                    $this->tell($shop, $job, $chain);
                }
            });
        }
        $this->line("$seen jobs checked, $broken of them not as they were.");

        return $broken === 0 && $seen > 0 ? self::SUCCESS : self::FAILURE;
    }

    private function tell(Shop $shop, Job $job, RecordChain $chain): void
    {
        $name = "Job {$job->number} of {$shop->name}";
        if ($chain->broken !== []) {
            $this->error("$name: changed at ".implode(', ', $chain->broken));
        }
        foreach (array_unique(array_map(static fn (Carbon $at): string => $at->format('Y-m-d'), $chain->erased)) as $day) {
            $this->line("$name: erased on $day");
        }
        if ($this->option('job') !== null) {
            $this->line("$name: ".($chain->code ?? 'no records'));
        }
    }
}
