<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Patterns;

use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Place;
use CleanRace\Core\Notebook\PlaceTable;
use CleanRace\Core\Patterns\AlsoPart;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\HubPlaces;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tests\Job\WorksJobs;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Parts that some hubs of a kind have: there once somebody says so, off and on in their turn. */
final class AlsoPartTest extends TestCase
{
    use FindsStep;
    use WorksJobs;

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            if (AlsoPart::possible($pattern) !== []) {
                yield $id => [$pattern];
            }
        }
    }

    #[DataProvider('patterns')]
    public function test_each_comes_off_once_and_goes_on_once(Pattern $pattern): void
    {
        $ids = array_column(AlsoPart::possible($pattern), 'id');
        $plain = self::job($pattern->id());
        $job = self::job($pattern->id(), ['hub.also' => ['choices' => $ids]]);
        foreach ([PartState::OnTray, PartState::Fitted] as $until) {
            $order = self::order($job, $until);
            self::assertSame($order, array_values(array_unique($order)));
            foreach ($ids as $id) {
                self::assertContains($id, $order, "$id {$until->value}");
                self::assertNotContains($id, self::order($plain, $until), 'nobody said that it is there');
            }
        }
        $faults = array_map(static fn ($fault): string => English::of($fault->say), $job->hub->faults);
        self::assertSame([], $faults, 'it lies where it can lie');
    }

    #[DataProvider('patterns')]
    public function test_what_is_entered_of_it_is_taken_whatever_was_said(Pattern $pattern): void
    {
        $places = new HubPlaces($pattern, new Notebook([]));
        foreach (AlsoPart::possible($pattern) as $one) {
            $place = PlaceTable::find('part.'.$one->id);
            self::assertInstanceOf(Place::class, $place);
            self::assertTrue($places->has($place));
            self::assertSame($one->name, $places->part($place)?->name);
        }
    }

    public function test_a_table_names_only_parts_that_are_there(): void
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            $stack = AlsoPart::all($pattern->stack(new Notebook([])), $pattern);
            foreach (AlsoPart::possible($pattern) as $one) {
                self::assertNotNull($stack->find($one->id));
                self::assertTrue($one->before === null || $stack->find($one->before) !== null, "$id: $one->id");
            }
        }
    }

    /** @return iterable<string, array{string, PartState, list<string>}> */
    public static function orders(): iterable
    {
        yield 'a ring nut before the far bearing' => [
            'pair-axle-shoulder',
            PartState::Fitted,
            [
                'bearing_right',
                'ring_nut_right',
                'axle',
                'bearing_left',
                'collar_right',
                'ratchets',
                'freehub_right',
                'end_cap_left',
                'clip_left',
            ],
        ];
        yield 'the same taken apart' => [
            'pair-axle-shoulder',
            PartState::OnTray,
            ['clip_right', 'end_cap_right', 'freehub_right', 'bearing_left', 'ratchets', 'collar_right', 'ring_nut_right', 'bearing_right'],
        ];
        yield 'a ring nut before the spacer tube' => [
            'pair-tube-axle',
            PartState::Fitted,
            ['bearing_right', 'ring_nut_right', 'sleeve', 'bearing_left', 'ratchets', 'freehub_right', 'axle'],
        ];
        yield 'hubs on splines outside the lock nuts' => [
            'live-carrier',
            PartState::OnTray,
            ['hub_nut_left', 'wheel_hub_left', 'disc_hub', 'lock_nut_left', 'collar_left', 'axle', 'bearing_left', 'sleeve'],
        ];
        yield 'and on again inside out' => [
            'live-carrier',
            PartState::Fitted,
            ['axle', 'collar_left', 'lock_nut_left', 'disc_hub', 'wheel_hub_left', 'hub_nut_left'],
        ];
        yield 'a washer between nut and adapter' => [
            'spindle',
            PartState::OnTray,
            ['lock_nut_right', 'washer_right', 'spacer_right', 'axle'],
        ];
        yield 'the washer under the blade nut' => [
            'spindle',
            PartState::Fitted,
            ['axle', 'spacer_right', 'washer_right', 'lock_nut_right'],
        ];
        yield 'a closed cap first of all' => ['flanged-wheel', PartState::OnTray, ['dust_cap_left', 'clip_left', 'washer_left', 'axle']];
        yield 'a felt before the cone that stands behind it' => [
            'taper-pair',
            PartState::Fitted,
            ['felt_right', 'taper_cone_right', 'seal_right'],
        ];
    }

    /** @param  list<string>  $expected */
    #[DataProvider('orders')]
    public function test_it_comes_off_and_goes_on_in_its_turn(string $pattern, PartState $until, array $expected): void
    {
        $ids = array_column(AlsoPart::possible(HubPatterns::find($pattern)), 'id');
        $order = self::order(self::job($pattern, ['hub.also' => ['choices' => $ids]]), $until);
        self::assertSame($expected, array_values(array_intersect($order, $expected)));
    }

    public function test_what_goes_on_before_a_freehub_has_a_step_of_its_own(): void
    {
        $ids = array_keys(self::steps(self::job('pair-axle-shoulder', ['hub.also' => ['choices' => ['collar_right', 'ratchets']]])));
        self::assertSame(
            ['set.collar_right', 'set.ratchets', 'set.freehub_right', 'set.axle'],
            array_slice($ids, (int) array_search('set.collar_right', $ids, true), 4),
        );
    }

    public function test_it_is_said_again_without_harm(): void
    {
        $pattern = HubPatterns::find('spindle');
        $notebook = self::bench('spindle', ['hub.also' => ['choices' => ['washer_right', 'no_such_part']]])->notebook;
        $stack = AlsoPart::onto($pattern->stack($notebook), $pattern, $notebook);
        self::assertSame(self::ids($stack), self::ids(AlsoPart::onto($stack, $pattern, $notebook)));
    }

    /** @return list<string> */
    private static function ids(Stack $stack): array
    {
        return array_map(static fn ($part): string => $part->id, $stack->parts);
    }

    /** @return list<string> ids of parts in the order in which they are asked for */
    private static function order(JobReport $job, PartState $until): array
    {
        $order = [];
        foreach (self::steps($job) as $step) {
            foreach ($step->asks as $ask) {
                if ($ask->kind === AskKind::Part && $ask->until === $until) {
                    $order[] = (string) $ask->part;
                }
            }
        }

        return $order;
    }
}
