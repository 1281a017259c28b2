<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Steps;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\EntryReader;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Ordinary;
use CleanRace\Core\Steps\OrdinaryAnswer;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One tap for what is ordinary, and which step follows by itself. */
final class OrdinaryTest extends TestCase
{
    private static function seal(string $id): Part
    {
        return Part::of(PartKind::Seal, Side::Left, ucfirst($id), ['bore' => 28, 'outside' => 47, 'width' => 7], id: $id);
    }

    private static function bearing(): Part
    {
        return Part::of(PartKind::Bearing, Side::Left, 'Bearing', ['bore' => 20, 'outside' => 47, 'width' => 14], id: 'bearing');
    }

    private static function nut(): Part
    {
        return Part::of(PartKind::CastleNut, Side::Left, 'Castle nut', ['bore' => 20, 'outside' => 30, 'length' => 12], id: 'nut');
    }

    /** @param  array<string, array<string, mixed>>  $entries */
    private static function notebook(array $entries = []): Notebook
    {
        return new Notebook(array_map(static fn (array $v): array => ['value' => $v, 'instrument' => null], $entries));
    }

    /** @return array<string, array<string, mixed>> what the tap enters, by place */
    private static function entered(?Ordinary $ordinary): array
    {
        return array_map(
            static fn (OrdinaryAnswer $a): array => array_filter(
                get_object_vars($a),
                static fn (mixed $v, string $k): bool => $k !== 'place' && $v !== null && $v !== [],
                ARRAY_FILTER_USE_BOTH,
            ),
            array_column($ordinary->answers ?? [], null, 'place'),
        );
    }

    public function test_what_comes_off_is_good_and_as_drawn_a_bearing_to_be_renewed_a_nut_by_itself(): void
    {
        $asks = array_map(
            static fn (Part $p): Ask => Ask::part($p, PartState::OnTray),
            [self::seal('seal'), self::bearing(), self::nut()],
        );
        $ordinary = Ordinary::ofStep($asks, self::notebook());
        self::assertSame(
            [
                'part.seal' => ['state' => 'on_tray', 'condition' => 'use', 'wayRound' => 'lip and spring in'],
                'part.bearing' => ['state' => 'on_tray', 'condition' => 'replace', 'wayRound' => 'marked face out'],
            ],
            self::entered($ordinary),
        );
        self::assertSame(['Seal', 'Bearing: to be renewed'], array_map(English::of(...), $ordinary->says ?? []));
        self::assertNull(
            Ordinary::ofStep($asks, self::notebook(['part.seal' => ['state' => 'on_tray']])),
            'one that is left is a tap as it is',
        );
    }

    public function test_what_is_to_be_replaced_goes_in_new_and_what_is_left_in_stays(): void
    {
        $in = array_map(static fn (Part $p): Ask => Ask::part($p, PartState::Fitted), [self::seal('one'), self::seal('two')]);
        $laid = self::notebook([
            'part.one' => ['state' => 'on_tray', 'condition' => 'replace'],
            'part.two' => ['state' => 'on_tray', 'condition' => 'use'],
        ]);
        self::assertSame(
            ['part.one' => ['state' => 'fitted', 'new' => true], 'part.two' => ['state' => 'fitted']],
            self::entered(Ordinary::ofStep($in, $laid)),
        );
        $left = array_map(
            static fn (Part $p): Ask => Ask::part($p, PartState::OnTray)->leftIn(),
            [self::seal('one'), self::seal('two'), self::nut()],
        );
        self::assertSame(
            ['part.one' => ['state' => 'stays', 'condition' => 'use'], 'part.two' => ['state' => 'stays', 'condition' => 'use']],
            self::entered(Ordinary::ofStep($left, self::notebook())),
        );
        self::assertTrue($left[2]->leave, 'a nut is left on as well, and said by itself');
    }

    public function test_answers_are_those_that_were_named_and_say_so(): void
    {
        $yes = Option::of(['good' => 'Good', 'bad' => 'Bad']);
        $asks = [
            Ask::choice(Places::LOOK_AXLE, 'Axle', $yes)->usually('good'),
            Ask::choices(Places::PAIR_FEEL, 'The pair', $yes)->usually('good', 'bad'),
            Ask::choice(Places::LOOK_GROOVE, 'Groove', $yes),
            Ask::tick('seat.clean.done', 'Clean'),
            Ask::tick('strip.safe.done', 'Safe')->byItself(),
            Ask::choice(Places::LOOK_BORE_LEFT, 'Bore', $yes)->usually('good')->borrowed(),
        ];
        $ordinary = Ordinary::ofStep($asks, self::notebook());
        self::assertSame(
            [
                Places::LOOK_AXLE => ['choice' => 'good'],
                Places::PAIR_FEEL => ['choices' => ['good', 'bad']],
                'seat.clean.done' => ['done' => true],
            ],
            self::entered($ordinary),
        );
        self::assertSame(['Axle: good', 'The pair: good, bad', 'Clean'], array_map(English::of(...), $ordinary->says ?? []));
    }

