<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bench\DueDay;
use App\Bench\Notes;
use App\Models\DueItem;
use App\Models\FittedSet;
use App\Models\Job;
use App\Models\MeterReading;
use App\Shapes\Json;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\LookAgain;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\FrontWheel;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Proving\AfterSigning;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;
use Illuminate\Support\Carbon;

/** Notes of a job that is signed what outlives it: the set that was fitted, what is to be looked at again, and when. */
final readonly class LookAhead
{
    public function __construct(private AfterSigning $after)
    {
    }

    /** @param  ?Message  $noted what was used and is looked at again the next time */
    public function __invoke(Job $job, ?Message $noted = null): void
    {
        $notebook = Notes::notebookOf($job);
        $signed = $job->signed_at ?? Carbon::now();
        // What was to be looked at of the set before it went out with that set.
        DueItem::query()
            ->where('machine_id', $job->machine_id)
            ->where('wheel', $job->wheel)
            ->whereIn('kind', ['life', 'recheck'])
            ->whereNull('settled_at')
            ->update(['settled_at' => $signed]);
        $this->meter($job, $notebook);
        $this->carried($job, $notebook, $signed, $noted);
        $this->recheck($job, $notebook, $signed);
        $this->fitted($job, $notebook, $signed);
    }

    private function meter(Job $job, Notebook $notebook): void
    {
        $said = $notebook->value(Places::METER);
        if (is_numeric($said['amount'] ?? null) && is_string($said['unit'] ?? null)) {
            self::keep(
                new MeterReading([
                    'machine_id' => $job->machine_id,
                    'job_id' => $job->id,
                    'amount' => (float) $said['amount'],
                    'unit' => $said['unit'],
                    'read_on' => $job->created_at,
                ]),
                $job,
            );
        }
    }

    private function carried(Job $job, Notebook $notebook, Carbon $signed, ?Message $noted): void
    {
        [$what, $when] = [$notebook->text(Places::CARRY), $notebook->text(Places::CARRY_WHEN)];
        if ($what === null && $when === null && $noted === null) {
            return;
        }
        try {
            $day = $when === null ? null : DueDay::of(LookAgain::read($when), $signed, $job->machine_id);
        } catch (InvalidInput) {
            $day = null;
        }
        $words = match (true) {
            $noted === null => $what ?? Message::plain('Look again'),
            $what === null => $noted,
            default => Message::listed([Written::of($what), $noted], '. '),
        };
        $this->due($job, 'carry', $words, $day);
    }

    private function recheck(Job $job, Notebook $notebook, Carbon $signed): void
    {
        $what = $this->after->recheck(FrontWheel::of(HubPatterns::find($job->pattern), $notebook), $notebook);
        if ($what !== null) {
            $this->due($job, 'recheck', $what, DueDay::of(LookAgain::inDays($this->after->recheckDays()), $signed, $job->machine_id));
        }
    }

    /** The set in this wheel: the one before it ended today, and the like of it say how long this one may last. */
    private function fitted(Job $job, Notebook $notebook, Carbon $signed): void
    {
        $new = [$notebook->text(PlacesOf::newNumber(Side::Left->value)), $notebook->text(PlacesOf::newNumber(Side::Right->value))];
        $numbers = array_values(
            array_unique(
                array_filter(
                    array_filter($new) === []
                        ? [$notebook->text(PlacesOf::number(Side::Left->value)), $notebook->text(PlacesOf::number(Side::Right->value))]
                        : $new,
                ),
            ),
        );
        $said = $notebook->value(Places::METER);
        [$meter, $unit] =
            is_numeric($said['amount'] ?? null) && is_string($said['unit'] ?? null)
                ? [(float) $said['amount'], $said['unit']]
                : [null, null];
        $before = FittedSet::query()
            ->where('machine_id', $job->machine_id)
            ->where('wheel', $job->wheel)
            ->whereNull('ended_on')
            ->orderByDesc('fitted_on')
            ->first();
        $before?->update([
            'ended_on' => $signed,
            'lasted_days' => (int) $before->fitted_on->diffInDays($signed, true),
            'lasted_meter' => $meter !== null && $before->meter !== null && $before->meter_unit === $unit
                ? max(0.0, $meter - $before->meter)
                : null,
        ]);
        self::keep(
            new FittedSet([
                'machine_id' => $job->machine_id,
                'job_id' => $job->id,
                'wheel' => $job->wheel,
                'pattern' => $job->pattern,
                'bearings' => mb_substr(implode(', ', $numbers), 0, 200),
                'fitted_on' => $signed,
                'meter' => $meter,
                'meter_unit' => $unit,
            ]),
            $job,
        );

        $lives = FittedSet::query()->where('pattern', $job->pattern)->where('shop_id', $job->shop_id)->whereNotNull('lasted_days');
        $count = $lives->count();
        if ($count >= $this->after->enoughSets()) {
            $median = (float) $lives
                ->selectRaw('percentile_cont(0.5) within group (order by lasted_days) as median')
                ->toBase()
                ->value('median');
            $this->due(
                $job,
                'life',
                Message::plain('As long as such sets last here: look, listen, plan'),
                DueDay::of(LookAgain::inDays(max(1, (int) round($median))), $signed, $job->machine_id),
                $count,
            );
        }
    }

    /** @param  Message|string  $what words of the program, or what somebody wrote */
    private function due(Job $job, string $kind, Message|string $what, ?DueDay $day, ?int $restsOn = null): void
    {
        $words = $what instanceof Message ? $what : null;
        self::keep(
            new DueItem([
                'machine_id' => $job->machine_id,
                'job_id' => $job->id,
                'kind' => $kind,
                'wheel' => $job->wheel,
                'what' => mb_substr(Message::plain($what)->inEnglish(), 0, 500),
                'words' => $words === null ? null : Json::of($words),
                'due_on' => $day?->on,
                'due_meter' => $day?->meter,
                'meter_unit' => $day?->unit,
                'rests_on' => $restsOn,
            ]),
            $job,
        );
    }

    private static function keep(DueItem|FittedSet|MeterReading $row, Job $job): void
    {
        $row->forceFill(['shop_id' => $job->shop_id])->save();
    }
}
