<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Stripping;

use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Stripping\Strip;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\WallTool;
use Eris\TestTrait;

/** A hub at the strip, with its plan. */
trait TakenDown
{
    use TestTrait;

    /**
     * @param  array<string, array<string, mixed>>  $entries
     * @param  list<WallTool>  $wall
     * @param  array<string, string>  $habits
     * @param  array<string, string>  $spanners
     */
    private static function bench(
        string $pattern,
        array $entries = [],
        array $wall = [],
        array $habits = [],
        array $spanners = [],
    ): Bench {
        // A hub turned from cups to cartridges has them in it here, so that there is something to take out.
        $entries += ['hub.now' => ['choice' => 'cartridges']];
        $notebook = new Notebook(array_map(static fn (array $v): array => ['value' => $v, 'instrument' => null], $entries));

        return new Bench(HubPatterns::find($pattern), $notebook, [], null, DrawBolt::M12, false, $wall, $habits, $spanners);
    }
}
