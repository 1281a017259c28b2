<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Verdict;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Shown;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use PHPUnit\Framework\TestCase;

/** The one rule that turns a probability into a level, and the one shape of a judgement. */
final class VerdictTest extends TestCase
{
    public function test_surer_is_never_judged_worse(): void
    {
        $limits = Limits::standard();
        foreach ([true, false] as $sign) {
            for ($bearable = 0.0; $bearable <= 1.0; $bearable += 0.05) {
                $before = 3;
                for ($inside = 0.0; $inside <= $bearable + 1e-9; $inside += 0.05) {
                    $rank = Level::within($limits, $inside, $bearable, $sign)->rank();
                    self::assertLessThanOrEqual($before, $rank, "inside $inside, bearable $bearable");
                    $before = $rank;
                }
            }
        }
    }

    public function test_nothing_stops_without_a_sign_and_nothing_goes_unsure(): void
    {
        $limits = Limits::standard();
        $sure = $limits->get('level.sure');
        self::assertSame(Level::Go, Level::within($limits, $sure, 1.0, false));
        self::assertSame(Level::Care, Level::within($limits, $sure - 0.001, 1.0, true));
        self::assertSame(Level::Stop, Level::within($limits, 0.0, 1 - $sure, true));
        self::assertSame(Level::Care, Level::within($limits, 0.0, 1 - $sure, false), 'a bad number alone may be a bad reading');
        self::assertSame(Level::Care, Level::within($limits, 0.0, 1 - $sure + 0.001, true));
    }

    public function test_the_worse_of_two_is_the_worse_whichever_comes_first(): void
    {
        foreach (Level::cases() as $a) {
            foreach (Level::cases() as $b) {
                self::assertSame($a->worse($b), $b->worse($a));
                self::assertSame(max($a->rank(), $b->rank()), $a->worse($b)->rank());
            }
        }
    }

    public function test_words_show_quantities_with_the_decimals_of_their_unit_or_their_own(): void
    {
        $says = Message::of('k', '{play} of {share}, {name}: {fine}', [
            'play' => Length::mm(0.126),
            'share' => Share::of(0.256),
            'name' => Message::plain('left'),
            'fine' => Shown::of(Length::mm(0.126), 3),
        ]);
        self::assertSame('0.13 mm of 26%, left: 0.126 mm', $says->inEnglish());
        self::assertSame('{nothing} is known', Message::of('k', '{nothing} is known')->inEnglish());
        self::assertSame('-0.004 mm', Message::shown(Length::mm(-0.004), 3));
    }

    public function test_a_judgement_gathers_what_is_said_of_it_in_its_order(): void
    {
        $word = static fn (string $text): Message => Message::of('k', $text);
        $first = Verdict::care($word('Tight'), $word('It is tight.'))
            ->because($word('a'))
            ->workedOut(Working::start()->line('x', 'a + b', '1 + 2', Length::mm(3)));
        $then = $first
            ->because($word('b'), $word('c'))
            ->next($word('Warm it'))
            ->workedOut(Working::start()->line('y', 'x / 2', '3 / 2', '1.5'));
        self::assertSame(['a', 'b', 'c'], array_map(static fn (Message $m): string => $m->text, $then->why));
        self::assertSame(['x' => '3.00 mm', 'y' => '1.5'], array_column($then->working->lines, 'result', 'what'));
        self::assertSame(['a'], array_map(static fn (Message $m): string => $m->text, $first->why), 'the one before is as it was');
        self::assertNull($first->next);
    }
}
