<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Shapes\Json;
use App\Shapes\Ready;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Notebook\Notebook;
use Illuminate\Support\Facades\DB;

/**
 * How a job stands, as JSON: worked out once, kept with a stamp of all that it was worked out from, and worked out anew
 * when another stamp is due. What is kept follows from the records: losing it costs time only.
 */
final readonly class Reports
{
    /**
     * All that a report reads, besides the program and its tables: the job and its records, what its recordings tell, the shop's
     * way, its press and bolt, its wall, what earlier jobs on this wheel noted of fasteners, and which hubs of its kind were signed
     * since (their lock nuts are learnt from).
     */
    private const STAMP = <<<'SQL'
    select md5(concat_ws('|', ?::text, jobs.pattern, jobs.signed_at, jobs.shop_id, shops.habits, shops.press_capacity_n, shops.draw_bolt,
        (select max(seq) from records where job_id = jobs.id),
        (select max(erased_at) from kept_words where job_id = jobs.id),
        (select max(heard_at) from hearings where job_id = jobs.id),
        (select md5(string_agg(tools::text, '|' order by tools.id)) from tools where tools.shop_id = jobs.shop_id),
        (select string_agg(last::text, ',') from (
            select (select max(seq) from records where records.job_id = earlier.id and place like 'fastener.%') as last
            from jobs earlier
            where earlier.machine_id = jobs.machine_id and earlier.wheel = jobs.wheel and earlier.id < jobs.id
            order by earlier.id desc limit 3) lasts),
        (select max(signed_at) from jobs alike where alike.shop_id = jobs.shop_id and alike.pattern = jobs.pattern)
    )) as stamp
    from jobs join shops on shops.id = jobs.shop_id where jobs.id = ?
    SQL;

    public function __construct(private Workbench $workbench)
    {
    }

    /** As the job stands now. */
    public function of(Job $job): Ready
    {
        $kept = DB::selectOne(
            'with due as ('.
                self::STAMP.
                ') select due.stamp, job_reports.body from due left join job_reports on job_reports.job_id = ? and job_reports.stamp '
                    .'= due.stamp',
            [config('app.release'), $job->id, $job->id],
        );

        return new Ready(
            $kept->body ??
                $this->keep($job, $kept->stamp, $this->workbench->report($job->loadMissing('shop'), Notes::notebookOf($job))),
        );
    }

    /**
     * Works a job out, keeps that, and says it: for what needs more of a report than its JSON.
     *
     * @return array{JobReport, Notebook}
     */
    public function anew(Job $job): array
    {
        // The stamp is taken first: a record that comes in between makes another one due, never this one stale.
        $stamp = DB::selectOne(self::STAMP, [config('app.release'), $job->id])->stamp;
        $notebook = Notes::notebookOf($job);
        $report = $this->workbench->report($job, $notebook);
        $this->keep($job, $stamp, $report);

        return [$report, $notebook];
    }

    private function keep(Job $job, string $stamp, JobReport $report): string
    {
        $shown = $job->isSigned() ? AsSigned::shown($job, $report) : Json::of($report);
        $body = json_encode($shown, JSON_THROW_ON_ERROR | Json::FLAGS);
        DB::table('job_reports')->upsert(['job_id' => $job->id, 'stamp' => $stamp, 'body' => $body], ['job_id'], ['stamp', 'body']);

        return $body;
    }
}
