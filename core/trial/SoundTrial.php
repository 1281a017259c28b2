<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\Spin\ContactMicrophone;
use CleanRace\Core\Sound\Beside;
use CleanRace\Core\Sound\Finding\Heard;
use CleanRace\Core\Sound\Finding\HeardWheel;
use CleanRace\Core\Sound\Hearing\Taps;
use CleanRace\Core\Sound\Orders\PartRanges;
use CleanRace\Core\Sound\Wave\WaveFile;
use CleanRace\Core\Tables\Limits;

/** Simulated wheels, spun, recorded and tapped, or not tapped: how often what is heard is what is there. */
final readonly class SoundTrial implements Trial
{
    private const SPOILED = 'clipping|wind|voice|few';

    private const BEARING = '(outer|inner|ball)_.*';

    private const ENOUGH_TURNS = 15;

    /** @param  ?list<string>  $kinds of scenes; null for all */
    public function __construct(private Limits $limits, private bool $tapped = true, private ?array $kinds = null)
    {
    }

    /** @param  int  $jobs of each kind */
    public function run(Chance $chance, int $jobs): array
    {
        $scenes = [];
        for ($i = 0; $i < $jobs; $i++) {
            foreach ($this->kinds ?? SoundScenes::kinds() as $kind) {
                $scenes[] = $this->heard($chance, $kind);
            }
        }
        $heard = new HeardScenes($scenes);

        return $this->tapped
            ? [...self::tapped($heard), ...$heard->byKind('sound')]
            : [...self::untapped($heard), ...$heard->byKind('untapped')];
    }

    private function heard(Chance $chance, string $kind): HeardScene
    {
        [$scene, $thought] = (new SoundScenes($chance))->draw($kind);
        $recorded = (new ContactMicrophone($chance))->record($scene);

        return HeardScene::of($kind, $scene->fault, HeardWheel::in(
            WaveFile::ofText($recorded->wave()),
            $this->tapped ? Taps::at($recorded->taps) : Taps::none(),
            PartRanges::of($thought, $scene->turning, $this->limits),
            Beside::any(),
            $this->limits,
        ));
    }

    /** @return list<TrialFigure> */
    private static function tapped(HeardScenes $heard): array
    {
        $right = static fn (HeardScene $one): bool => $one->namesRight();
        $named = static fn (HeardScene $one): bool => $one->names();
        $unclear = static fn (HeardScene $one): bool => $one->is(Heard::Unclear);
        $bad = static fn (HeardScene $one): bool => ! $one->is(Heard::Quiet, Heard::Unclear);
        $long = static fn (HeardScene $one): bool => $one->turns >= self::ENOUGH_TURNS;

        return [
            $heard->that($named)->atLeast('sound: a part that is named is the one', $right, 0.95),
            $heard->of('(outer|inner)_(medium|heavy)')->that($long)
                ->atLeast('sound: medium and heavy pits of rings, near side, 15 turns or more', $right, 0.85),
            $heard->of('outer_light|inner_light|ball_.*')->atMost(
                'sound: light pits and balls, the wrong part named',
                static fn (HeardScene $one): bool => $one->names() && ! $one->namesRight(),
                0.02,
            ),
            $heard->of('rub|tick')->atMost('sound: what comes once a turn called a bearing', $named, 0.02),
            $heard->of(self::BEARING)
                ->atMost('sound: a bearing called a rub', static fn (HeardScene $one): bool => $one->is(Heard::Rub), 0.03),
            $heard->of('none')->atMost('sound: a sound wheel called bad', $bad, 0.02),
            $heard->of('none_guessed')->atMost('sound: a sound wheel called bad, its balls guessed', $bad, 0.04),
            $heard->of(self::SPOILED)->atLeast('sound: clipped, wind, talk, too few turns: unclear', $unclear, 0.90),
            $heard->of('knocks|no_touch')->atLeast('sound: knocks and a microphone that does not touch: unclear', $unclear, 0.80),
            $heard->of('(outer|inner|ball|dry|dirt|none).*')->atMost('sound: a good recording unclear', $unclear, 0.10),
        ];
    }

    /** @return list<TrialFigure> */
    private static function untapped(HeardScenes $heard): array
    {
        $rub = static fn (HeardScene $one): bool => $one->is(Heard::Rub);
        $bearing = static fn (HeardScene $one): bool => $one->asABearing;

        return [
            $heard->atMost('untapped: a part named', static fn (HeardScene $one): bool => $one->names(), 0.02),
            $heard->of('rub|tick')->atLeast('untapped: what comes once a turn called so', $rub, 0.85),
            $heard->of('rub|tick')->atMost('untapped: what comes once a turn said to be as of a bearing', $bearing, 0.02),
            $heard->of('(outer|inner)_(medium|heavy)')
                ->atLeast('untapped: medium and heavy pits of rings said to be as of a bearing', $bearing, 0.75),
            $heard->of(self::BEARING)->atMost('untapped: a bearing called a rub', $rub, 0.03),
            $heard->of('none.*')->atMost(
                'untapped: a sound wheel called bad, or said to be as of a bearing',
                static fn (HeardScene $one): bool => ! $one->is(Heard::Quiet, Heard::Unclear) || $one->asABearing,
                0.02,
            ),
            $heard->of(self::SPOILED)->atLeast(
                'untapped: clipped, wind, talk, too short: unclear',
                static fn (HeardScene $one): bool => $one->is(Heard::Unclear),
                0.90,
            ),
        ];
    }
}
