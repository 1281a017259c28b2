<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Hub\Side;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Verdict\Message;

/** The hub that is tried, for the words of a suspicion: what it carries, what its bearings are called, what can be asked of it. */
final readonly class TriedHub
{
    /**
     * @param  bool  $ridden whether people ride the machine
     * @param  bool  $paired whether it has a bearing at each end
     * @param  ?list<string>  $checks names of the checks that can be made on it; null when all can
     */
    private function __construct(
        public HubRole $role,
        public bool $ridden,
        public bool $paired,
        public Message|string $left,
        public Message|string $right,
        public ?array $checks,
    ) {
    }

    /** No hub in particular: a wheel with two bearings, left and right. */
    public static function any(): self
    {
        return new self(HubRole::Wheel, true, true, 'The left bearing', 'The right bearing', null);
    }

    /** @param  list<string>  $checks names of the checks that can be made on it */
    public static function of(Bench $bench, bool $paired, array $checks): self
    {
        $card = $bench->pattern->card();

        return new self(
            $card->role,
            $card->machine->isRidden(),
            $paired,
            $bench->hub->bearingName(Side::Left),
            $bench->hub->bearingName(Side::Right),
            $checks,
        );
    }

    /** Whether it is rocked both ways: a wheel is, all else has but one. */
    public function isRockedBothWays(): bool
    {
        return $this->role === HubRole::Wheel;
    }

    /** Whether that check can be made on it. */
    public function takes(string $check): bool
    {
        return $this->checks === null || in_array($check, $this->checks, true);
    }

    /** What a check says here, where it says it otherwise than of a wheel. */
    public function reason(string $check, string $outcome): ?string
    {
        return match (true) {
            $this->isRockedBothWays() || $check !== 'rock_3_9' => null,
            $outcome === Rock::AtHub->value => 'it moves where its shaft or bolt enters',
            default => 'no play when it is rocked',
        };
    }

    /** How a check that would settle it is made here, where it is made otherwise than on a wheel. */
    public function settling(string $check): ?string
    {
        return match (true) {
            $check === 'rock_3_9' => match ($this->role) {
                HubRole::Wheel => null,
                HubRole::Blade => 'Rock it by the blade, belt off',
                HubRole::Idler => 'Rock it by hand',
                HubRole::Freehub => 'Rock it across the hub',
            },
            $check === 'spin' && $this->role === HubRole::Blade => 'Turn it by hand, belt off, and listen',
            in_array($check, ['inner_left', 'inner_right'], true) && ! $this->paired => 'Turn its inner ring with a finger once it is out',
            default => null,
        };
    }

    /** What a suspect is called here. */
    public function suspect(Suspect $suspect): string
    {
        return match (true) {
            $suspect === Suspect::Bearings && ! $this->paired => 'Its bearing',
            $suspect === Suspect::Bearings && $this->role !== HubRole::Wheel => 'Its bearings',
            $suspect === Suspect::AxleNut && $this->role === HubRole::Blade => 'A nut on its shaft',
            $suspect === Suspect::AxleNut && $this->role !== HubRole::Wheel => 'Its bolt or nut',
            default => $suspect->label(),
        };
    }

    /** Why it may not run as it is. */
    public function stopped(): Message
    {
        return match (true) {
            $this->role === HubRole::Blade => Message::of(
                'check.no_blade',
                'The blade does not turn again until it is put right: a shaft that lets go throws it.',
            ),
            $this->ridden => Message::of(
                'check.no_ride',
                'Not to be ridden until it is put right: play, grinding or a broken part at a wheel can end in a locked wheel.',
            ),
            default => Message::of(
                'check.no_run',
                'Not to be run until it is put right: play, grinding or a broken part can end in a locked wheel.',
            ),
        };
    }

    /** Who has to hear of it. */
    public function told(): Message
    {
        return $this->ridden
            ? Message::of('check.no_ride.next', 'Tell the owner. For road machines the manual and a licensed person decide.')
            : Message::of('check.no_run.next', 'Tell the owner, and tag the machine.');
    }

    /** That it can wait a little. Two bearings of one wheel are renewed together; no other part has a twin. */
    public function soon(Suspect $of): Message
    {
        $both = $this->paired && $of === Suspect::Bearings;

        return match (true) {
            ! $this->ridden => Message::of('check.soon_run', 'It may run with care until then. Put it right soon.'),
            $both => Message::of('check.soon', 'It may be moved with care. Put it right soon, both sides.'),
            default => Message::of('check.soon_one', 'It may be moved with care. Put it right soon.'),
        };
    }

    /** That nothing was found. */
    public function clean(): Message
    {
        return $this->ridden
            ? Message::of('check.clean.say', 'Nothing found so far. It may be ridden; listen again with a rod close to the bearing.')
            : Message::of('check.clean_run.say', 'Nothing found so far. It may run; listen again with a rod close to the bearing.');
    }

    /** That nothing was found, which says little before it was tried. */
    public function untried(): Message
    {
        return $this->ridden
            ? Message::of('check.early.say', 'Nothing found so far. Whether it may be ridden is said once it was rocked and spun.')
            : Message::of('check.early_run.say', 'Nothing found so far. Whether it may run is said once it was tried.');
    }

    /** What to try before anything is said. */
    public function early(): Message
    {
        return match (true) {
            ! $this->isRockedBothWays() => Message::of('check.early_one.settle', 'Rock it, and turn it by hand.'),
            $this->takes('caliper') => Message::of('check.early.settle', 'Rock both ways, and spin with the brake freed.'),
            default => Message::of('check.early_free.settle', 'Rock both ways, and spin it.'),
        };
    }
}
