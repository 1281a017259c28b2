<?php

declare(strict_types=1);

use CleanRace\Core\Catalogue\BallSet;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\Spin\ContactMicrophone;
use CleanRace\Core\Practice\Bench\Spin\Fault;
use CleanRace\Core\Practice\Bench\Spin\Nuisance;
use CleanRace\Core\Practice\Bench\Spin\Scene;
use CleanRace\Core\Sound\TurningRing;
use Random\Engine\Mt19937;

/*
 * A contact microphone that is not there, held to a wheel that is not either. Writes a WAV file, and says on standard output when
 * its person tapped, as bench:listen takes it. The same seed is the same recording.
 *
 *   php ops/microphone-stand-in.php wheel.wav --bearing=6204 --turning=outer --fault=outer --size=25 --seed=1
 */

require __DIR__.'/../vendor/autoload.php';

const USAGE = <<<'TEXT'
php ops/microphone-stand-in.php FILE.wav [options]

  --seed=1            the same seed is the same recording
  --bearing=6204      its number
  --turning=outer     the ring that turns: outer or inner
  --fault=none        outer, inner, ball, dry, dirt or none
  --size=20           about 7 is light, 18 medium, 40 heavy; of dry and dirt 1 to 8
  --far               the microphone sits on the other side
  --rub=0             how hard a brake rubs once a turn: 3 to 25
  --tick=0            how hard a spoke ticks once a turn: 20 to 90
  --pawls=0           clicks of a freehub in a turn
  --speed=2.6         turns a second when the hand lets go
  --seconds=19        of all
  --scatter=0.03      of the taps, in seconds
  --with=voice,wind   voice, wind, knocks, thumps (taps on the screen), clipping, no_touch, telephone
  --rate=16000        samples a second

TEXT;

$options = [];
$file = null;
foreach (array_slice($argv, 1) as $said) {
    if (preg_match('/^--([a-z]+)(?:=(.*))?$/', $said, $found) === 1) {
        $options[$found[1]] = $found[2] ?? '1';
    } else {
        $file ??= $said;
    }
}
$odd = array_diff(array_keys($options), [
    'seed', 'bearing', 'turning', 'fault', 'size', 'far', 'rub', 'tick', 'pawls', 'speed', 'seconds', 'scatter', 'with', 'rate',
]);
if ($file === null || $odd !== []) {
    fwrite(STDERR, ($odd === [] ? '' : 'There is no --'.reset($odd).".\n").USAGE);
    exit(1);
}
$number = static fn (string $name, float $otherwise, float $least, float $most): float => max(
    $least,
    min($most, is_numeric($options[$name] ?? null) ? (float) $options[$name] : $otherwise),
);
$bearing = (new DesignationReader())->readings($options['bearing'] ?? '6204')[0]->size;
$turning = TurningRing::tryFrom($options['turning'] ?? 'outer');
$fault = Fault::tryFrom($options['fault'] ?? 'none');
if ($bearing === null || $turning === null || $fault === null) {
    fwrite(STDERR, "There is no such bearing, ring or fault.\n".USAGE);
    exit(1);
}
$recorded = (new ContactMicrophone(new Chance(new Mt19937((int) $number('seed', 1, 0, 1e9)))))->record(new Scene(
    BallSet::of($bearing),
    $turning,
    $fault,
    $number('size', 20, 0, 100),
    isset($options['far']),
    $number('rub', 0, 0, 100),
    $number('tick', 0, 0, 200),
    (int) $number('pawls', 0, 0, 200),
    $number('speed', 2.6, 0.2, 6),
    $number('seconds', 19, 2, 60),
    $number('scatter', 0.03, 0, 0.3),
    array_values(array_filter(array_map(Nuisance::tryFrom(...), explode(',', $options['with'] ?? '')))),
    (int) $number('rate', 16_000, 8_000, 96_000),
));
file_put_contents($file, $recorded->wave());
echo implode(',', array_map(static fn (float $at): string => sprintf('%.3f', $at), $recorded->taps)), "\n";
