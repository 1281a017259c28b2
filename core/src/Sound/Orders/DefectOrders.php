<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Orders;

use CleanRace\Core\Catalogue\BallSet;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sound\TurningRing;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;
use LogicException;

/** How many times a turn each part of a bearing speaks when it is hurt, and how many times a second at some speed. */
#[
    Calculator('defect-orders', 'Where a bearing speaks', 'check_in', 'Times a turn and a second that a hurt ring, ball or cage speaks.', [
        'number' => '6204',
        'turning' => 'outer',
        'turns_a_minute' => 150,
    ]),
]
final readonly class DefectOrders
{
    public function __construct(private Limits $limits, private BearingBalls $balls = new BearingBalls())
    {
    }

    /** @throws InvalidInput when it is not a single-row ball bearing */
    public function work(DefectOrdersInput $input): DefectOrdersResult
    {
        // Without a number both diameters are there.
        $set = $this->balls->of($input->number, $input->bore, $input->outside) ?? throw new LogicException('No bearing was said.');
        $ratio = $set->ball->mm / $set->circle->mm;
        $even = BearingOrders::at($set, $input->turning, $ratio);
        [$low, $high] = array_map(
            static fn (float $r): BearingOrders => BearingOrders::at($set, $input->turning, $r),
            BearingOrders::slipping($set, $input->turning, $this->limits),
        );
        $turns = $input->turnsAMinute / 60;
        $order = static fn (string $part, float $at, float $a, float $b): DefectOrder => new DefectOrder(
            $part,
            $at,
            min($a, $b),
            max($a, $b),
            $at * $turns,
        );
        [$least, $most] = [$this->limits->get('sound.ball_low'), $this->limits->get('sound.ball_high')];
        $orders = [
            $order('outer_ring', $even->outer, $low->outer, $high->outer),
            $order('inner_ring', $even->inner, $low->inner, $high->inner),
            $order('ball', $even->ball, $even->ball * $least, $even->ball * $most),
            $order('cage', $even->cage, $low->cage, $high->cage),
        ];

        $verdict = $this->verdict($set, $even, $turns, $input->turning);

        return new DefectOrdersResult($set->balls, $set->ball, $set->guessed, $orders, $verdict);
    }

    private function verdict(BallSet $set, BearingOrders $even, float $turns, TurningRing $turning): Verdict
    {
        $times = static fn (float $order): Written => Written::of(sprintf('%.2f', $order));
        $words = [
            'outer' => $times($even->outer),
            'inner' => $times($even->inner),
            'balls' => Written::of((string) $set->balls),
            'ball' => $set->ball,
        ];
        $headline = Message::of('orders.of', 'Outer ring {outer}, inner ring {inner} times a turn', $words);
        $verdict = $set->guessed
            ? Verdict::care($headline, Message::of(
                'orders.guessed',
                'Of {balls} balls of {ball}, as such bearings usually have: a guess. Makers differ by one ball, and that moves it.',
                $words,
            ))
            : Verdict::go($headline, Message::of(
                'orders.known',
                'Of {balls} balls of {ball}, as makers list them. A cage that slips moves it by a few in a hundred.',
                $words,
            ));
        $ratio = $set->ball->mm / $set->circle->mm;
        $sign = $turning === TurningRing::Outer ? '+' : '−';

        return $verdict->workedOut(
            Working::start()
                ->line('Ratio', 'd / Dp', sprintf('%.3f / %.2f', $set->ball->mm, $set->circle->mm), sprintf('%.4f', $ratio))
                ->line('Cage', "(1 $sign ρ) / 2", sprintf('(1 %s %.4f) / 2', $sign, $ratio), sprintf('%.4f', $even->cage))
                ->line('Outer and inner', 'n together', sprintf('%.3f + %.3f', $even->outer, $even->inner), (string) $set->balls)
                ->line(
                    'A second',
                    'order × turns',
                    sprintf('%.2f × %.2f', $even->outer, $turns),
                    sprintf('%.1f Hz', $even->outer * $turns),
                ),
        );
    }
}
