<?php

declare(strict_types=1);

namespace App\Sounds;

use App\Actions\NoteStanding;
use App\Bench\Notes;
use App\Bench\Workbench;
use App\Models\Concerns\ShopAtHand;
use App\Models\Hearing;
use App\Models\Job;
use App\Models\Recording;
use App\Shapes\Json;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sound\Finding\HeardWheel;
use CleanRace\Core\Sound\Hearing\Taps;
use CleanRace\Core\Sound\Listen\Listen;
use CleanRace\Core\Sound\Orders\PartRanges;
use CleanRace\Core\Sound\Wave\WaveFile;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Throwable;

/** Listens to a recording behind the answer, and keeps what it tells. */
final class HearRecording implements ShouldQueue
{
    use Queueable;

    /** Seconds. */
    public int $timeout = 60;

    public int $tries = 3;

    public function __construct(private readonly int $shop, private readonly string $recording)
    {
    }

    public function handle(ShopAtHand $atHand, Workbench $workbench, Listen $listen, NoteStanding $noteStanding): void
    {
        $atHand->within($this->shop, function () use ($workbench, $listen, $noteStanding): void {
            $recording = Recording::query()->find($this->recording);
            $job = $recording === null ? null : Job::query()->with('shop')->find($recording->job_id);
            if ($recording === null || $job === null || $recording->erased_at !== null) {
                return;
            }
            $question = Question::about($recording, Notes::notebookOf($job), $job, $workbench);
            if ($question === null) {
                return;
            }
            try {
                self::tell($recording, $question, self::heard($recording, $question, $listen), null);
            } catch (InvalidInput $fault) {
                self::tell($recording, $question, null, $fault->getMessage());
            }
            $noteStanding($job->id);
        });
    }

    /** It is said that it cannot be, and not tried for ever. */
    public function failed(?Throwable $fault): void
    {
        app(ShopAtHand::class)->within($this->shop, function (): void {
            $recording = Recording::query()->find($this->recording, Recording::SHEET);
            $job = $recording === null ? null : Job::query()->with('shop')->find($recording->job_id);
            $question = $recording === null || $job === null
                ? null
                : Question::about($recording, Notes::notebookOf($job), $job, app(Workbench::class));
            if ($recording !== null && $question !== null) {
                self::tell($recording, $question, null, 'The program failed over it. It can be played, but tells nothing.');
            }
        });
    }

    /** @param  ?array<string, mixed>  $heard */
    private static function tell(Recording $recording, Question $question, ?array $heard, ?string $fault): void
    {
        $told = ['asked' => $question->digest(), 'heard' => $heard, 'fault' => $fault, 'heard_at' => Carbon::now()];
        $hearing = Hearing::query()->find($recording->id) ?? new Hearing(['recording_id' => $recording->id]);
        $hearing->fill($told)->forceFill(['shop_id' => $recording->shop_id, 'job_id' => $recording->job_id])->save();
        cache()->forget("hearing.{$recording->id}");
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidInput when it cannot be listened to
     */
    private static function heard(Recording $recording, Question $question, Listen $listen): array
    {
        $ranges = $listen->ranges($question->bearing->number, null, null, $question->bearing->turning);
        $now = self::wheel($recording, $question->taps, $question->tapsAreHeard, $ranges, $question, $listen);
        $before = $question->before === null ? null : Recording::query()->find($question->before);
        $then = $before === null || $before->erased_at !== null
            ? null
            : self::wheel($before, $question->tapsBefore, $question->tapsBeforeAreHeard, $ranges, $question, $listen);
        $said = json_encode(Json::of($listen->said($now, $ranges, $then)), JSON_THROW_ON_ERROR | Json::FLAGS);

        /** @var array<string, mixed> */
        return json_decode($said, true, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * @param  list<float>  $taps
     *
     * @throws InvalidInput
     */
    private static function wheel(
        Recording $recording,
        array $taps,
        bool $tapsAreHeard,
        ?PartRanges $ranges,
        Question $question,
        Listen $listen,
    ): HeardWheel {
        $file = WaveFile::ofText($recording->wave() ?? '');

        return $listen->hear($file, Taps::at($taps, $tapsAreHeard), $ranges, $question->bearing->beside);
    }
}
