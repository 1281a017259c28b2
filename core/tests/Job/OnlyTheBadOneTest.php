<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Sourcing\ToBuy;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tooling\DrawBolt;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One of two bearings is done: the other is looked after where it is, and neither bought, judged for a press nor put in. */
final class OnlyTheBadOneTest extends TestCase
{
    use FindsStep;

    /** @return iterable<string, array{Pattern, Side}> each hub of two bearings, and which of them is bad */
    public static function ends(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            if (! $pattern->card()->converted && count($pattern->stack(new Notebook([]))->cartridges()) === 2) {
                yield "$id, left" => [$pattern, Side::Left];
                yield "$id, right" => [$pattern, Side::Right];
            }
        }
    }

    #[DataProvider('ends')]
    public function test_the_good_one_is_left_in_and_looked_after(Pattern $pattern, Side $bad): void
    {
        $job = $this->job($pattern, $this->one($bad));
        [$good, $worn] = $this->bearings($pattern, $bad);
        $steps = self::steps($job);
        self::assertContains('strip.kept', array_map(static fn (Ask $a): string => $a->place, $steps["strip.$good"]->asks));
        self::assertTrue($steps["strip.$good"]->asks[0]->leave, 'leaving it is the first answer');
        self::assertFalse($steps["strip.$worn"]->asks[0]->leave);
        self::assertArrayNotHasKey("seat.$good", $steps);
        self::assertNotContains($this->called($pattern, $good), $this->bought($job));
        self::assertContains($this->called($pattern, $worn), $this->bought($job));
        $homes = array_filter($steps, static fn (Step $s): bool => str_ends_with($s->id, '.home'));
        $seats = array_map(static fn (Step $s): ?string => $s->part, $homes);
        self::assertContains($worn, $seats);
        self::assertNotContains($good, $seats);
        // As many steps fewer as there were for the good one.
        self::assertLessThan(count(self::steps($this->job($pattern, []))), count($steps));
    }

    #[DataProvider('ends')]
    public function test_the_good_one_that_is_rough_after_all_is_done_like_the_other(Pattern $pattern, Side $bad): void
    {
        [$good] = $this->bearings($pattern, $bad);
        $job = $this->job($pattern, $this->one($bad) + ["part.$good" => ['state' => 'on_tray', 'condition' => 'replace', 'order' => 1]]);
        self::assertContains($this->called($pattern, $good), $this->bought($job));
        $homes = array_filter(self::steps($job), static fn (Step $s): bool => str_ends_with($s->id, '.home') && $s->part === $good);
        self::assertNotSame([], $homes);
    }

    #[DataProvider('ends')]
    public function test_one_marked_to_be_replaced_and_left_in_is_not_signed_for(Pattern $pattern, Side $bad): void
    {
        [$good] = $this->bearings($pattern, $bad);
        $left = fn (string $condition): array => array_map(
            static fn ($block): string => English::of($block->what),
            $this->job($pattern, $this->one($bad) + ["part.$good" => ['state' => 'stays', 'condition' => $condition]])->blocks,
        );
        self::assertStringContainsString('was to be replaced, and was left in', implode(' ', $left('replace')));
        self::assertStringNotContainsString('was left in', implode(' ', $left('use')));
    }

    public function test_nobody_said_which_is_bad_so_both_are_done(): void
    {
        $pattern = HubPatterns::find('pair-sleeve');
        $both = array_keys(self::steps($this->job($pattern, [])));
        self::assertSame($both, array_keys(self::steps($this->job($pattern, ['check.sides' => ['choice' => 'one']]))));
        self::assertSame($both, array_keys(self::steps($this->job($pattern, ['check.bad_side' => ['choice' => 'left']]))));
    }

    public function test_a_taper_cup_stays_while_its_cone_and_the_seal_before_it_come_off(): void
    {
        $steps = self::steps($this->job(HubPatterns::find('taper-pair'), $this->one(Side::Left)));
        self::assertFalse($steps['strip.seal_right']->asks[0]->leave);
        self::assertFalse($steps['strip.taper_cone_right']->asks[0]->leave);
        self::assertArrayNotHasKey('seat.taper_cup_right.home', $steps);
        self::assertArrayHasKey('seat.taper_cup_left.home', $steps);
    }

    public function test_where_both_ends_come_apart_anyway_it_is_not_asked(): void
    {
        foreach (['cup-cone', 'cup-cone-conversion', 'single-ring'] as $id) {
            $job = $this->job(HubPatterns::find($id), $this->one(Side::Left));
            foreach (self::steps($job) as $step) {
                $places = array_map(static fn (Ask $a): string => $a->place, $step->asks);
                self::assertSame([], array_intersect(['check.sides', 'strip.kept'], $places), $id);
            }
        }
    }

    /** @return array<string, array<string, mixed>> */
    private function one(Side $bad): array
    {
        return ['check.sides' => ['choice' => 'one'], 'check.bad_side' => ['choice' => $bad->value]];
    }

    /** @param  array<string, array<string, mixed>>  $entries */
    private function job(Pattern $pattern, array $entries): JobReport
    {
        $notebook = new Notebook(array_map(static fn (array $v): array => ['value' => $v, 'instrument' => null], $entries));

        return (new WheelJob(Limits::standard()))->report(new Bench($pattern, $notebook, [], null, DrawBolt::M12));
    }

    /** @return array{string, string} ids of the good one and of the bad one */
    private function bearings(Pattern $pattern, Side $bad): array
    {
        $on = static fn (Side $side): string => array_values(
            array_filter($pattern->stack(new Notebook([]))->cartridges(), static fn (Part $p): bool => $p->side === $side),
        )[0]->id;

        return [$on($bad->other()), $on($bad)];
    }

    private function called(Pattern $pattern, string $id): string
    {
        return strtolower(English::of($pattern->stack(new Notebook([]))->find($id)->name ?? ''));
    }

    /** @return list<string> names of all that the list asks for */
    private function bought(JobReport $job): array
    {
        $names = implode(', ', array_map(static fn (ToBuy $line): string => English::of($line->what), $job->toBuy));

        return array_values(array_filter(preg_split('/, | and /', strtolower($names)) ?: []));
    }
}
