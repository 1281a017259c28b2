<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Patterns;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Place;
use CleanRace\Core\Notebook\PlaceTable;
use CleanRace\Core\Patterns\FrontWheel;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\HubPlaces;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tests\Job\WorksJobs;
use CleanRace\Core\Verdict\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A front wheel has no sprockets, and is told of none. */
final class FrontWheelTest extends TestCase
{
    use FindsStep;
    use WorksJobs;

    private const FRONT = ['hub.driven' => ['choice' => 'front']];

    /** What may be said of a wheel that drives, and of no other. */
    private const DRIVEN = '/sprocket|freehub|cassette|freewheel|chain|pawl|ratchet/i';

    /** @return iterable<string, array{string}> */
    public static function both(): iterable
    {
        foreach (['cup-cone', 'cup-cone-conversion', 'pair-axle-shoulder', 'pair-tube-axle'] as $id) {
            yield $id => [$id];
        }
    }

    #[DataProvider('both')]
    public function test_it_is_told_of_nothing_that_drives(string $id): void
    {
        $job = self::job($id, self::FRONT + ['strip.condition' => ['choices' => ['corroded', 'burst', 'seized']]]);
        foreach (self::steps($job) as $step) {
            foreach ($step->asks as $ask) {
                if ($ask->place === 'hub.driven') {
                    continue;
                }
                self::assertDoesNotMatchRegularExpression(self::DRIVEN, Message::plain($ask->label)->inEnglish(), $ask->place);
                foreach ($ask->options as $option) {
                    self::assertDoesNotMatchRegularExpression(self::DRIVEN, Message::plain($option->label)->inEnglish(), $ask->place);
                }
            }
            foreach ([$step->title, $step->detail, $step->tool, $step->why, $step->caution, $step->find] as $words) {
                self::assertDoesNotMatchRegularExpression(self::DRIVEN, Message::plain($words ?? '')->inEnglish(), $step->id);
            }
        }
        self::assertSame([], self::bench($id, self::FRONT)->hub->stack->ofKind(PartKind::Freehub));
        foreach (self::bench($id, self::FRONT)->hub->stack->parts as $part) {
            self::assertDoesNotMatchRegularExpression(self::DRIVEN, Message::plain($part->name)->inEnglish());
        }
        self::assertDoesNotMatchRegularExpression(self::DRIVEN, implode(' ', self::words(self::bench($id, self::FRONT)->pattern->card())));
    }

    #[DataProvider('both')]
    public function test_it_is_the_hub_it_was_and_keeps_what_was_entered(string $id): void
    {
        $notebook = self::bench($id, self::FRONT)->notebook;
        self::assertSame($id, FrontWheel::of(HubPatterns::find($id), $notebook)->id());
        $places = new HubPlaces(HubPatterns::find($id), $notebook);
        foreach (HubPatterns::find($id)->stack(new Notebook([]))->parts as $part) {
            $place = PlaceTable::find('part.'.$part->id);
            self::assertTrue($place instanceof Place && $places->has($place), $part->id);
        }
        self::assertSame(
            array_keys(self::steps(self::job($id))),
            array_keys(self::steps(self::job($id, ['hub.driven' => ['choice' => 'driven']]))),
        );
    }

    public function test_its_sides_have_other_words(): void
    {
        $sides = static fn (string $id): array => [
            self::bench($id, self::FRONT)->pattern->card()->left,
            self::bench($id, self::FRONT)->pattern->card()->right,
        ];
        self::assertSame(['Left', 'Right'], $sides('cup-cone'));
        self::assertSame(['Disc side', 'Plain side'], $sides('pair-axle-shoulder'));
        self::assertSame(['Cap side', 'Plain side'], $sides('pair-tube-axle'));
    }

    public function test_only_hubs_of_bicycles_are_built_for_both(): void
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            self::assertSame(isset(iterator_to_array(self::both())[$id]), FrontWheel::mayBe($pattern), $id);
            if (! FrontWheel::mayBe($pattern)) {
                self::assertSame($pattern, FrontWheel::of($pattern, self::bench($id, self::FRONT)->notebook));
            }
        }
    }

    /** @return list<string> */
    private static function words(PatternCard $card): array
    {
        $said = get_object_vars($card);

        return array_values(array_filter([...$said, ...$said['cautions']], is_string(...)));
    }
}