    public function test_a_step_leads_on_once_all_that_is_wanted_is_there_and_nothing_wants_reading(): void
    {
        $leads = static fn (Step $step, array $entries): bool => StationReport::of(
            Station::Seat,
            [$step],
            self::notebook($entries),
        )->steps[0]->leadsOn;
        $said = ['seat.x.done' => ['done' => true]];
        $step = Step::of('seat.x', 'X')->ticked();
        $go = Verdict::go(Message::plain('Go'), Message::plain('Good'));
        $care = Verdict::care(Message::plain('Care'), Message::plain('Look'));
        self::assertFalse($leads($step, []));
        self::assertTrue($leads($step, $said));
        self::assertTrue($leads($step->judged($go), $said));
        self::assertFalse($leads($step->judged($care), $said), 'a care is read first');
        self::assertFalse($leads($step->judged($go)->lingering(), $said), 'more is usually entered');
        $free = Step::of('seat.y', 'Y')->asking(Ask::choice('seat.x.done', 'Y', [], wanted: false));
        self::assertFalse($leads($free->judged($go), $said), 'nothing is wanted of it: nobody knows when it is through');
        self::assertTrue($leads($free->judged($go)->settledByGo(true), $said));
        self::assertFalse($leads($free->judged($care)->settledByGo(true), $said));
        self::assertFalse($leads($free->judged($go)->settledByGo(false), $said));
        self::assertTrue($leads($free->throughOnce(true), $said));
        self::assertFalse($leads($free->judged($care)->throughOnce(true), $said));
    }

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            yield $id => [$pattern];
        }
    }

    private static function report(Pattern $pattern, Notebook $notebook): JobReport
    {
        return (new WheelJob(Limits::standard()))->report(new Bench($pattern, $notebook, [], null, DrawBolt::M12, false, [], []));
    }

    /** @param  array<string, mixed>  $entry as it is sent */
    private static function kept(Notebook $notebook, string $place, array $entry): Notebook
    {
        $read = (new EntryReader())->read(Places::at($place), $entry, 'mm', $notebook->value($place));

        return $notebook->with($place, ['value' => $read, 'instrument' => null]);
    }

    #[DataProvider('patterns')]
    public function test_the_taps_of_a_whole_job_are_kept_as_they_are_and_stop_nothing(Pattern $pattern): void
    {
        $notebook = self::notebook();
        $never = '/\b(nut|pin|torque|safe|joints?)\b/i';
        for ($round = 0; $round < 4; $round++) {
            foreach (self::report($pattern, $notebook)->stations as $station) {
                foreach ([$station->ordinary, ...array_column($station->steps, 'ordinary')] as $ordinary) {
                    foreach ($ordinary->answers ?? [] as $i => $answer) {
                        if ($station->station === Station::Strip) {
                            self::assertDoesNotMatchRegularExpression($never, English::of($ordinary->says[$i] ?? ''), $answer->place);
                        }
                        $entry = array_filter(
                            [
                                'choice' => $answer->choice,
                                'choices' => $answer->choices === [] ? null : $answer->choices,
                                'done' => $answer->done,
                                'state' => $answer->state,
                                'condition' => $answer->condition,
                                'way_round' => $answer->wayRound,
                                'new' => $answer->new,
                            ],
                            static fn (mixed $v): bool => $v !== null,
                        );
                        $notebook = self::kept($notebook, $answer->place, $entry);
                    }
                }
                // What stands alone at its step is a tap of its own.
                foreach (array_merge(...array_map(static fn (Step $s): array => $s->asks, $station->steps)) as $ask) {
                    if ($ask->usual() !== null && ! $ask->borrowed && ! $ask->isEntered($notebook)) {
                        $notebook = self::kept($notebook, $ask->place, $ask->usual());
                    }
                }
            }
        }
        foreach (self::report($pattern, $notebook)->stations as $station) {
            foreach ($station->steps as $step) {
                self::assertNull($step->ordinary, "$step->id: all that one tap says is said");
                // No tool hangs on this wall, and the tap does not sign.
                if ($station->station !== Station::Prove && $step->panel !== Panel::Driver) {
                    self::assertNotSame(Level::Stop, $step->worst(), $step->id);
                }
            }
        }
    }
}
