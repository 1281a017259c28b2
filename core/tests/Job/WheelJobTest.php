<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Status;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use PHPUnit\Framework\TestCase;

/** Whole jobs: good work passes, each slip is stopped where it happens. */
final class WheelJobTest extends TestCase
{
    use GoodWheel;

    /** @return array<string, string> status by station */
    private static function statuses(JobReport $report): array
    {
        return array_combine(
            array_map(static fn (StationReport $s): string => $s->station->value, $report->stations),
            array_map(static fn (StationReport $s): string => $s->status->value, $report->stations),
        );
    }

    public function test_an_untouched_job_has_seven_stations_and_may_not_be_signed(): void
    {
        $report = self::report(new Notebook());
        self::assertSame(['check_in', 'strip', 'size', 'source', 'seat', 'set', 'prove'], array_keys(self::statuses($report)));
        self::assertSame(['untouched'], array_values(array_unique(self::statuses($report))));
        self::assertFalse($report->maySign);
    }

    public function test_a_whole_good_job_is_go_at_every_station_and_may_be_signed(): void
    {
        $report = self::report(self::job());
        foreach ($report->stations as $station) {
            foreach ($station->steps as $step) {
                self::assertNull($step->open(), $step->id);
                self::assertTrue($step->done || $step->optional || $step->id === 'prove.sign', $step->id);
            }
        }
        self::assertSame([], $report->blocks);
        self::assertTrue($report->maySign);
        self::assertSame('Take the 42 cup', self::headline($report, 'seat.driver'));
    }

    public function test_what_was_to_be_replaced_and_was_not_stands_in_the_way_until_somebody_says_otherwise(): void
    {
        $blocks = static fn (array $otherwise): array => array_values(
            array_filter(
                array_map(static fn ($b): ?string => $b->open ? $b->what->key : null, self::report(self::job($otherwise))->blocks),
            ),
        );
        self::assertSame(['block.left_in'], $blocks(['part.seal_right' => ['state' => 'stays', 'condition' => 'replace']]));
        self::assertSame(['block.fitted_again'], $blocks(['part.seal_right' => ['state' => 'fitted', 'condition' => 'replace']]));
        self::assertSame([], $blocks(['part.seal_right' => ['state' => 'fitted', 'condition' => 'replace', 'new' => true]]));
        self::assertSame(
            [],
            $blocks([
                'part.seal_right' => ['state' => 'stays', 'condition' => 'replace'],
                'word.replace.seal_right' => ['text' => 'Next time; the owner knows'],
            ]),
        );
    }

    public function test_missing_balls_stop_until_they_are_found(): void
    {
        $burst = static fn (string $found): JobReport => self::report(
            self::job(['strip.condition' => ['choices' => ['burst']], 'strip.balls_found' => ['choice' => $found]]),
        );
        self::assertContains('strip.last_ball', array_map(static fn ($b): string => $b->step, $burst('missing')->blocks));
        self::assertNotContains('strip.last_ball', array_map(static fn ($b): string => $b->step, $burst('all')->blocks));
    }

    public function test_a_signed_job_is_settled_to_the_end(): void
    {
        $report = (new WheelJob(Limits::standard()))->report(self::bench(self::job(), signed: true));
        self::assertSame(['settled'], array_values(array_unique(self::statuses($report))));
        self::assertSame('Signed', self::headline($report, 'prove.sign'));
    }

    public function test_a_part_left_on_the_tray_blocks_and_is_named(): void
    {
        $report = self::report(self::job(['part.spacer_left' => ['state' => 'on_tray']]));
        self::assertContains(
            'Left wheel spacer still lies on the tray',
            array_map(static fn ($b): string => $b->what->inEnglish(), $report->blocks),
        );
        self::assertFalse($report->maySign);
    }

    public function test_an_open_care_asks_for_a_word_and_a_word_lets_it_go(): void
    {
        $care = ['source.left.number' => ['text' => '6204 DDU C3']];
        $asked = self::report(self::job($care));
        self::assertFalse($asked->maySign);
        self::assertSame(
            [PlacesOf::word('source.left.match')],
            array_map(static fn (Ask $a): string => $a->place, self::step($asked, 'prove.words')->asks),
        );
        $answered = self::report(
            self::job($care + [PlacesOf::word('source.left.match') => ['text' => 'More clearance does no harm in a warm hub']]),
        );
        self::assertTrue($answered->maySign);
        self::assertSame('care', self::statuses($answered)['source']);
    }

