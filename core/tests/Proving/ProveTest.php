<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Proving;

use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Proving\BeforeAfter;
use CleanRace\Core\Proving\LastChecks;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What ends a job: the checks that belong to its hub, and before beside after. */
final class ProveTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>, list<string>}> pattern, asked, not asked */
    public static function checks(): iterable
    {
        yield 'motorcycle wheel' => [
            'pair-sleeve',
            ['spins', 'no_play', 'brake_free', 'rings_seen', 'seals_level', 'disc_clean', 'towel'],
            [],
        ];
        yield 'blade spindle' => ['spindle', ['spins', 'no_play', 'towel'], ['brake_free', 'disc_clean']];
        yield 'cup and cone' => ['cup-cone', ['spins', 'seals_level', 'towel'], ['rings_seen']];
        yield 'idler' => ['single-ring', ['rings_seen', 'towel'], ['brake_free']];
        yield 'barrow wheel' => ['flanged-wheel', ['rings_seen', 'towel'], ['disc_clean', 'seals_level']];
    }

    /**
     * @param  list<string>  $asked
     * @param  list<string>  $not
     */
    #[DataProvider('checks')]
    public function test_only_what_a_hub_has_is_checked(string $pattern, array $asked, array $not): void
    {
        $checks = array_keys(LastChecks::of(new Bench(HubPatterns::find($pattern), new Notebook(), [], null, DrawBolt::M12)));
        self::assertSame([], array_diff($asked, $checks));
        self::assertSame([], array_intersect($not, $checks));
    }

    public function test_play_is_as_it_was_set_where_it_is_set(): void
    {
        $of = static fn (string $pattern): string => LastChecks::of(
            new Bench(HubPatterns::find($pattern), new Notebook(), [], null, DrawBolt::M12),
        )['no_play'];
        self::assertStringContainsString('as it was set', $of('taper-pair'));
        self::assertStringStartsWith('No play', $of('pair-sleeve'));
    }

    /** @return iterable<string, array{array<string, array<string, mixed>>, ?string, ?Level}> */
    public static function compared(): iterable
    {
        yield 'nothing yet' => [['check.spin' => ['choice' => 'rumble']], null, null];
        yield 'rough in, quiet out' => [
            ['check.spin' => ['choice' => 'rumble'], 'prove.after.spin' => ['choice' => 'quiet']],
            'after.better',
            Level::Go,
        ];
        yield 'quiet in, quiet out' => [
            ['check.spin' => ['choice' => 'quiet'], 'prove.after.spin' => ['choice' => 'quiet']],
            'after.good',
            Level::Go,
        ];
        yield 'still rough' => [['prove.after.spin' => ['choice' => 'grind']], 'after.rough', Level::Stop];
        yield 'rubs' => [['prove.after.spin' => ['choice' => 'rub']], 'after.rub', Level::Care];
        yield 'no less of little play' => [
            ['check.rim_play' => ['mm' => 0.5], 'prove.after.rim_play' => ['mm' => 0.5]],
            'after.play',
            Level::Care,
        ];
        yield 'no less play' => [
            ['check.rim_play' => ['mm' => 1.2], 'prove.after.rim_play' => ['mm' => 1.2]],
            'after.play',
            Level::Care,
        ];
        yield 'less play' => [['check.rim_play' => ['mm' => 1.2], 'prove.after.rim_play' => ['mm' => 0.2]], 'after.good', Level::Go];
        yield 'end play is compared with end play' => [
            ['check.rim_play' => ['mm' => 0.1], 'check.end_play' => ['mm' => 0.5], 'prove.after.end_play' => ['mm' => 0.2]],
            'after.good',
            Level::Go,
        ];
    }

    /** @param  array<string, array<string, mixed>>  $entries */
    #[DataProvider('compared')]
    public function test_before_beside_after(array $entries, ?string $key, ?Level $level): void
    {
        $verdict =
            BeforeAfter::step(
                new Bench(
                    HubPatterns::find('pair-sleeve'),
                    new Notebook(array_map(static fn (array $value): array => ['value' => $value, 'instrument' => null], $entries)),
                    [],
                    null,
                    DrawBolt::M12,
                ),
            )->verdicts[0] ?? null;
        self::assertSame([$key, $level], [$verdict?->headline->key, $verdict?->level]);
    }

    public function test_a_second_person_is_waited_for_only_where_the_shop_asks_for_one(): void
    {
        $blocked = static function (string $asks, ?string $said): bool {
            $entries = $said === null ? [] : ['prove.second' => ['value' => ['choice' => $said], 'instrument' => null]];
            $report = (new WheelJob(Limits::standard()))->report(
                new Bench(
                    HubPatterns::find('pair-sleeve'),
                    new Notebook($entries),
                    [],
                    null,
                    DrawBolt::M12,
                    habits: ['second_check' => $asks],
                ),
            );
            $why = array_map(static fn ($block): string => $block->step, $report->blocks);

            return in_array('prove.second', $why, true);
        };
        self::assertTrue($blocked('required', null));
        self::assertTrue($blocked('required', 'fail'));
        self::assertFalse($blocked('required', 'pass'));
        self::assertFalse($blocked('none', null));
        self::assertFalse($blocked('none', 'fail'), 'nobody asked');
    }
}
