<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Measure\Share;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** From the checks made on the machine: which parts are suspect, how sure, and whether it may be ridden. */
#[
    Calculator('rock-check', 'Which part is suspect', 'check_in', 'Rock, spin, look: what they rule in or out.', [
        'rock_three_nine' => 'at_hub',
        'rock_twelve_six' => 'at_hub',
        'spin' => 'rumble',
        'caliper' => 'freed',
    ]),
]
final readonly class RockCheck
{
    public function __construct(private Limits $limits)
    {
    }

    /** Weighs every check by the odds of check_evidence.csv. */
    public function work(RockCheckInput $input): RockCheckResult
    {
        $evidence = new Evidence($this->limits);
        $suspects = $evidence->suspicions($input);
        $first = $suspects[0];
        $urgency = $this->urgency($input, $first);
        $left = $evidence->left($input);
        $working = Working::start();
        foreach ($suspects as $s) {
            $working = $working->line(
                $s->suspect->label(),
                'weights of the signs, as odds',
                $s->reasons === [] ? 'no sign' : Message::listed($s->reasons, '; '),
                $s->probability,
            );
        }
        $sides = abs($left->share - 0.5) < 0.01 ? [] : [Figure::of('left_bearing', 'Of the two, the left', $left)];

        return new RockCheckResult(
            $first->suspect,
            $urgency !== Urgency::Stop,
            $urgency,
            $left,
            $suspects,
            $this->verdict($input, $first, $suspects[1] ?? $first, $urgency, $left, $evidence)
                ->showing(
                    ...array_map(
                        static fn (Suspicion $s): Figure => Figure::of(
                            'suspect_'.$s->suspect->value,
                            $s->suspect->label(),
                            $s->probability,
                        ),
                        array_slice($suspects, 0, 3),
                    ),
                    ...$sides,
                )
                ->because(
                    ...array_map(
                        static fn (string $r): Message => Message::of('check.reason', '{reason}.', [
                            'reason' => Message::plain(ucfirst($r)),
                        ]),
                        $first->reasons,
                    ),
                )
                ->workedOut($working),
        );
    }

    private function found(RockCheckInput $input): bool
    {
        $harmless = [
            'rock_3_9' => 'none',
            'rock_12_6' => 'none',
            'spin' => 'quiet',
            'seals' => 'dry',
            'end_float' => 'none',
            'listen' => 'nothing',
            'inner_left' => 'smooth',
            'inner_right' => 'smooth',
            'coast' => 'soon',
        ];

        return $input->broken ||
            ($input->complaints !== [] && $input->complaints !== [ComplaintKind::Age]) ||
            array_diff_assoc($input->made(false), $harmless) !== [];
    }

    private function urgency(RockCheckInput $input, Suspicion $first): Urgency
    {
        $play = ($input->rockThreeNine ?? Rock::None) !== Rock::None || ($input->rockTwelveSix ?? Rock::None) !== Rock::None;
        $bad = [InnerFeel::Rough, InnerFeel::Notchy];

        return match (true) {
            $input->broken,
            $play,
            in_array($input->spin, [Spin::Grind, Spin::Locked], true),
            $input->innerLeft === InnerFeel::Locked,
            $input->innerRight === InnerFeel::Locked => Urgency::Stop,
            ! $this->found($input) => Urgency::Fine,
            in_array($input->innerLeft, $bad, true),
            in_array($input->innerRight, $bad, true),
            $input->spin === Spin::Rumble,
            $input->seals === SealLook::Rust,
            $first->probability->share >= $this->limits->get('check.sure') => Urgency::Soon,
            default => Urgency::NextChance,
        };
    }

    private function verdict(
        RockCheckInput $input,
        Suspicion $first,
        Suspicion $second,
        Urgency $urgency,
        Share $left,
        Evidence $evidence,
    ): Verdict {
        if (! $this->found($input)) {
            $all = $input->rockThreeNine !== null && $input->rockTwelveSix !== null && $input->spin !== null;
            $clean = Message::of('check.clean.say', 'Nothing found so far. It may be ridden; listen again with a rod on the fork end.');

            return $all
                ? Verdict::go(Message::of('check.clean', 'Nothing found'), $clean)
                : Verdict::care(Message::of('check.early', 'Not enough checks yet'), $clean)->settledBy(
                    Message::of('check.early.settle', 'Rock both ways, and spin with the caliper freed.'),
                );
        }
        $sure = $first->probability->share >= $this->limits->get('check.sure');
        $sided = $this->limits->get('check.side_sure');
        $name = match (true) {
            $first->suspect === Suspect::Bearings && $left->share >= $sided => 'the left bearing',
            $first->suspect === Suspect::Bearings && $left->share <= 1 - $sided => 'the right bearing',
            default => lcfirst($first->suspect->label()),
        };
        $values = [
            'first' => Message::plain($name),
            'p' => $first->probability,
            'second' => Message::within($second->suspect->label()),
        ];
        $headline = $sure
            ? Message::of('check.suspect', 'Suspect {first}, {p}', $values)
            : Message::of('check.between', 'Between {first} and {second}', $values);
        $split = $sure ? null : $evidence->splits($input, $first, $second);
        $settle = $split === null ? null : Message::of('check.settle', '{check}.', ['check' => Message::plain($split)]);

        return match ($urgency) {
            Urgency::Stop => Verdict::stop(
                $headline,
                Message::of(
                    'check.no_ride',
                    'Not to be ridden until it is put right: play, grinding or a broken part at a wheel can end in a locked wheel.',
                ),
            )
                ->next(Message::of('check.no_ride.next', 'Tell the owner. For road machines the manual and a licensed person decide.'))
                ->settledBy($settle),
            Urgency::NextChance => Verdict::care(
                $headline,
                Message::of('check.next_chance', 'It may be moved with care. Put it right at the next chance, before the season.'),
            )->settledBy($settle),
            default => Verdict::care(
                $headline,
                Message::of('check.soon', 'It may be moved with care. Put it right soon, both sides.'),
            )->settledBy($settle),
        };
    }
}
