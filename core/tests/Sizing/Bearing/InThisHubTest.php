<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Bearing;

use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Sizing\Bearing\BearingNumber;
use CleanRace\Core\Sizing\Bearing\BearingNumberInput;
use CleanRace\Core\Sizing\Bearing\BearingNumberResult;
use CleanRace\Core\Sizing\Bearing\Substitute;
use CleanRace\Core\Sizing\Grease\NippleUse;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A bearing judged for its hub, and what may stand in for it. */
final class InThisHubTest extends TestCase
{
    /** @param  array<string, mixed>  $hub */
    private static function number(string $typed, array $hub = []): BearingNumberResult
    {
        return (new BearingNumber(Limits::standard()))->work(new BearingNumberInput($typed, ...$hub));
    }

    /** @return iterable<string, array{string, array<string, mixed>, ?Level}> */
    public static function hubs(): iterable
    {
        $wheel = ['use' => HubUse::FastWheel, 'nipple' => NippleUse::None];
        yield 'nothing said' => ['6204 2RS', [], null];
        yield 'two seals, a wheel' => ['6204 2RS', $wheel, Level::Go];
        yield 'open, no seals in the hub' => ['6204', $wheel + ['hubSeals' => false], Level::Stop];
        yield 'open, seals in the hub' => ['6204', $wheel + ['hubSeals' => true], Level::Go];
        yield 'open in the wet, whatever seals the hub has' => ['6204', $wheel + ['hubSeals' => true, 'wet' => true], Level::Care];
        yield 'sealed in the wet' => ['6204 2RS', $wheel + ['hubSeals' => true, 'wet' => true], Level::Go];
        yield 'a taper in the wet, behind seals' => ['30204', $wheel + ['hubSeals' => true, 'wet' => true], Level::Go];
        yield 'shields' => ['6204 ZZ', $wheel, Level::Care];
        yield 'one seal' => ['6204 RS1', $wheel, Level::Care];
        yield 'one seal or two' => ['6204 RS', $wheel, Level::Care];
        yield 'sealed, fed by a nipple' => ['6204 2RS', ['use' => HubUse::Blade, 'nipple' => NippleUse::Used], Level::Care];
        yield 'sealed, a nipple nobody uses' => ['6204 2RS', ['use' => HubUse::Blade, 'nipple' => NippleUse::Unused], Level::Go];
        yield 'one seal, fed by a nipple' => ['6204 RS1', ['use' => HubUse::Blade, 'nipple' => NippleUse::Used], Level::Go];
        yield 'no cage in a wheel' => ['6204 2RSV', $wheel, Level::Stop];
        yield 'no cage in a pivot' => ['6204 2RSV', ['use' => HubUse::Pivot], Level::Go];
        yield 'no touching seal in the wet' => ['6204 2RZ', $wheel + ['wet' => true], Level::Care];
        yield 'a taper without a seal' => ['30204', $wheel + ['hubSeals' => false], Level::Stop];
    }

    /** @param  array<string, mixed>  $hub */
    #[DataProvider('hubs')]
    public function test_a_bearing_is_judged_for_its_hub(string $typed, array $hub, ?Level $level): void
    {
        self::assertSame($level, self::number($typed, $hub)->inThisHub?->level);
    }

    public function test_what_may_stand_in_and_what_may_not(): void
    {
        $all = self::number('6204 2RS')->substitutes;
        $may = array_map(
            static fn (Substitute $s): string => English::of($s->number),
            array_filter($all, static fn (Substitute $s): bool => $s->may),
        );
        $not = array_map(
            static fn (Substitute $s): string => English::of($s->number),
            array_filter($all, static fn (Substitute $s): bool => ! $s->may),
        );
        self::assertContains('6204 C3', $may);
        self::assertNotEmpty(array_filter($may, static fn (string $n): bool => str_contains($n, 'DDU') || str_contains($n, '2RS1')));
        self::assertContains('62204', $not, 'same bore and outside, wider');
        self::assertContains('6204 full complement', $not);
        self::assertNotContains('6204', [...$may, ...$not]);
        $inch = array_map(static fn (Substitute $s): string => English::of($s->number), self::number('1623')->substitutes);
        self::assertContains('6202', $inch, 'the metric neighbour, 15 by 35');
    }

    public function test_a_number_that_can_be_read_several_ways_says_so(): void
    {
        $result = self::number('6?05');
        self::assertSame(Level::Care, $result->verdict->level);
        self::assertContains('6205', array_map(static fn ($c): string => $c->written, $result->candidates));
        self::assertStringContainsString('6205', (string) $result->verdict->settledBy?->inEnglish());
        self::assertSame('LM11949/LM11910, cone alone, 19.05 × 45.237 × 15.494 mm', self::number('LM11949')->askFor);
        self::assertStringContainsString('with its snap ring', self::number('6204 2RS NR')->askFor);
        self::assertStringContainsString('flanged', self::number('F608ZZ')->askFor);
    }

    public function test_what_is_right_is_not_among_the_reasons_of_a_care(): void
    {
        $hub = ['use' => HubUse::FastWheel, 'nipple' => NippleUse::Unused, 'wet' => true];
        $keys = static fn (?Verdict $v): array => array_map(static fn ($m): string => $m->key, $v->why ?? []);
        $verdict = self::number('6204 2RZ', $hub)->inThisHub;
        self::assertSame(Level::Care, $verdict?->level);
        self::assertSame('hub.lip', $verdict->sentence->key);
        self::assertSame([], $keys($verdict), 'that both seals stay is no reason to look again');
        $two = self::number('6204', ['use' => HubUse::FastWheel, 'nipple' => NippleUse::None, 'wet' => true])->inThisHub;
        self::assertSame(['hub.open_wet'], $keys($two), 'a second care is one');
    }
}
