<?php

declare(strict_types=1);

namespace App\Sounds;

use App\Bench\Workbench;
use App\Models\Job;
use App\Models\Recording;
use CleanRace\Core\Checking\SpunSides;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Job\SpunBearing;
use CleanRace\Core\Notebook\Notebook;

/** What is asked of a recording: its taps, its bearing, and what it is held against. Another question wants another answer. */
final readonly class Question
{
    /**
     * @param  list<float>  $taps
     * @param  ?string  $before the recording of the same side from before the work
     * @param  list<float>  $tapsBefore
     */
    private function __construct(
        public array $taps,
        public bool $tapsAreHeard,
        public SpunBearing $bearing,
        public ?string $before,
        public array $tapsBefore,
        public bool $tapsBeforeAreHeard,
    ) {
    }

    /** Null when no record names it any more. */
    public static function about(Recording $recording, Notebook $notebook, Job $job, Workbench $workbench): ?self
    {
        foreach ([Side::Left, Side::Right, Side::Middle] as $side) {
            foreach ([false, true] as $after) {
                $entry = $notebook->value(SpunSides::place($side, $after)) ?? [];
                if (($entry['recording'] ?? null) === $recording->id) {
                    $before = $after ? $notebook->value(SpunSides::place($side, false)) ?? [] : [];

                    return new self(
                        self::taps($entry),
                        ($entry['taps_heard'] ?? null) === true,
                        $workbench->spun($job, $notebook, $side),
                        is_string($before['recording'] ?? null) ? $before['recording'] : null,
                        self::taps($before),
                        ($before['taps_heard'] ?? null) === true,
                    );
                }
            }
        }

        return null;
    }

    public function digest(): string
    {
        $all = [$this->taps, $this->tapsAreHeard, $this->bearing, $this->before, $this->tapsBefore, config('app.release')];

        return hash('sha256', json_encode($all, JSON_THROW_ON_ERROR));
    }

    /**
     * @param  array<string, mixed>  $entry
     * @return list<float>
     */
    private static function taps(array $entry): array
    {
        return array_map(floatval(...), array_values(array_filter((array) ($entry['taps'] ?? []), is_numeric(...))));
    }
}
