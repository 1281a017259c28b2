<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Home;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Seating\Home\PairFeel;
use CleanRace\Core\Seating\Home\SecondBearing;
use CleanRace\Core\Seating\Home\SecondBearingInput;
use CleanRace\Core\Seating\Home\SecondBearingResult;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One shoulder: the second bearing goes in until its inner ring stands on the spacer tube. */
final class SecondBearingTest extends TestCase
{
    /** @param  list<PairFeel>  $feel */
    private static function second(
        ?float $depth,
        array $feel = [],
        DrawBolt $bolt = DrawBolt::M12,
        bool $seen = true,
    ): SecondBearingResult {
        $caliper = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DigitalCaliper);
        $rod = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DepthCaliper);
        $input =
            $depth === null
                ? new SecondBearingInput(feel: $feel, sleeveSeen: $seen)
                : new SecondBearingInput(
                    $caliper(104.0),
                    $rod(9.2),
                    Length::mm(14),
                    $caliper(57.6),
                    Length::mm(14),
                    $rod($depth),
                    $bolt,
                    $feel,
                    $seen,
                );

        return (new SecondBearing(Limits::standard()))->work($input);
    }

    public function test_second_bearing_as_worked_by_hand(): void
    {
        $result = self::second(8.85);
        self::assertEqualsWithDelta(9.2, $result->restDepth?->mm, 1e-9);
        self::assertEqualsWithDelta(0.35, $result->toGo?->mm, 1e-9);
        self::assertEqualsWithDelta(72.0, $result->nutTurn?->degrees, 1e-6);
        self::assertEqualsWithDelta(36.0, $result->advisedTurn?->degrees, 1e-6);
        self::assertEqualsWithDelta(sqrt(2 * 0.03 ** 2 + 2 * 0.05 ** 2), $result->plusMinus?->mm, 1e-9);
        self::assertStringContainsString(
            'Turn the M12 nut 36°, about a tenth of a turn',
            self::second(8.85)->verdict->sentence->inEnglish(),
        );
        self::assertStringContainsString('about a third of a turn', self::second(8.0)->verdict->sentence->inEnglish());
        self::assertStringContainsString('turns', self::second(4.0)->verdict->sentence->inEnglish());
        self::assertSame(Level::Stop, self::second(9.6)->verdict->level);
        self::assertSame('second.past', self::second(9.6)->verdict->headline->key);
    }

    public function test_no_turns_are_shown_when_nothing_is_to_go(): void
    {
        foreach ([9.2, 9.25, 9.6] as $depth) {
            self::assertNull(self::second($depth)->nutTurn, (string) $depth);
            self::assertNull(self::second($depth)->advisedTurn);
        }
    }

    public function test_the_advice_never_passes_what_is_left(): void
    {
        for ($depth = 5.0; $depth < 9.1; $depth += 0.1) {
            foreach (DrawBolt::cases() as $bolt) {
                $result = self::second($depth, bolt: $bolt);
                self::assertLessThan($result->nutTurn?->degrees, $result->advisedTurn?->degrees);
                if ($result->toGo?->mm <= 0.5) {
                    self::assertLessThanOrEqual(90.0, $result->advisedTurn?->degrees);
                }
            }
        }
    }

    /** @return iterable<string, array{?float, list<PairFeel>, Level, string}> */
    public static function seconds(): iterable
    {
        $there = [PairFeel::NudgesOnly, PairFeel::OtherFollows];
        yield 'there' => [9.18, $there, Level::Go, 'second.there'];
        yield 'there by sizes, nothing felt: the band alone is no sign' => [9.2, [], Level::Care, 'second.try'];
        yield 'there by sizes, the axle passes' => [9.2, [PairFeel::AxleByHand], Level::Go, 'second.there'];
        yield 'narrow rings rest deeper' => [9.44, $there, Level::Go, 'second.there'];
        yield 'past all it may rest at' => [9.6, $there, Level::Stop, 'second.past'];
        yield 'past it by the sizes, clamped it turns free' => [9.6, [PairFeel::ClampedFree], Level::Care, 'second.past_free'];
        yield 'to go, clamped it turns free' => [8.85, [PairFeel::ClampedFree], Level::Go, 'second.there'];
        yield 'it binds, and the numbers are past' => [9.55, [PairFeel::Binds], Level::Stop, 'second.too_far'];
        yield 'it binds and drags' => [9.2, [PairFeel::Binds, PairFeel::ClampedDrags], Level::Stop, 'second.too_far'];
        yield 'there by sizes, still loose' => [9.18, [PairFeel::MovesUpDown], Level::Care, 'second.short'];
        yield 'to go' => [8.85, [PairFeel::Rattles], Level::Care, 'second.more'];
        yield 'to go, hands say there' => [8.85, $there, Level::Care, 'second.clash'];
        yield 'there, but it binds' => [9.22, [PairFeel::Binds], Level::Care, 'second.tight_once'];
        yield 'clamped it drags' => [9.2, [PairFeel::ClampedDrags], Level::Care, 'second.tight_once'];
        yield 'a little past, hands content' => [9.3, $there, Level::Go, 'second.there'];
        yield 'a little past, nothing felt' => [9.3, [], Level::Care, 'second.try'];
        yield 'by hands: short' => [null, [PairFeel::Rattles], Level::Care, 'second.short'];
        yield 'by hands: there' => [null, $there, Level::Go, 'second.there'];
        yield 'by hands: binds' => [null, [PairFeel::Binds, PairFeel::NudgesOnly], Level::Care, 'second.tight_once'];
        yield 'by hands: binds and drags' => [null, [PairFeel::Binds, PairFeel::ClampedDrags], Level::Stop, 'second.too_far'];
        yield 'by hands: mixed' => [null, [PairFeel::Rattles, PairFeel::ClampedFree], Level::Care, 'second.mixed'];
        yield 'by hands: only the axle' => [null, [PairFeel::AxleByHand], Level::Care, 'second.axle_only'];
    }

    /** @param  list<PairFeel>  $feel */
    #[DataProvider('seconds')]
    public function test_the_second_bearing_is_decided_on_sizes_and_hands(?float $depth, array $feel, Level $level, string $key): void
    {
        $verdict = self::second($depth, $feel)->verdict;
        self::assertSame([$level, $key], [$verdict->level, $verdict->headline->key]);
    }

    public function test_widths_that_were_measured_are_worked_with_and_leave_no_room(): void
    {
        $reading = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DepthMicrometer);
        $at = static fn (?float $width, float $depth): SecondBearingResult => (new SecondBearing(Limits::standard()))->work(
            new SecondBearingInput(
                $reading(104),
                $reading(9.2),
                Length::mm(14),
                $reading(57.6),
                Length::mm(14),
                $reading($depth),
                feel: [PairFeel::NudgesOnly],
                firstWidthMeasured: $width === null ? null : $reading($width),
                secondWidthMeasured: $width === null ? null : $reading($width),
            ),
        );
        self::assertEqualsWithDelta(9.2, $at(null, 9.2)->restDepth?->mm, 1e-9);
        self::assertEqualsWithDelta(9.36, $at(13.92, 9.2)->restDepth?->mm, 1e-9);
        self::assertSame('second.there', $at(null, 9.40)->verdict->headline->key);
        self::assertSame('second.past', $at(14.0, 9.40)->verdict->headline->key);
        self::assertSame('second.clash', $at(13.92, 9.2)->verdict->headline->key, '0.16 to go');
    }

    public function test_between_two_shoulders_a_loose_tube_is_no_reason_to_drive_on(): void
    {
        $feel = static fn (PairFeel ...$feel): string => (new SecondBearing(Limits::standard()))->work(
            new SecondBearingInput(feel: array_values($feel), twoShoulders: true),
        )->verdict->headline->key;
        self::assertSame('second.clamp_first', $feel(PairFeel::Rattles));
        self::assertSame('second.pair_free', $feel(PairFeel::Rattles, PairFeel::ClampedFree));
        self::assertSame('second.pair_free', $feel(PairFeel::OtherFollows));
    }

    public function test_a_sleeve_not_seen_stops_everything(): void
    {
        self::assertSame('second.no_sleeve', self::second(9.2, [PairFeel::NudgesOnly], seen: false)->verdict->headline->key);
    }

    public function test_a_sleeve_longer_than_the_hub_is_refused(): void
    {
        $reading = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DigitalCaliper);
        $this->expectException(InvalidInput::class);
        new SecondBearingInput($reading(50), $reading(9), Length::mm(14), $reading(57), Length::mm(14), $reading(9));
    }

    public function test_near_the_end_half_of_what_is_left_is_turned(): void
    {
        // 0.48 to go on a pitch of 1.75 is 98.7°: half of it, and less than the quarter turn that is the most.
        self::assertEqualsWithDelta((0.48 / 1.75) * 180, self::second(8.72)->advisedTurn?->degrees, 0.01);
    }

    public function test_a_pair_that_turns_free_when_it_is_clamped_is_never_said_to_be_squeezed(): void
    {
        $key = static fn (float $depth, PairFeel ...$feel): string => self::second($depth, array_values($feel))->verdict->headline->key;
        $squeezed = $key(9.75, PairFeel::Binds);
        self::assertSame(Level::Stop, self::second(9.75, [PairFeel::Binds])->verdict->level, 'one sign, and the sizes say so too');
        self::assertNotSame($squeezed, $key(9.75, PairFeel::Binds, PairFeel::ClampedFree));
        self::assertNotSame(Level::Stop, self::second(9.75, [PairFeel::Binds, PairFeel::ClampedFree])->verdict->level);
        self::assertSame($squeezed, $key(9.3, PairFeel::Binds, PairFeel::ClampedDrags), 'two signs need no sizes');
    }

    public function test_between_two_shoulders_a_loose_tube_waits_for_the_axle(): void
    {
        $said = static fn (PairFeel ...$feel): array => (static fn ($v): array => [$v->headline->key, $v->level])(
            (new SecondBearing(Limits::standard()))->work(
                new SecondBearingInput(feel: array_values($feel), twoShoulders: true),
            )->verdict,
        );
        self::assertSame(['second.clamp_first', Level::Care], $said(PairFeel::Rattles));
        self::assertSame(['second.pair_free', Level::Go], $said(PairFeel::Rattles, PairFeel::ClampedFree));
    }
}
