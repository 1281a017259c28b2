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
    /** Pattern, machine, wheel, complaint, checks made, condition, way, and how many steps of its plan are done. */
    private const JOBS = [
        [
            'pair-axle-shoulder',
            'bike1',
            'Rear wheel',
            'Clicks and wanders after the beach',
            ['check.rock_3_9' => 'at_hub', 'check.rock_12_6' => 'at_hub', 'check.spin' => 'grind'],
            ['corroded', 'disc'],
            'puller',
            4,
        ],
        ['freehub-body', 'bike2', 'Freehub', 'Cassette rocks, grinds when coasting', ['check.spin' => 'rumble'], [], 'drift', 2],
        [
            'pair-tube-axle',
            'trike2',
            'Front left',
            'Rumbles with a full box',
            ['check.rock_3_9' => 'at_hub', 'check.rock_12_6' => 'at_hub', 'check.spin' => 'rumble', 'check.caliper' => 'freed'],
            ['disc'],
            'puller',
            6,
        ],
        [
            'cup-cone',
            'bike3',
            'Front wheel',
            'Wobbles, was left in the rain all winter',
            ['check.rock_3_9' => 'at_hub', 'check.rock_12_6' => 'at_hub', 'check.spin' => 'grind', 'check.seals' => 'rust'],
            ['corroded', 'seized'],
            'drift',
            7,
        ],
        [
            'cup-cone-conversion',
            'moped5',
            'Rear wheel',
            'Knocks again, two years after the cartridges went in',
            ['check.rock_3_9' => 'at_hub'],
            [],
            'drift',
            5,
        ],
        [
            'single-ring',
            'snow1',
            'Idler, left 2',
            'Squeals in the cold, rubber is warm',
            ['check.spin' => 'grind'],
            ['plastic'],
            'press',
            3,
        ],
        [
            'knuckle-wide',
            'quad3',
            'Front left',
            'Hums, worse in right-hand bends',
            ['check.rock_3_9' => 'at_hub', 'check.rock_12_6' => 'at_hub', 'check.spin' => 'rumble', 'check.caliper' => 'freed'],
            ['corroded', 'joints', 'disc'],
            'press',
            5,
        ],
        [
            'knuckle-pair',
            'side1',
            'Front right',
            'Water in the hub after the ford',
            ['check.seals' => 'rust'],
            ['joints', 'disc'],
            'puller',
            3,
        ],
        [
            'live-carrier',
            'quad1',
            'Rear axle',
            'Chain jumps, axle moves in its carrier',
            ['check.rock_12_6' => 'at_hub', 'check.spin' => 'rumble'],
            ['corroded', 'seized', 'disc'],
            'rod',
            8,
        ],
        [
            'shaft-bearing',
            'cart4',
            'Rear right',
            'Growls at walking pace, oil on the brake',
            ['check.spin' => 'grind', 'check.seals' => 'grease_out'],
            ['electric'],
            'press',
            4,
        ],
        [
            'spindle',
            'mower2',
            'Blade spindle, left',
            'Screams when the blades run',
            ['check.spin' => 'grind', 'check.rock_3_9' => 'at_hub'],
            ['blade', 'burst'],
            'puller',
            7,
        ],
        [
            'flanged-wheel',
            'tractor1',
            'Front left',
            'Wheel leans in at the top',
            ['check.rock_12_6' => 'at_hub', 'check.rock_3_9' => 'at_hub'],
            [],
            'drift',
            4,
        ],
        [
            'taper-pair',
            'trailer1',
            'Left wheel',
            'Hub too hot to touch after the ferry',
            ['check.spin' => 'rumble', 'check.rock_3_9' => 'at_hub', 'check.rock_12_6' => 'at_hub'],
            ['seized'],
            'drift',
            6,
        ],
    ];

    public function __construct(private DemoJob $demo, private KeepPhoto $keepPhoto)
    {
    }

    /** @param  array<string, Machine>  $machines */
    public function load(User $by, array $machines): void
    {
        foreach (self::JOBS as $i => [$pattern, $machine, $wheel, $complaint, $checks, $conditions, $way, $steps]) {
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
            $entries[] = ['place' => Places::WAY_OUT, 'entry' => ['choice' => $way]];
            $entries[] = ['place' => 'strip.tools.done', 'entry' => ['done' => true]];
            $job = $this->demo->open($by, $machines[$machine], $wheel, $pattern, $complaint, Carbon::now()->subHours(4 + 7 * $i));
            $this->demo->enter(
                $job,
                $by,
                [...$entries, ...$this->taken($job, $by, $pattern, $conditions, $way, $steps, $i)],
                Carbon::now()->subHours(4 + 7 * $i),
            );
        }
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
