<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating;

use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Measure\Typed\GaugeText;
use CleanRace\Core\Mechanics\Drivers\DriverChoice;
use CleanRace\Core\Mechanics\Drivers\DriverChoiceInput;
use CleanRace\Core\Mechanics\Drivers\DriverWay;
use CleanRace\Core\Mechanics\Drivers\FittedBefore;
use CleanRace\Core\Mechanics\Drivers\NextTool;
use CleanRace\Core\Mechanics\Drivers\NextToolInput;
use CleanRace\Core\Mechanics\Drivers\SupportChoice;
use CleanRace\Core\Mechanics\Drivers\SupportChoiceInput;
use CleanRace\Core\Mechanics\Drivers\ToolInput;
use CleanRace\Core\Mechanics\Pressing\DrawRod;
use CleanRace\Core\Mechanics\Pressing\DrawRodInput;
use CleanRace\Core\Mechanics\Squareness\ClockDepth;
use CleanRace\Core\Mechanics\Squareness\DepthRound;
use CleanRace\Core\Mechanics\Squareness\DepthRounds;
use CleanRace\Core\Mechanics\Squareness\SeatingTrend;
use CleanRace\Core\Mechanics\Squareness\SeatingTrendInput;
use CleanRace\Core\Mechanics\Warmth\HeatClock;
use CleanRace\Core\Mechanics\Warmth\HeatClockInput;
use CleanRace\Core\Mechanics\Warmth\HubMass;
use CleanRace\Core\Seating\Home\SleeveToMake;
use CleanRace\Core\Seating\Home\SleeveToMakeInput;
use CleanRace\Core\Seating\Press\ForceWatch;
use CleanRace\Core\Seating\Press\ForceWatchInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Drivers for every push, what stands under and through a hub, gauges, warmth, sleeves to make, the wall as a list. */
final class SeatingToolsTest extends TestCase
{
    private static function tool(float $outside, ?float $opening, float $length = 80, ToolKind $kind = ToolKind::Cup): ToolInput
    {
        return new ToolInput('tool', Length::mm($outside), $opening === null ? null : Length::mm($opening), Length::mm($length), $kind);
    }

    /** @return iterable<string, array{DriverWay, ToolInput, ?float, string, Level}> way, tool, ledge, key of the reason, level; all on a 6206, 30 × 62 */
    public static function pushes(): iterable
    {
        yield 'a tube over the shaft' => [DriverWay::OntoShaft, self::tool(37, 30.5), null, 'good_inner', Level::Go];
        yield 'too narrow for the shaft' => [DriverWay::OntoShaft, self::tool(37, 29.9), null, 'no_shaft', Level::Stop];
        yield 'on the outer ring of a shaft bearing' => [DriverWay::OntoShaft, self::tool(61, 56), null, 'outer_only', Level::Stop];
        yield 'over both rings of a shaft bearing' => [DriverWay::OntoShaft, self::tool(60, 31), null, 'both', Level::Care];
        yield 'a thin tube on the inner ring' => [DriverWay::OntoShaft, self::tool(33.5, 31), null, 'some', Level::Care];
        yield 'a disc for both rings' => [DriverWay::BothRings, self::tool(61.5, null), null, 'good_both', Level::Go];
        yield 'a cup is on one ring only' => [DriverWay::BothRings, self::tool(61.5, 45), null, 'one_only', Level::Stop];
        yield 'as wide as the bore' => [DriverWay::BothRings, self::tool(62, null), null, 'too_wide', Level::Stop];
        yield 'a plug through the ledge' => [DriverWay::OutFromBehind, self::tool(48, null), 50, 'good_out', Level::Go];
        yield 'wider than the ledge' => [DriverWay::OutFromBehind, self::tool(49.8, null), 50, 'ledge', Level::Stop];
        yield 'through the ring' => [DriverWay::OutFromBehind, self::tool(29, null), 50, 'falls_through', Level::Stop];
        yield 'by the inner ring into a bore' => [DriverWay::IntoBore, self::tool(37, 30), null, 'inner_only', Level::Stop];
        yield 'between the rings' => [DriverWay::IntoBore, self::tool(50, 40), null, 'too_little', Level::Stop];
        yield 'too short' => [DriverWay::IntoBore, self::tool(61, 45, 12), null, 'too_short', Level::Stop];
        yield 'a chrome socket' => [DriverWay::IntoBore, self::tool(61, 45, kind: ToolKind::ChromeSocket), null, 'chrome', Level::Care];
    }

