<?php

declare(strict_types=1);

namespace App\Console;

use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Trial\CaliperTrial;
use CleanRace\Core\Trial\ConeTrial;
use CleanRace\Core\Trial\FitTrial;
use CleanRace\Core\Trial\HostileTrial;
use CleanRace\Core\Trial\PressTrial;
use CleanRace\Core\Trial\SeatingTrial;
use CleanRace\Core\Trial\SettingTrial;
use CleanRace\Core\Trial\SoundTrial;
use CleanRace\Core\Trial\SpellingTrial;
use CleanRace\Core\Trial\Trial;
use CleanRace\Core\Trial\WholeFitTrial;
use Illuminate\Console\Command;
use Random\Engine\Mt19937;

/** Simulated jobs whose truth is known, and how often the program is right. The same seed gives the same figures. */
final class BenchTrial extends Command
{
    protected $signature = 'bench:trial '
        .'{name? : spelling, caliper, fit, whole, seating, setting, press, cones, sound, untapped or hostile; all when none is named} '
        .'{--seed=1} {--jobs= : how many simulated jobs}';

    protected $description = 'How often the program is right: simulated jobs, seeded';

    public function __construct()
    {
        parent::__construct();
        $this->setHidden(! self::isHere());
    }

    /** The trials are for development and are not shipped. */
    private static function isHere(): bool
    {
        return interface_exists(Trial::class);
    }

    public function handle(Limits $limits): int
    {
        if (! self::isHere()) {
            $this->error('bench:trial is for development: it comes with composer install --dev.');

            return self::FAILURE;
        }
        $named = $this->argument('name');
        $missed = 0;
        foreach (self::trials($limits) as $name => [$trial, $jobs]) {
            if ($named !== null && $named !== $name) {
                continue;
            }
            foreach (
                $trial->run(new Chance(new Mt19937((int) $this->option('seed'))), (int) ($this->option('jobs') ?? $jobs)) as $figure
            ) {
                $this->line($figure->line());
                $missed += $figure->isReached() ? 0 : 1;
            }
        }

        return $missed === 0 ? self::SUCCESS : self::FAILURE;
    }

    /** @return array<string, array{Trial, int}> with how many jobs each is run */
    public static function trials(Limits $limits): array
    {
        return [
            'spelling' => [new SpellingTrial(), 1],
            'caliper' => [new CaliperTrial($limits), 5000],
            'fit' => [new FitTrial($limits), 1000],
            'whole' => [new WholeFitTrial($limits), 1000],
            'seating' => [new SeatingTrial($limits), 1000],
            'setting' => [new SettingTrial($limits), 1000],
            'press' => [new PressTrial($limits), 1000],
            'cones' => [new ConeTrial($limits), 400],
            'sound' => [new SoundTrial($limits), 500],
            'untapped' => [new SoundTrial($limits, tapped: false), 500],
            'hostile' => [new HostileTrial($limits, static fn (): float => microtime(true)), 10000],
        ];
    }
}