    public function test_a_word_does_not_lift_a_stop(): void
    {
        self::assertFalse(
            self::report(self::job(['set.turns' => ['choice' => 'drags'], PlacesOf::word('set.clamped') => ['text' => 'It will do']]))
                ->maySign,
        );
    }

    public function test_a_cocked_start_that_was_driven_out_and_went_home_is_forgotten(): void
    {
        $report = self::report(self::job(['seat.left.start.12' => ['typed' => '2.00'], 'seat.left.start.6' => ['typed' => '2.30']]));
        self::assertNull(self::step($report, 'seat.left.start')->open(), 'it is home: the start no longer counts');
    }

    public function test_with_the_ring_on_the_right_the_right_goes_first(): void
    {
        $report = self::report(self::job(['check.ring_side' => ['choice' => 'right'], 'part.snap_ring_left' => null]));
        $ids = array_map(static fn ($s): string => $s->id, $report->stations[4]->steps);
        self::assertLessThan(array_search('seat.left.start', $ids, true), array_search('seat.right.start', $ids, true));
    }

    public function test_the_list_to_buy_groups_what_is_the_same(): void
    {
        $list = self::report(self::job())->toBuy;
        self::assertSame(
            '6204, contact seal on both sides, 20 × 47 × 14 mm',
            English::of(
                array_values(array_filter($list, static fn ($l): bool => str_contains(English::of($l->what), 'bearing')))[0]->askFor,
            ),
        );
        self::assertSame([2], array_map(static fn ($l): int => $l->quantity, $list), 'seals that are used again are not bought');
        $seals = self::report(
            self::job([
                'part.seal_left' => ['state' => 'on_tray', 'condition' => 'replace'],
                'part.seal_right' => ['state' => 'on_tray', 'condition' => 'replace'],
            ]),
        )->toBuy;
        self::assertSame([2, 2], array_map(static fn ($l): int => $l->quantity, $seals));
        $glued = self::report(self::job(['fit.left.feel' => ['choice' => 'drops_in'], 'fit.left.remedy' => ['choice' => 'compound']]))
            ->toBuy;
        self::assertStringContainsString('Retaining compound', English::of($glued[count($glued) - 1]->askFor));
    }

    public function test_two_ledges_ask_about_the_span(): void
    {
        $two = [
            'size.ledges' => ['choice' => 'two'],
            'size.ledge_span' => ['typed' => '57.60'],
            'seat.pair_feel' => ['choices' => ['clamped_free']],
        ];
        self::assertSame('sleeve.fits', self::step(self::report(self::job($two)), 'seat.right.home')->verdicts[0]->headline->key);
        $short = ['size.sleeve_length' => ['typed' => '57.10'], 'seat.pair_feel' => null];
        self::assertSame(
            'sleeve.short',
            self::step(self::report(self::job([...$two, ...$short])), 'seat.right.home')->verdicts[0]->headline->key,
        );
    }

    private static function headline(JobReport $report, string $step): string
    {
        return self::step($report, $step)->verdicts[0]->headline->inEnglish();
    }

    public function test_every_place_is_asked_in_one_way_only(): void
    {
        $kinds = [];
        foreach (self::report(self::job())->stations as $station) {
            foreach ($station->steps as $step) {
                foreach ($step->asks as $ask) {
                    $kinds[$ask->place][] = $ask->kind->value;
                    self::assertNotSame('', $ask->label);
                    self::assertTrue(
                        ! in_array($ask->kind, [AskKind::Choice, AskKind::Choices], true) ||
                            count($ask->options) > 1 ||
                            $ask->place === 'seat.driver',
                        $ask->place,
                    );
                }
            }
        }
        foreach ($kinds as $place => $found) {
            self::assertCount(1, array_unique($found), $place);
        }
        self::assertArrayHasKey(PlacesOf::feel('left'), $kinds);
    }
}
