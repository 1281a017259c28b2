<?php

declare(strict_types=1);

/*
 * Times listening by itself:  php ops/listening.php
 *
 * Half a minute of sound at 48 kHz, with taps and without: seconds, and how much memory it took at most. The wheel is simulated
 * first, which is not counted.
 */

use CleanRace\Core\Catalogue\BallSet;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\Spin\ContactMicrophone;
use CleanRace\Core\Practice\Bench\Spin\Fault;
use CleanRace\Core\Practice\Bench\Spin\Scene;
use CleanRace\Core\Sound\Beside;
use CleanRace\Core\Sound\Hearing\Taps;
use CleanRace\Core\Sound\Listen\Listen;
use CleanRace\Core\Sound\TurningRing;
use CleanRace\Core\Sound\Wave\WaveFile;
use CleanRace\Core\Tables\Limits;
use Random\Engine\Mt19937;

require __DIR__.'/../vendor/autoload.php';

const SECONDS = 30.0;
const RATE = 48_000;
const MOST_S = 3.0;
const MOST_MB = 64.0;

$file = sys_get_temp_dir().'/clean-race-listening-'.getmypid();
$balls = BallSet::usual(Length::mm(20), Length::mm(47));
$scene = new Scene($balls, TurningRing::Outer, Fault::Outer, 30.0, seconds: SECONDS, rate: RATE);
$recorded = (new ContactMicrophone(new Chance(new Mt19937(1))))->record($scene);
file_put_contents($file, $recorded->wave());
$taps = $recorded->taps;
unset($recorded);
gc_collect_cycles();
$listen = new Listen(Limits::standard());
$ranges = $listen->ranges('6204', null, null, TurningRing::Outer);
foreach (['with taps' => Taps::at($taps), 'without' => Taps::none()] as $how => $with) {
    memory_reset_peak_usage();
    $begun = microtime(true);
    $stream = fopen($file, 'rb') ?: exit("No file.\n");
    $heard = $listen->said($listen->hear(WaveFile::of($stream), $with, $ranges, Beside::any()), $ranges);
    [$took, $held] = [microtime(true) - $begun, memory_get_peak_usage() / 1e6];
    printf("%s %-10s %5.2f s %6.1f MB  (wanted at most %.0f s, %.0f MB) %s\n", ...[
        $took <= MOST_S && $held <= MOST_MB ? 'ok  ' : 'MISS', $how, $took, $held, MOST_S, MOST_MB, $heard->finding->value,
    ]);
}
unlink($file);
