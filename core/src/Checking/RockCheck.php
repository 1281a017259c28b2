<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Calculator\Calculator;
use CleanRace\Core\Catalogue\Table;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** From the checks made on the machine: which parts are suspect, how sure, and whether it may be ridden. */
#[Calculator('rock-check', 'Which part is suspect', 'check_in', 'Rock, spin, look: what they rule in or out.', ['rock_three_nine' => 'at_hub', 'rock_twelve_six' => 'at_hub', 'spin' => 'rumble', 'caliper' => 'freed'])]
final readonly class RockCheck
{
    public function __construct(private Limits $limits)
    {
    }

    public function work(RockCheckInput $input): RockCheckResult
    {
        $suspects = $this->suspicions($input);
        $first = $suspects[0];
        $ride = $this->mayBeRidden($input);
        $working = Working::start();
        foreach ($suspects as $s) {
            $working = $working->line(ucfirst($s->suspect->label()), 'weights of the signs, as odds', $s->reasons === [] ? 'no sign' : implode('; ', $s->reasons), $s->probability);
        }

        return new RockCheckResult($first->suspect, $ride, $suspects, $this->verdict($input, $first, $suspects[1], $ride)
            ->showing(...array_map(static fn (Suspicion $s): Figure => Figure::of('suspect_'.$s->suspect->value, ucfirst($s->suspect->label()), $s->probability), array_slice($suspects, 0, 3)))
            ->because(...array_map(static fn (string $r): Message => Message::of('check.reason', '{reason}.', ['reason' => ucfirst($r)]), $first->reasons))
            ->workedOut($working));
    }

    /** @return non-empty-list<Suspicion> */
    private function suspicions(RockCheckInput $input): array
    {
        $seen = ['prior' => 'any', 'rock_3_9' => $input->rockThreeNine?->value, 'rock_12_6' => $input->rockTwelveSix?->value, 'spin' => $input->spin?->value, 'caliper' => $input->caliper?->value, 'seals' => $input->seals?->value];
        if ($input->rockThreeNine !== null && $input->rockTwelveSix !== null && ($input->rockThreeNine === Rock::None) !== ($input->rockTwelveSix === Rock::None)) {
            $seen['one_plane'] = 'any';
        }
        $odds = array_fill_keys(array_column(Suspect::cases(), 'value'), 0.0);
        $reasons = [];
        foreach (Table::rows('check_evidence') as $row) {
            if (($seen[$row['check']] ?? null) === $row['outcome']) {
                $odds[$row['suspect']] += (float) $row['weight'];
                if ($row['check'] !== 'prior' && (float) $row['weight'] > 0) {
                    $reasons[$row['suspect']][] = $row['reason'];
                }
            }
        }
        $sum = array_sum(array_map(exp(...), $odds));
        $doubt = $this->limits->get('check.doubt');
        $suspicions = array_map(fn (Suspect $s): Suspicion => new Suspicion($s, Share::of($doubt / count($odds) + (1 - $doubt) * exp($odds[$s->value]) / $sum), array_values(array_unique($reasons[$s->value] ?? []))), Suspect::cases());
        usort($suspicions, static fn (Suspicion $a, Suspicion $b): int => $b->probability->share <=> $a->probability->share);

        return $suspicions;
    }

    private function found(RockCheckInput $input): bool
    {
        return in_array(Rock::AtHub, [$input->rockThreeNine, $input->rockTwelveSix], true)
            || in_array(Rock::FurtherIn, [$input->rockThreeNine, $input->rockTwelveSix], true)
            || ($input->spin !== null && $input->spin !== Spin::Quiet)
            || ($input->seals !== null && $input->seals !== SealLook::Dry);
    }

    private function mayBeRidden(RockCheckInput $input): bool
    {
        $play = ($input->rockThreeNine ?? Rock::None) !== Rock::None || ($input->rockTwelveSix ?? Rock::None) !== Rock::None;

        return ! $play && $input->spin !== Spin::Grind && $input->spin !== Spin::Locked;
    }

    private function verdict(RockCheckInput $input, Suspicion $first, Suspicion $second, bool $ride): Verdict
    {
        $values = ['first' => $first->suspect->label(), 'p' => $first->probability, 'second' => $second->suspect->label()];
        if (! $this->found($input)) {
            $all = $input->rockThreeNine !== null && $input->rockTwelveSix !== null && $input->spin !== null;
            $clean = Message::of('check.clean.say', 'Nothing found so far. It may be ridden; listen again with a rod on the fork end.');

            return $all
                ? Verdict::go(Message::of('check.clean', 'Nothing found'), $clean)
                : Verdict::care(Message::of('check.early', 'Not enough checks yet'), $clean)->settledBy(Message::of('check.early.settle', 'Rock both ways, and spin with the caliper freed.'));
        }
        $sure = $first->probability->share >= $this->limits->get('check.sure');
        $headline = $sure ? Message::of('check.suspect', 'Suspect {first}, {p}', $values) : Message::of('check.between', 'Between {first} and {second}', $values);
        $settle = $sure ? null : $this->settle($input);
        if (! $ride) {
            return Verdict::stop($headline, Message::of('check.no_ride', 'Not to be ridden until it is put right: play or grinding at a wheel can end in a locked wheel.'))
                ->next(Message::of('check.no_ride.next', 'Tell the owner. For road machines the manual and a licensed person decide.'))->settledBy($settle);
        }

        return Verdict::care($headline, Message::of('check.soon', 'It may be moved with care. Put it right soon, both sides.'))->settledBy($settle);
    }

    private function settle(RockCheckInput $input): Message
    {
        return $input->caliper !== CaliperState::Freed && $input->caliper !== CaliperState::None
            ? Message::of('check.settle.caliper', 'Free the caliper and spin it again: that tells pads from bearings.')
            : Message::of('check.settle.brake', 'Rock it with the brake held: a knock that goes is the hub, one that stays is further in.');
    }
}
