<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\KeepRecording;
use App\Models\Job;
use App\Models\User;
use App\Sounds\Hearings;
use App\Sounds\HearRecording;
use CleanRace\Core\Catalogue\BallSet;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\Spin\ContactMicrophone;
use CleanRace\Core\Practice\Bench\Spin\Fault;
use CleanRace\Core\Practice\Bench\Spin\Scene;
use CleanRace\Core\Sound\TurningRing;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;

/** Recordings of wheels that are not there, by a microphone that is not there either: always the same ones. */
final readonly class DemoSounds
{
    private const SECONDS = 15.0;

    private const RATE = 16_000;

    public function __construct(private DemoJob $demo)
    {
    }

    /**
     * Records a wheel on two bearings of 20 × 47.
     *
     * @param  bool  $now whether it is listened to before anything else is done, and not behind the answer
     * @param  float  $size of the fault, and how hard a brake rubs: as {@see Scene} takes them
     */
    public function record(
        Job $job,
        User $by,
        string $place,
        int $seed,
        Carbon $at,
        Fault $fault = Fault::None,
        float $size = 10.0,
        float $rub = 0.0,
        bool $now = false,
    ): void {
        $balls = BallSet::usual(Length::mm(20), Length::mm(47));
        $scene = new Scene($balls, TurningRing::Outer, $fault, $size, rub: $rub, seconds: self::SECONDS, rate: self::RATE);
        $recorded = (new ContactMicrophone(new Chance(new Mt19937($seed))))->record($scene);
        $id = (string) Str::uuid7();
        KeepRecording::row($job, $by, $id, $recorded->wave(), self::RATE, self::SECONDS);
        $this->demo->enter(
            $job,
            $by,
            [['place' => $place, 'entry' => ['recording' => $id, 'taps' => $recorded->taps, 'taps_heard' => false]]],
            $at,
        );
        $now ? HearRecording::dispatchSync($job->shop_id, $id) : Hearings::listen($job->shop_id, $id);
    }
}