    #[DataProvider('pushes')]
    public function test_a_tool_is_judged_by_what_it_is_to_push(DriverWay $way, ToolInput $tool, ?float $ledge, string $key, Level $level): void
    {
        $result = (new DriverChoice(Limits::standard()))->work(new DriverChoiceInput(Length::mm(30), Length::mm(62), [$tool], Length::mm(8), false, $way, $ledge === null ? null : Length::mm($ledge)));
        self::assertSame(['driver.'.$key, $level], [$result->tools[0]->reason->key, $result->tools[0]->level]);
        self::assertSame($level === Level::Stop ? null : 'tool', $result->best);
    }

    public function test_no_driver_into_a_bore_is_ever_taken_that_stands_on_the_inner_ring_alone(): void
    {
        $limits = Limits::standard();
        foreach ((new BearingTable)->all() as $i => $size) {
            if ($i % 7 !== 0) {
                continue;
            }
            foreach ([0.3, 0.6, 0.9] as $share) {
                $outside = $size->bore->mm + $share * ($size->outside->mm - $size->bore->mm);
                $tools = [self::tool($outside, null), self::tool($outside, max(0.5, $outside - 4)), self::tool($outside, max(0.5, $size->bore->mm - 1))];
                $result = (new DriverChoice($limits))->work(new DriverChoiceInput($size->bore, $size->outside, $tools, Length::mm(5), $size->isThin()));
                foreach ($result->tools as $fit) {
                    $touchesOuter = $fit->outside->mm > $result->outerZoneInside->mm;
                    self::assertTrue($touchesOuter || $fit->level === Level::Stop, "{$size->number} by {$fit->outside->mm}");
                }
            }
        }
    }

    public function test_what_it_says_to_make_serves_every_push(): void
    {
        foreach ([DriverWay::OntoShaft, DriverWay::BothRings, DriverWay::IntoBore] as $way) {
            $choice = new DriverChoice(Limits::standard());
            $ask = static fn (array $tools): DriverChoiceInput => new DriverChoiceInput(Length::mm(30), Length::mm(62), array_values($tools), Length::mm(8), false, $way);
            $make = $choice->work($ask([]))->make;
            $made = self::tool($make->outsideMost->mm, $make->openingLeast->mm > 0 ? $make->openingLeast->mm : null, $make->length->mm);
            self::assertSame(Level::Go, $choice->work($ask([$made]))->tools[0]->level, $way->value);
            self::assertSame($way === DriverWay::BothRings, $make->from === null, 'a pipe or tube to make it from; a disc is solid');
        }
        $plug = (new DriverChoice(Limits::standard()))->work(new DriverChoiceInput(Length::mm(30), Length::mm(62), [], Length::mm(8), false, DriverWay::OutFromBehind, Length::mm(50)))->make;
        self::assertEqualsWithDelta([49.5, 29.7], [$plug->outsideMost->mm, $plug->pilot?->mm], 1e-9);
        $this->expectException(Nonsense::class);
        new DriverChoiceInput(Length::mm(30), Length::mm(62), [], null, false, DriverWay::OutFromBehind, Length::mm(64));
    }

