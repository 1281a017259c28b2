<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\KeepPhoto;
use App\Models\Job;
use App\Models\Machine;
use App\Models\User;
use CleanRace\Core\Hub\Finding;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Hub;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Stripping\TakeDown;
use CleanRace\Core\Stripping\Ways;
use CleanRace\Core\Tooling\DrawBolt;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** A job of each hub pattern, each left at another point of Check in and Strip, with the parts and photos that lie on its tray by then. */
final readonly class PatternJobs
{
    public function __construct(private DemoJob $demo, private KeepPhoto $keepPhoto)
    {
    }

    /** @param  array<string, Machine>  $machines */
    public function load(User $by, array $machines): void
    {
        foreach (self::jobs() as $i => $one) {
            [$pattern, $conditions, $checks, $at] = [
                $one['pattern'],
                $one['conditions'],
                $one['checks'],
                Carbon::now()->subHours(4 + 7 * $i),
            ];
            // Every third is still being checked in; the others were, with nothing more found.
            $checks +=
                $i % 3 === 2
                    ? []
                    : [
                        'check.caliper' => in_array('disc', $conditions, true) ? 'freed' : 'none',
                        'check.rock_3_9' => 'none',
                        'check.rock_12_6' => 'none',
                        'check.spin' => 'quiet',
                    ];
            $entries = array_map(
                static fn (string $place, string $choice): array => ['place' => $place, 'entry' => ['choice' => $choice]],
                array_keys($checks),
                array_values($checks),
            );
            $entries = [...$entries, ...self::captures($pattern, $i)];
            if ($conditions !== []) {
                $entries[] = ['place' => Places::CONDITION, 'entry' => ['choices' => $conditions]];
            }
            $entries[] = ['place' => Places::WAY_OUT, 'entry' => ['choice' => $one['way']]];
            $entries[] = ['place' => 'strip.tools.done', 'entry' => ['done' => true]];
            $job = $this->demo->open($by, $machines[$one['machine']], $one['wheel'], $pattern, $one['complaint'], $at);
            $this->demo->enter(
                $job,
                $by,
                [...$entries, ...$this->taken($job, $by, $pattern, $conditions, $one['way'], $one['steps'], $i)],
                $at,
            );
        }
    }

    /**
     * Checks made, conditions found, the way out, and how many steps of the plan are done.
     *
     * @return list<array{pattern: string, machine: string, wheel: string, complaint: string, checks: array<string, string>,
     *   conditions: list<string>, way: string, steps: int}>
     */
    private static function jobs(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/data/pattern-jobs.json'), true, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * What was measured before: all but one reading, which was skipped with a reason.
     *
     * @return list<array{place: string, entry: array<string, mixed>}>
     */
    private static function captures(string $pattern, int $seed): array
    {
        $entries = [];
        foreach (HubPatterns::find($pattern)->capture() as $i => $ask) {
            $entries[] = [
                'place' => $ask->place,
                'entry' => match (true) {
                    $i === 2 && $seed % 3 === 0 => ['skipped' => 'Bent before it came in'],
                    $ask->kind === AskKind::Length => ['typed' => (string) (8 + 3 * $i + $seed)],
                    $ask->kind === AskKind::Depth => ['typed' => (string) (0.2 * ($i + 1))],
                    $ask->kind === AskKind::Choice => ['choice' => $ask->options[0]->value],
                    default => ['text' => 'As in the photo'],
                },
            ];
        }

        return array_slice($entries, 0, max(2, count($entries) - ($seed % 3)));
    }

    /**
     * The first steps of its take-down, done.
     *
     * @param  list<string>  $conditions
     * @return list<array{place: string, entry: array<string, mixed>}>
     */
    private function taken(Job $job, User $by, string $pattern, array $conditions, string $way, int $steps, int $seed): array
    {
        $notebook = new Notebook([
            Places::CONDITION => ['value' => ['choices' => $conditions], 'instrument' => null],
            Places::WAY_OUT => ['value' => ['choice' => $way], 'instrument' => null],
        ]);
        $bench = new Bench(HubPatterns::find($pattern), $notebook, [], null, DrawBolt::M12);
        $entries = [];
        foreach (array_slice(TakeDown::plan($bench, Ways::of($bench)), 0, $steps) as $planned) {
            foreach ($planned->step->asks as $ask) {
                $entry = $this->answered($ask, $bench->hub, $job, $by, $seed);
                if ($entry !== null) {
                    $entries[] = ['place' => $ask->place, 'entry' => $entry];
                }
            }
        }

        return $entries;
    }

    /** @return ?array<string, mixed> */
    private function answered(Ask $ask, Hub $hub, Job $job, User $by, int $seed): ?array
    {
        return match ($ask->kind) {
            AskKind::Tick => ['done' => true],
            AskKind::Choice => $ask->wanted ? ['choice' => $ask->options[0]->value] : null,
            AskKind::Text => str_ends_with($ask->place, '.spanner')
                ? ['text' => (string) (17 + 2 * $seed)]
                : ($ask->wanted
                    ? ['text' => '7, of 12.7']
                    : null),
            AskKind::Part => $this->laid($ask, $hub->stack->get(substr($ask->place, strlen('part.'))), $job, $by, $seed),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function laid(Ask $ask, Part $part, Job $job, User $by, int $seed): array
    {
        $bad = $part->kind->isRenewed() && $seed % 4 !== 3;
        $finding =
            array_values(array_filter($ask->findings, static fn (Finding $f): bool => ($f->suggests === 'replace') === $bad))[
                $seed % 2
            ] ?? null;
        $photo = $part->kind->isCartridge() || $seed % 3 === 0 ? [$this->photo($job, $by, $part, $bad, $seed)] : [];

        return array_filter(
            [
                'state' => 'on_tray',
                'condition' => $bad ? 'replace' : 'use',
                'way_round' => $ask->options[0]->value ?? null,
                'findings' => $finding === null ? [] : [$finding->value],
                'photos' => $photo,
            ],
            static fn (mixed $v): bool => $v !== null && $v !== [],
        );
    }

    private function photo(Job $job, User $by, Part $part, bool $rusty, int $seed): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'part');
        file_put_contents($path, DemoPhoto::of($part, $rusty, $seed));
        $id = (string) Str::uuid7();
        ($this->keepPhoto)($job, $by, $id, new UploadedFile($path, 'part.jpg', 'image/jpeg', test: true));
        unlink($path);

        return $id;
    }
}
