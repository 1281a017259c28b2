<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Catalogue\BallSet;
use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\Spin\Fault;
use CleanRace\Core\Practice\Bench\Spin\Nuisance;
use CleanRace\Core\Practice\Bench\Spin\Scene;
use CleanRace\Core\Sound\TurningRing;
use CleanRace\Core\Tables\Table;

/** Wheels to be listened to, drawn at random, of the kinds that the trial counts. */
final readonly class SoundScenes
{
    /** Strength of a fault, from and to. */
    private const SIZES = ['light' => [4.0, 8.0], 'medium' => [13.0, 26.0], 'heavy' => [28.0, 60.0]];

    private const SHORT_S = 5.5;

    public function __construct(private Chance $chance)
    {
    }

    /** @return list<string> outer_light, none, rub … */
    public static function kinds(): array
    {
        $kinds = [];
        foreach (['outer', 'inner', 'ball', 'dry', 'dirt'] as $fault) {
            foreach (array_keys(self::SIZES) as $size) {
                $kinds[] = "{$fault}_$size";
            }
        }

        return [
            ...$kinds, 'outer_far', 'inner_far', 'outer_guessed', 'inner_guessed', 'none', 'none_guessed',
            'outer_noisy', 'inner_noisy', 'dry_noisy', 'none_noisy',
            'rub', 'tick', 'freehub', 'clipping', 'wind', 'voice', 'few', 'knocks', 'no_touch',
        ];
    }

    /** @return array{Scene, BallSet} the wheel, and the balls that the listener takes it to have */
    public function draw(string $kind): array
    {
        $chance = $this->chance;
        [$fault, $how] = explode('_', "{$kind}_");
        $turning = $chance->oneOf(TurningRing::cases());
        [$true, $thought] = $how === 'guessed' ? $this->guessed() : $this->known();
        $size = self::SIZES[$how] ?? self::SIZES[$chance->oneOf(['medium', 'heavy'])];
        $nuisance = Nuisance::tryFrom($kind);
        $spoiled = $nuisance !== null || $kind === 'few';
        $hurt = $spoiled ? $chance->oneOf(Fault::cases()) : (Fault::tryFrom($fault) ?? Fault::None);
        $nuisances = array_values(array_filter([
            $nuisance,
            $chance->between(0, 1) < 0.1 ? Nuisance::Telephone : null,
        ]));
        $scene = new Scene(
            $true,
            $turning,
            $hurt,
            exp($chance->between(log($size[0]), log($size[1]))) / ($hurt === Fault::Dry || $hurt === Fault::Dirt ? 6 : 1),
            $how === 'far',
            $kind === 'rub' ? $chance->between(3, 25) : 0.0,
            $kind === 'tick' ? $chance->between(20, 90) : 0.0,
            $kind === 'freehub' ? $chance->whole(18, 54) : 0,
            $chance->between(1.9, 3.1),
            $kind === 'few' ? self::SHORT_S - $chance->between(0, 2) : $chance->between(16, 21),
            0.03,
            $nuisances,
            hiss: $how === 'noisy' ? $chance->between(4, 10) : 1.0,
        );

        return [$scene, $thought];
    }

    /** @return array{BallSet, BallSet} a bearing whose balls makers list */
    private function known(): array
    {
        $numbers = array_column(Table::rows('ball_sets'), 'number') ?: ['6204'];
        $set = BallSet::of(Bearing::fromRow(BearingTable::byNumber()[$this->chance->oneOf($numbers)]));

        return [$set, $set];
    }

    /** @return array{BallSet, BallSet} a bearing whose balls are guessed: one more or fewer, and wider or narrower */
    private function guessed(): array
    {
        [$bore, $outside] = $this->chance->oneOf([[10, 30], [15, 32], [17, 40], [20, 52], [25, 62], [30, 55], [12, 37], [35, 62]]);
        $thought = BallSet::usual(Length::mm($bore), Length::mm($outside));
        $odd = $this->chance->between(0, 1);

        return [
            BallSet::counted(
                $thought->balls + ($odd < 0.1 ? -1 : ($odd > 0.9 ? 1 : 0)),
                Length::mm($thought->ball->mm * $this->chance->between(0.94, 1.05)),
                $thought->circle,
            ),
            $thought,
        ];
    }
}
