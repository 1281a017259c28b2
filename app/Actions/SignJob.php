<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bench\Notes;
use App\Bench\Workbench;
use App\Cards\SoundsOnCard;
use App\Http\Conflicts\Conflict;
use App\Models\Job;
use App\Models\SignOff;
use App\Models\User;
use App\Shapes\Json;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Proving\Block;
use CleanRace\Core\Proving\Prove;
use Illuminate\Support\Carbon;

use function Illuminate\Support\defer;

use Illuminate\Support\Facades\DB;

/** Closes a job with a name, and keeps the report as it stood. */
final readonly class SignJob
{
    public function __construct(private Workbench $workbench, private NoteStanding $noteStanding, private LookAhead $lookAhead)
    {
    }

    /** @throws Conflict when it is signed already, or something stands in the way */
    public function __invoke(Job $job, User $by): SignOff
    {
        return DB::transaction(function () use ($job, $by): SignOff {
            $job = Job::query()->whereKey($job->id)->with('shop', 'machine')->lockForUpdate()->firstOrFail();
            $job->mustBeOpen();
            $notes = Notes::of($job);
            $report = $this->workbench->report($job, $notes->notebook());
            if (! $report->maySign) {
                throw Conflict::blocked(self::open($report->blocks));
            }
            if (Prove::secondWanted($job->shop->habits) && ($notes->current[Places::SECOND]->author_id ?? $by->id) === $by->id) {
                throw Conflict::blocked([
                    [
                        'field' => Places::SECOND,
                        'detail' => 'Prove: whoever looked it over cannot sign it as well. Another of the shop signs.',
                    ],
                ]);
            }
            $now = Carbon::now();
            $signOff = new SignOff([
                'job_id' => $job->id,
                'author_id' => $by->id,
                'signed_at' => $now,
                'card' => [
                    'report' => Json::of($report),
                    'signed_as' => $by->role->value,
                    'sounds' => SoundsOnCard::of($job, $notes->current),
                ],
            ]);
            $signOff->forceFill(['shop_id' => $job->shop_id])->save();
            $job->forceFill(['signed_at' => $now, 'signed_by' => $by->id])->save();
            ($this->lookAhead)($job, $report->carried);

            defer(fn () => ($this->noteStanding)($job->id));

            return $signOff;
        });
    }

    /**
     * @param  list<Block>  $blocks
     * @return list<array{field: string, detail: string}>
     */
    private static function open(array $blocks): array
    {
        $open = array_values(array_filter($blocks, static fn (Block $b): bool => $b->open));

        return array_map(
            static fn (Block $b): array => ['field' => $b->step, 'detail' => $b->station->label().': '.$b->what->inEnglish()],
            $open,
        );
    }
}