    public function test_pipes_are_round_and_grow(): void
    {
        $seen = [];
        foreach (Table::rows('pipes') as $row) {
            $wall = ((float) $row['outside_mm'] - (float) $row['inside_mm']) / 2;
            self::assertGreaterThanOrEqual(1.0, $wall, $row['name']);
            self::assertLessThanOrEqual(10.0, $wall, $row['name']);
            $seen[$row['source']][] = (float) $row['outside_mm'];
            if (preg_match('/^tube (\d+) x ([\d.]+)$/', $row['name'], $named) === 1) {
                self::assertEqualsWithDelta([(float) $named[1], (float) $named[2]], [(float) $row['outside_mm'], $wall], 1e-9);
            }
        }
        foreach ($seen as $source => $outsides) {
            $sorted = $outsides;
            sort($sorted);
            self::assertSame($sorted, $outsides, (string) $source);
        }
        self::assertSame([33.7, 27.3], [(float) Table::keyed('pipes')['pipe 1']['outside_mm'], (float) Table::keyed('pipes')['pipe 1']['inside_mm']]);
    }

    public function test_the_hub_stands_on_the_closest_ring_that_lets_through_what_must_pass(): void
    {
        $work = static fn (array $supports): \CleanRace\Core\Mechanics\Drivers\SupportChoiceResult => (new SupportChoice(Limits::standard()))->work(new SupportChoiceInput(Length::mm(47), Length::mm(66), Length::mm(22), array_values($supports)));
        $ring = static fn (string $name, float $opening, float $height): ToolInput => new ToolInput($name, Length::mm($opening + 8), Length::mm($opening), Length::mm($height));
        self::assertSame('close', $work([$ring('wide', 60, 60), $ring('close', 50, 60), $ring('low', 49.5, 20), $ring('narrow', 48, 60)])->best);
        self::assertNull($work([$ring('outside the hub', 70, 60)])->best);
        self::assertStringContainsString('49.00 mm apart', $work([])->verdict->sentence->inEnglish());
        self::assertEqualsWithDelta([49.0, 24.0], [$work([])->openingLeast->mm, $work([])->heightLeast->mm], 1e-9);
        $this->expectException(Nonsense::class);
        new SupportChoiceInput(Length::mm(66), Length::mm(66));
    }

    /** @return iterable<string, array{?float, ?float, ?float, DrawBolt, string}> rod, socket, force, bolt, key */
    public static function rods(): iterable
    {
        yield 'right' => [220, 38, 1800, DrawBolt::M12, 'rod.right'];
        yield 'none there' => [null, null, null, DrawBolt::M12, 'rod.length'];
        yield 'short' => [180, 38, null, DrawBolt::M12, 'rod.short'];
        yield 'long for the socket' => [260, 38, null, DrawBolt::M12, 'rod.long'];
        yield 'a shallow socket' => [220, 10, null, DrawBolt::M12, 'rod.socket'];
        yield 'too thin' => [220, 38, 50_000, DrawBolt::M12, 'rod.weak'];
    }

    #[DataProvider('rods')]
    public function test_a_draw_rod_reaches_and_stays_within_its_socket(?float $rod, ?float $socket, ?float $force, DrawBolt $bolt, string $key): void
    {
        $length = static fn (?float $mm): ?Length => $mm === null ? null : Length::mm($mm);
        $result = (new DrawRod(Limits::standard()))->work(new DrawRodInput(Length::mm(104), Length::mm(60), Length::mm(20), $bolt, null, $length($socket), $length($rod), $force === null ? null : Force::newtons($force)));
        self::assertSame($key, $result->verdict->headline->key);
        self::assertEqualsWithDelta(104 + 60 + 10 + 2 * 9.6 + 2 * 3 * 1.75, $result->least->mm, 1e-9);
    }

    public function test_a_rod_that_does_not_pass_is_refused(): void
    {
        $this->expectException(Nonsense::class);
        new DrawRodInput(Length::mm(60), Length::mm(40), Length::mm(10), DrawBolt::M12);
    }

