<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Balls;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** How many loose balls belong in a cup: as many as lie side by side, one fewer when they would jam. */
#[
    Calculator('balls-in-cup', 'How many balls', 'seat', 'By the circle they run on, and what came out.', [
        'circle_mm' => 21,
        'ball_mm' => '1/4 in',
        'found' => 10,
    ]),
]
final readonly class BallsInCup
{
    public function __construct(private Limits $limits)
    {
    }

    /** Circle and ball in mm; n = floor(π ÷ asin(ball ÷ circle)). */
    public function work(BallsInCupInput $input): BallsInCupResult
    {
        [$circle, $ball, $half] = [$input->circle->value->mm, $input->ball->mm, $input->circle->halfWidth->mm];
        $fit = self::fit($circle, $ball);
        $freeWhenFull = self::free($circle, $ball, $fit);
        $take = $this->take($circle, $ball);
        $free = self::free($circle, $ball, $take);
        // Within the reading another count may be right.
        $others = array_values(
            array_unique(
                array_filter(
                    [$this->take($circle - $half, $ball), $this->take($circle + $half, $ball)],
                    static fn (int $n): bool => $n !== $take,
                ),
            ),
        );
        $each = Angle::degrees(2 * rad2deg(asin($ball / $circle)));

        return new BallsInCupResult(
            $fit,
            $take,
            Length::mm($freeWhenFull),
            Length::mm($free),
            $each,
            $this->verdict($input, $fit, $take, $others, $free)
                ->showing(
                    Figure::of('free_arc', 'Free round the circle', Length::mm($free), M_PI * $half),
                    Figure::of('circle', 'Circle of the balls', $input->circle->value, $half),
                )
                ->workedOut(
                    Working::start()
                        ->line(
                            'Side by side',
                            '⌊π / asin(d / Dp)⌋',
                            sprintf('π / asin(%.3f / %.2f) = %.2f', $ball, $circle, M_PI / asin($ball / $circle)),
                            (string) $fit,
                        )
                        ->line(
                            'Free with all of them',
                            'π·Dp − n·Dp·asin(d / Dp)',
                            Message::of('working.balls', '{count} balls', ['count' => $fit]),
                            Length::mm($freeWhenFull),
                        )
                        ->line(
                            'Taken',
                            'one fewer when less than a tenth of a ball is free',
                            Message::filled(
                                '{free} of {least}',
                                free: sprintf('%.2f', $freeWhenFull),
                                least: sprintf('%.2f', $this->limits->get('balls.free_share') * $ball),
                            ),
                            (string) $take,
                        ),
                ),
        );
    }

    /** @param  list<int>  $others that the reading allows as well */
    private function verdict(BallsInCupInput $input, int $fit, int $take, array $others, float $free): Verdict
    {
        $found = $input->found;
        $words = [
            'take' => $take,
            'found' => $found ?? 0,
            'other' => $others[0] ?? $take,
            'free' => Length::mm($free),
            'ball' => $input->ball,
        ];
        $flat = Message::of(
            'cup_balls.flat',
            'Lay them flat in the grease. One more must not lie down among them; with one out they roll apart by half a ball.',
        );

        return match (true) {
            $found !== null && ! $input->measured => Verdict::go(
                Message::of('cup_balls.out', '{found} balls, as came out', $words),
                Message::of(
                    'cup_balls.out.say',
                    'Nobody measured the circle: the count that came out stands, if they lie flat and roll.',
                    $words,
                ),
            )->next($flat),
            $found === $take => Verdict::go(
                Message::of('cup_balls.same', '{take} balls, as came out', $words),
                Message::of('cup_balls.same.say', 'They lie side by side with {free} free.', $words),
            )->next($flat),
            $found !== null && in_array($found, $others, true) => Verdict::care(
                Message::of('cup_balls.near', '{found} came out, {take} by the circle', $words),
                Message::of('cup_balls.near.say', 'The circle is not known well enough to tell {take} from {other}.', $words),
            )->settledBy($flat),
            $found === $fit && $found !== $take => Verdict::go(
                Message::of('cup_balls.full', '{found} balls, if they lie flat and roll', $words),
                Message::of('cup_balls.full.say', 'They just go in. If they ride up, take one out: {take} are right too.', $words),
            )->next($flat),
            $found !== null && $found > $fit => Verdict::stop(
                Message::of('cup_balls.many', '{take} balls: one too many came out', $words),
                Message::of(
                    'cup_balls.many.say',
                    '{found} do not lie side by side on this circle: they ride up, bind, and break the track.',
                    $words,
                ),
            )->next($flat),
            $found === $take - 1 => Verdict::care(
                Message::of('cup_balls.short', '{take} balls: one was missing', $words),
                Message::of(
                    'cup_balls.short.say',
                    'Room for one more. It may lie in the shell or on the floor, or was never there.',
                    $words,
                ),
            )->next($flat),
            $found !== null && $found < $take => Verdict::care(
                Message::of('cup_balls.few', '{take} balls, or a cage', $words),
                Message::of(
                    'cup_balls.few.say',
                    '{found} came out: a caged row carries fewer; loose ones are filled up to {take}.',
                    $words,
                ),
            )->next($flat),
            $others !== [] => Verdict::care(
                Message::of('cup_balls.or', '{take} or {other} balls', $words),
                Message::of('cup_balls.or.say', 'The circle is not known well enough to tell.'),
            )->settledBy($flat),
            default => Verdict::go(
                Message::of('cup_balls.take', '{take} balls', $words),
                Message::of('cup_balls.take.say', 'They lie side by side with {free} free.', $words),
            )->next($flat),
        };
    }

    private function take(float $circle, float $ball): int
    {
        $fit = self::fit($circle, $ball);

        return self::free($circle, $ball, $fit) < $this->limits->get('balls.free_share') * $ball ? $fit - 1 : $fit;
    }

    private static function fit(float $circle, float $ball): int
    {
        return (int) floor(M_PI / asin($ball / $circle) + 1e-9);
    }

    private static function free(float $circle, float $ball, int $balls): float
    {
        return M_PI * $circle - $balls * $circle * asin($ball / $circle);
    }
}
