<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Conflicts\Conflict;
use App\Models\Job;
use App\Models\Recording;
use App\Models\User;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sound\Wave\HalfRate;
use CleanRace\Core\Sound\Wave\WaveFile;
use CleanRace\Core\Sound\Wave\WaveText;
use Illuminate\Support\Facades\DB;

/** Keeps a recording, written anew. The same id twice is one recording. */
final readonly class KeepRecording
{
    private const SALT_BYTES = 32;

    private const FAST = 48_000;

    /**
     * @param  string  $file as it came
     *
     * @throws InvalidInput when it is no recording
     * @throws Conflict when the job is signed, or the id stands for another recording
     */
    public function __invoke(Job $job, User $by, string $id, string $file): Recording
    {
        $kept = self::keptAs($id, $job);
        if ($kept !== null) {
            return $kept;
        }
        $job->mustBeOpen();
        [$wave, $rate, $seconds] = self::writtenAnew($file);

        return DB::transaction(static function () use ($job, $by, $id, $wave, $rate, $seconds): Recording {
            // Whoever signs holds this row: a recording comes before the signature, or not at all.
            $job = Job::query()->whereKey($job->id)->lockForUpdate()->firstOrFail();
            $kept = self::keptAs($id, $job);
            if ($kept !== null) {
                return $kept;
            }
            $job->mustBeOpen();

            return self::row($job, $by, $id, $wave, $rate, $seconds);
        });
    }

    public static function row(Job $job, User $by, string $id, string $wave, int $rate, float $seconds): Recording
    {
        $salt = random_bytes(self::SALT_BYTES);
        $recording = new Recording([
            'id' => $id,
            'rate' => $rate,
            'seconds' => round($seconds, 2),
            'digest' => hash('sha256', $salt.$wave),
            'salt' => DB::raw("'\\x".bin2hex($salt)."'"),
            'wav' => DB::raw("decode('".base64_encode($wave)."', 'base64')"),
        ]);
        $recording->forceFill(['shop_id' => $job->shop_id, 'job_id' => $job->id, 'author_id' => $by->id])->save();

        return $recording;
    }

    /**
     * One channel of sixteen bits at 48 kHz at most, with nothing else that stood in the file.
     *
     * @return array{string, int, float} the file, samples a second, and how long it is
     *
     * @throws InvalidInput when it is no recording
     */
    public static function writtenAnew(string $file): array
    {
        $wave = WaveFile::ofText($file);
        $halved = $wave->rate > self::FAST;
        $rate = $halved ? intdiv($wave->rate, 2) : $wave->rate;

        return [WaveText::ofPieces($halved ? HalfRate::of($wave->pieces()) : $wave->pieces(), $rate), $rate, $wave->seconds()];
    }

    /** @throws Conflict when the id stands for another recording */
    private static function keptAs(string $id, Job $job): ?Recording
    {
        $kept = Recording::query()->withoutGlobalScopes()->find($id, Recording::SHEET);

        return $kept === null || $kept->job_id === $job->id ? $kept : throw Conflict::idTaken();
    }
}