    /** @return iterable<string, array{array<string, mixed>, string, float}> what is shown, key, N */
    public static function shown(): iterable
    {
        yield 'a force as reckoned' => [['force' => Force::newtons(1400)], 'watch.right', 1400];
        yield 'bar on a 50 mm piston' => [['pressure' => Pressure::megapascals(0.7), 'ram' => Length::mm(50)], 'watch.right', 1374.4];
        yield 'torque on M12, oiled' => [['torque' => Torque::newtonMetres(2.4)], 'watch.right', 1333.3];
        yield 'dry threads take more' => [['torque' => Torque::newtonMetres(2.4), 'oiled' => false], 'watch.right', 1000];
        yield 'high' => [['force' => Force::newtons(3000)], 'watch.high', 3000];
        yield 'stop' => [['force' => Force::newtons(3700)], 'watch.stop', 3700];
        yield 'high, and nothing left to go' => [['force' => Force::newtons(3700), 'toGo' => Length::mm(0.02)], 'watch.home', 3700];
        yield 'next to nothing' => [['force' => Force::newtons(100)], 'watch.low', 100];
    }

    /** @param  array<string, mixed>  $shown */
    #[DataProvider('shown')]
    public function test_the_gauge_is_watched_against_what_was_reckoned(array $shown, string $key, float $newtons): void
    {
        $result = (new ForceWatch(Limits::standard()))->work(new ForceWatchInput(...['forceLow' => Force::newtons(900), 'forceHigh' => Force::newtons(1800)] + $shown));
        self::assertSame($key, $result->verdict->headline->key);
        self::assertEqualsWithDelta($newtons, $result->force->newtons, 0.1);
        self::assertSame(3600.0, $result->stop->newtons);
    }

    public function test_below_the_floor_nothing_alarms(): void
    {
        $result = (new ForceWatch(Limits::standard()))->work(new ForceWatchInput(Force::newtons(50), Force::newtons(200), Force::newtons(1500)));
        self::assertSame([2000.0, 'watch.high'], [$result->stop->newtons, $result->verdict->headline->key]);
        $wrong = [
            static fn (): ForceWatchInput => new ForceWatchInput(Force::newtons(1), Force::newtons(2)),
            static fn (): ForceWatchInput => new ForceWatchInput(Force::newtons(1), Force::newtons(2), Force::newtons(1), torque: Torque::newtonMetres(1)),
            static fn (): ForceWatchInput => new ForceWatchInput(Force::newtons(1), Force::newtons(2), pressure: Pressure::megapascals(1)),
        ];
        foreach ($wrong as $make) {
            try {
                $make();
                self::fail('It was taken.');
            } catch (Nonsense $nonsense) {
                self::assertContains($nonsense->field, ['force_n', 'ram_mm']);
            }
        }
    }

    /** @return iterable<string, array{string, ?string, float}> typed, unit of it, amount */
    public static function gauges(): iterable
    {
        yield 'bar' => ['35 bar', 'mpa', 3.5];
        yield 'psi' => ['500psi', 'mpa', 3.447];
        yield 'kilonewtons' => ['2,4 kN', 'n', 2400];
        yield 'tonnes' => ['1.2 t', 'n', 11767.98];
        yield 'kilograms on a gauge are a force' => ['250 kgf', 'n', 2451.66];
        yield 'a wrench' => ['6 Nm', 'nm', 6];
        yield 'foot-pounds' => ['10 ft-lb', 'nm', 13.558];
        yield 'no unit' => ['35', null, 0];
        yield 'no number' => ['bar', null, 0];
        yield 'a unit nobody knows' => ['3 stone', null, 0];
    }

    #[DataProvider('gauges')]
    public function test_what_a_gauge_shows_is_read_with_its_unit(string $typed, ?string $unit, float $amount): void
    {
        try {
            $read = (new GaugeText)->read($typed);
            self::assertSame($unit, $read->unit()->value);
            self::assertEqualsWithDelta($amount, $read->amount(), 0.01);
        } catch (Nonsense $nonsense) {
            self::assertNull($unit, $nonsense->getMessage());
        }
    }

