<?php

declare(strict_types=1);

namespace App\Sounds;

use App\Bench\Notes;
use App\Bench\Workbench;
use App\Models\Hearing;
use App\Models\Job;
use App\Models\Recording;
use Illuminate\Support\Carbon;

/** What recordings tell: kept with a digest of what it follows from, and worked out anew by the worker when that is another. */
final readonly class Hearings
{
    /** Asked again meanwhile, nothing more is begun: whoever asks comes every second. */
    private const BEGUN_S = 30;

    public function __construct(private Workbench $workbench)
    {
    }

    /** @return array{?Hearing, bool} as it stands, and whether it is listened to this moment */
    public function of(Recording $recording): array
    {
        $hearing = Hearing::query()->find($recording->id);
        $job = Job::query()->with('shop')->findOrFail($recording->job_id);
        $question = Question::about($recording, Notes::notebookOf($job), $job, $this->workbench);
        if ($question === null || $recording->erased_at !== null || $hearing?->asked === $question->digest()) {
            return [$hearing, false];
        }
        self::listen($recording->shop_id, $recording->id);

        return [$hearing, true];
    }

    /** Has a recording listened to, behind the answer. */
    public static function listen(int $shop, string $recording): void
    {
        if (cache()->add("hearing.$recording", true, Carbon::now()->addSeconds(self::BEGUN_S))) {
            HearRecording::dispatch($shop, $recording)->onQueue('sounds');
        }
    }
}
