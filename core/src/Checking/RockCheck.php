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
    private TriedHub $hub;

    /** @param  ?TriedHub  $hub whose words are used; null when it is tried on no hub in particular */
    public function __construct(private Limits $limits, ?TriedHub $hub = null)
    {
        $this->hub = $hub ?? TriedHub::any();
    }

    /** Weighs every check by the odds of check_evidence.csv. */
    public function work(RockCheckInput $input): RockCheckResult
    {
        $evidence = new Evidence($this->limits, $this->hub);
        $suspects = $evidence->suspicions($input);
        $first = $suspects[0];
        $urgency = $this->urgency($input, $first);
        $left = $evidence->left($input);
        $working = Working::start();
        foreach ($suspects as $s) {
            $working = $working->line(
                $this->hub->suspect($s->suspect),
                'weights of the signs, as odds',
                $s->reasons === [] ? 'no sign' : Message::listed($s->reasons, '; '),
                $s->probability,
            );
        }
        $sides = abs($left->share - 0.5) < 0.01 ? [] : [
            Figure::of(
                'left_bearing',
                Message::of('check.of_two', 'Of the two: {part}', ['part' => Message::within($this->hub->left)]),
                $left,
            ),
        ];

        return new RockCheckResult(
            $first->suspect,
            $this->found($input) || $this->isTried($input) ? $urgency !== Urgency::Stop : null,
            $urgency,
            $left,
            $suspects,
            $this->verdict($input, $first, $suspects[1] ?? $first, $urgency, $left, $evidence)
                ->showing(
                    ...array_map(
                        fn (Suspicion $s): Figure => Figure::of(
                            'suspect_'.$s->suspect->value,
                            $this->hub->suspect($s->suspect),
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
            'sound_left' => 'quiet',
            'sound_right' => 'quiet',
            'sound_one' => 'quiet',
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

    /** Whether it was rocked as such a hub is, and spun. */
    private function isTried(RockCheckInput $input): bool
    {
        return $input->spin !== null
            && $input->rockThreeNine !== null
            && ($input->rockTwelveSix !== null || ! $this->hub->isRockedBothWays());
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
            return $this->isTried($input)
                ? Verdict::go(Message::of('check.clean', 'Nothing found'), $this->hub->clean())
                : Verdict::care(Message::of('check.early', 'Not enough checks yet'), $this->hub->untried())->settledBy($this->hub->early());
        }
        $sure = $first->probability->share >= $this->limits->get('check.sure');
        $sided = $this->limits->get('check.side_sure');
        $name = match (true) {
            $first->suspect === Suspect::Bearings && $left->share >= $sided => Message::within($this->hub->left),
            $first->suspect === Suspect::Bearings && $left->share <= 1 - $sided => Message::within($this->hub->right),
            default => Message::within($this->hub->suspect($first->suspect)),
        };
        $values = [
            'first' => $name,
            'p' => $first->probability,
            'second' => Message::within($this->hub->suspect($second->suspect)),
        ];
        $headline = $sure
            ? Message::of('check.suspect', 'Suspect {first}, {p}', $values)
            : Message::of('check.between', 'Between {first} and {second}', $values);
        $split = $sure ? null : $evidence->splits($input, $first, $second);
        $settle = $split === null ? null : Message::of('check.settle', '{check}.', ['check' => Message::plain($split)]);

        return match ($urgency) {
            Urgency::Stop => Verdict::stop($headline, $this->hub->stopped())->next($this->hub->told())->settledBy($settle),
            Urgency::NextChance => Verdict::care(
                $headline,
                Message::of('check.next_chance', 'It may be moved with care. Put it right at the next chance, before the season.'),
            )->settledBy($settle),
            default => Verdict::care($headline, $this->hub->soon($first->suspect))->settledBy($settle),
        };
    }
}