    public function test_a_warm_hub_leaves_so_many_seconds(): void
    {
        $work = static fn (float $hub, float $interference = 0.02, HubMass $mass = HubMass::Medium): \CleanRace\Core\Mechanics\Warmth\HeatClockResult => (new HeatClock(Limits::standard()))->work(new HeatClockInput(Temperature::celsius($hub), Temperature::celsius(18), Length::mm(47), Length::mm($interference), $mass));
        $result = $work(85);
        // 0.020 / (47 × 23e-6) = 18.5 K; τ = 1.6 × 900 / (12 × 0.085) = 1411.8 s; 0.7 · τ · ln(67 / 18.5)
        self::assertEqualsWithDelta(36.5, $result->needed->celsius, 0.05);
        self::assertEqualsWithDelta(1411.8, $result->timeConstant->seconds, 0.1);
        self::assertEqualsWithDelta(0.7 * 1411.76 * log(67 / 18.501), $result->left?->seconds, 0.5);
        self::assertSame('clock.no_hurry', $work(85, -0.01)->verdict->headline->key);
        self::assertSame(['clock.late', 0.0], [$work(30)->verdict->headline->key, $work(30)->left?->seconds]);
        self::assertSame('clock.short', $work(37.5, 0.02, HubMass::Light)->verdict->headline->key);
        self::assertLessThan($work(100)->left?->seconds, $work(90)->left?->seconds);
        self::assertLessThan($work(85, 0.02, HubMass::Heavy)->timeConstant->seconds, $work(85, 0.02, HubMass::Light)->timeConstant->seconds);
        $this->expectException(Nonsense::class);
        $work(10);
    }

