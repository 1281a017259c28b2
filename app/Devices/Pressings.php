<?php

declare(strict_types=1);

namespace App\Devices;

use App\Http\Conflicts\Conflict;
use App\Models\Job;
use App\Models\Pressing;
use App\Models\User;
use App\Shapes\Json;
use CleanRace\Core\Seating\Press\PressSetup;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** The pressings of a ring: begun by one, looked on by many, followed by the {@see PressWatch}. */
final class Pressings
{
    /** Seconds without a word after which it is taken for over. */
    private const SILENT_S = 20;

    /**
     * @param  array<string, string|int|float>  $begin
     * @return array{Pressing, bool} the pressing, and whether it is new
     *
     * @throws Conflict when the id stands for another
     */
    public function begin(Job $job, User $by, string $id, string $seat, array $begin, PressSetup $setup): array
    {
        $latest = $this->latest($job, $seat);
        if ($latest !== null && ($latest->state === PressingState::Waiting || $latest->state === PressingState::Running)) {
            return [$this->whole($latest), false];
        }
        $id = $id === '' ? (string) Str::uuid7() : mb_strtolower($id);
        $pressing = Pressing::query()->withoutGlobalScopes()->createOrFirst(['id' => $id], [
            'job_id' => $job->id,
            'by_id' => $by->id,
            'seat' => $seat,
            'state' => PressingState::Waiting,
            'begin' => $begin,
            'setup' => json_encode(Json::of($setup), JSON_THROW_ON_ERROR | Json::FLAGS),
            'asked_at' => Carbon::now(),
        ]);
        if ($pressing->job_id !== $job->id || $pressing->seat !== $seat) {
            throw Conflict::idTaken();
        }

        return [$this->whole($pressing), $pressing->wasRecentlyCreated];
    }

    /** The latest of a ring, as little of it as tells whether something came. */
    public function latest(Job $job, string $seat): ?Pressing
    {
        $latest = Pressing::query()
            ->where('job_id', $job->id)
            ->where('seat', $seat)
            ->orderByDesc('asked_at')
            ->first(['id', 'state', 'count', 'asked_at', 'heard_at']);
        $silent = $latest !== null && ! in_array($latest->state, [PressingState::Ended, PressingState::Failed], true) &&
            ($latest->heard_at ?? Carbon::parse($latest->getAttribute('asked_at')))->diffInSeconds(Carbon::now()) > self::SILENT_S;
        if ($silent) {
            $latest->state = PressingState::Failed;
        }

        return $latest;
    }

    /** All of it. */
    public function whole(Pressing $pressing): Pressing
    {
        $whole = Pressing::query()->whereKey($pressing->id)->firstOrFail();
        $whole->state = $pressing->state === PressingState::Failed ? PressingState::Failed : $whole->state;

        return $whole;
    }

    public function stop(Job $job, string $seat): void
    {
        Pressing::query()
            ->where('job_id', $job->id)
            ->where('seat', $seat)
            ->whereIn('state', [PressingState::Waiting, PressingState::Running])
            ->update(['stop' => true]);
    }
}