    public function test_a_sleeve_is_made_a_little_long_and_cut_longer(): void
    {
        $reading = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DigitalCaliper);
        $result = (new SleeveToMake(Limits::standard()))->work(new SleeveToMakeInput(Length::mm(12), Length::mm(12), Length::mm(32), $reading(50.00)));
        self::assertEqualsWithDelta([50.05, 50.55, 12.1, 12.3], [$result->length->mm, $result->cut->mm, $result->boreLeast->mm, $result->boreMost->mm], 1e-9);
        self::assertEqualsWithDelta(16.2, $result->outsideMost->mm, 1e-9);
        self::assertSame('make.cut', $result->verdict->headline->key);
        $depth = static fn (float $mm): Reading => Reading::mm($mm, Instrument::SteelRule);
        $coarse = (new SleeveToMake(Limits::standard()))->work(new SleeveToMakeInput(Length::mm(12), Length::mm(12), Length::mm(32), null, $depth(70), $depth(10), $depth(10)));
        self::assertSame(['make.measure', 50.0], [$coarse->verdict->headline->key, $coarse->span->mm]);
        $slight = (new SleeveToMake(Limits::standard()))->work(new SleeveToMakeInput(Length::mm(15), Length::mm(15), Length::mm(21), $reading(40), thin: true));
        self::assertSame('make.thin', $slight->verdict->headline->key);
    }

    public function test_a_sleeve_that_cannot_be_is_refused(): void
    {
        $reading = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DigitalCaliper);
        foreach (['axle_mm' => [14, 12, $reading(50), null], 'span_mm' => [12, 12, null, null], 'over_faces_mm' => [12, 12, null, $reading(15)]] as $field => [$axle, $bore, $span, $over]) {
            try {
                new SleeveToMakeInput(Length::mm($axle), Length::mm($bore), Length::mm(32), $span, $over, $over === null ? null : $reading(10), $over === null ? null : $reading(10));
                self::fail("$field was taken");
            } catch (Nonsense $nonsense) {
                self::assertSame($field, $nonsense->field);
            }
        }
    }

    private static function round(float $at, float $tilt, float $hour = 12): DepthRound
    {
        return new DepthRound(array_map(static fn (int $h): ClockDepth => new ClockDepth(Clock::read((string) $h), Reading::mm($at - $tilt / 2 * cos(($h - $hour) * M_PI / 6), Instrument::DepthMicrometer)), [12, 3, 6, 9]));
    }

    /** @return iterable<string, array{list<DepthRound>, ?string}> */
    public static function trends(): iterable
    {
        yield 'one round says nothing' => [[self::round(1, 0.1)], null];
        yield 'coming straight' => [[self::round(1, 0.4), self::round(2, 0.15)], 'trend.straightens'];
        yield 'leaning more' => [[self::round(1, 0.1), self::round(2, 0.4)], 'trend.grows'];
        yield 'leaning the other way' => [[self::round(1, 0.2, 12), self::round(2, 0.4, 6)], 'trend.turns'];
        yield 'steady' => [[self::round(1, 0.1), self::round(2, 0.11)], 'trend.steady'];
        yield 'growing within what is square' => [[self::round(1, 0.01), self::round(2, 0.1)], 'trend.steady'];
        yield 'a round that was not ended' => [[self::round(1, 0.4), new DepthRound([]), self::round(2, 0.1)], 'trend.straightens'];
    }

    /** @param  list<DepthRound>  $rounds */
    #[DataProvider('trends')]
    public function test_the_trend_is_told_from_the_last_two_rounds(array $rounds, ?string $key): void
    {
        self::assertSame($key, (new SeatingTrend(Limits::standard()))->work(new SeatingTrendInput(Length::mm(20), Length::mm(47), $rounds))->verdict?->headline->key);
    }

    /**
     * @param  list<array{string, ?Reading}>  $entries
     * @return list<int>
     */
    private static function counts(array $entries): array
    {
        return array_map(static fn (DepthRound $r): int => count($r->readings), DepthRounds::of($entries));
    }

    public function test_depths_are_sorted_into_rounds(): void
    {
        $read = static fn (string $hour, ?float $mm): array => [$hour, $mm === null ? null : Reading::mm($mm, Instrument::DepthCaliper)];
        self::assertSame([3, 2], self::counts([$read('12', 1), $read('4', 1), $read('8', 1), $read('12', 2), $read('4', 2)]));
        self::assertSame([3], self::counts([$read('12', 1), $read('4', 1), $read('8', 1), $read('8', 1.1)]), 'put right at once');
        self::assertSame([1], self::counts([$read('12', 1), $read('4', 1), $read('4', null), $read('12', 3)]), 'taken out');
        self::assertSame([], self::counts([]));
    }

    public function test_the_next_tool_serves_most_of_what_nothing_serves(): void
    {
        $fitted = static fn (string $number, float $bore, float $outside, int $jobs): FittedBefore => new FittedBefore($number, Length::mm($bore), Length::mm($outside), $jobs);
        $all = [$fitted('6204', 20, 47, 7), $fitted('6205', 25, 52, 3), $fitted('6004', 20, 42, 1)];
        $work = static fn (array $tools): \CleanRace\Core\Mechanics\Drivers\NextToolResult => (new NextTool(Limits::standard()))->work(new NextToolInput($all, array_values($tools)));
        self::assertSame(['6204', '6205', '6004'], $work([])->uncovered);
        self::assertGreaterThanOrEqual(7, $work([])->offers[0]->jobs);
        $with = $work([self::tool(46.2, 37)]);
        self::assertEqualsWithDelta(7 / 11, $with->covered->share, 1e-9);
        self::assertSame('6205', $with->uncovered[0]);
        foreach ($with->offers as $offer) {
            $bought = $work([self::tool(46.2, 37), self::tool($offer->outside->mm, $offer->opening?->mm)]);
            self::assertEqualsWithDelta((7 + $offer->jobs) / 11, $bought->covered->share, 1e-9, English::of($offer->name).' serves what it promises');
        }
        self::assertSame('next_tool.none', (new NextTool(Limits::standard()))->work(new NextToolInput([]))->verdict->headline->key);
    }

    public function test_specific_heats_are_those_of_the_metals(): void
    {
        // Heavier atoms hold less heat by weight (Dulong and Petit): magnesium, aluminium, iron, zinc in this order.
        $heats = array_map(static fn (Material $m): float => $m->specificHeat(), [Material::Magnesium, Material::Aluminium, Material::Steel, Material::Zinc]);
        $sorted = $heats;
        rsort($sorted);
        self::assertSame($sorted, $heats);
        foreach ([[Material::Aluminium, 27.0], [Material::Magnesium, 24.3], [Material::Steel, 55.8], [Material::Zinc, 65.4]] as [$metal, $weight]) {
            self::assertEqualsWithDelta(24.9, $metal->specificHeat() * $weight / 1000, 2.5, $metal->value);
        }
    }
}
