<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Tray;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Tooling\WallTool;

/** What lies ready for one job: the hub, what is known of it, the tools of the shop, what was noted last time. */
final readonly class Bench
{
    /** As it stands in this wheel. */
    public Pattern $pattern;

    public Hub $hub;

    public Tray $tray;

    /**
     * @param  list<Tool>  $tools drivers on the wall
     * @param  list<WallTool>  $wall all that hangs there
     * @param  array<string, string>  $habits how this shop usually goes about things, by name
     * @param  list<Angle>  $lockShifts by which lock nuts moved the cone on earlier hubs of this shop, tighter is more
     * @param  array<string, string>  $spanners what last time was noted of this machine's fasteners, by place
     */
    public function __construct(
        Pattern $pattern,
        public Notebook $notebook,
        public array $tools,
        public ?Force $pressCapacity,
        public DrawBolt $drawBolt,
        public bool $signed = false,
        public array $wall = [],
        public array $habits = [],
        public array $spanners = [],
        public array $lockShifts = [],
    ) {
        $this->pattern = FrontWheel::of($pattern, $notebook);
        $this->hub = Hub::of($this->pattern, $notebook);
        $this->tray = Tray::of($this->hub->stack, $notebook);
    }

    /** The side whose bearing is good and stays, when only the bad one is done; null when both are, or nobody said which. */
    public function keeps(): ?Side
    {
        return $this->doesOne() ? Side::tryFrom($this->notebook->choice(Places::BAD_SIDE) ?? '')?->other() : null;
    }

    /** Whether only one of two bearings is done: by this job, or by the shop's way. Where cups become cartridges both are new. */
    public function doesOne(): bool
    {
        return ! $this->pattern->card()->converted &&
            ($this->notebook->choice(Places::SIDES) ?? ($this->habits['sides'] ?? 'both')) === 'one';
    }

    /** Whether it is still the cup-and-cone hub that it is turned from: what its pattern has does not come off, it only goes in. */
    public function isStillCups(): bool
    {
        $laid = array_filter(
            $this->hub->stack->cartridges(),
            fn (Part $p): bool => $this->tray->state($p->id) === PartState::OnTray,
        );

        return $this->pattern->card()->converted && $this->notebook->choice(Places::NOW) !== 'cartridges' && $laid === [];
    }

    /** Whether a part is left where it is: found so, or of the side that is good and not taken out after all. */
    public function stays(Part $part): bool
    {
        return match ($this->tray->state($part->id)) {
            PartState::Stays => true,
            PartState::InPlace => $this->isKept($part),
            default => false,
        };
    }

    /** Whether it is the good bearing of two, or closes that in: looked after where it is. A cone leaves its cup, whatever is done. */
    public function isKept(Part $part): bool
    {
        return $part->side !== Side::Middle &&
            $part->side === $this->keeps() &&
            ($part->kind->isPressed() ||
                ($part->kind->closes() && $this->hub->stack->ofKind(PartKind::TaperCone, PartKind::Cone) === []));
    }

    /** @return list<Side> of a pair, those whose bearing does not stay; none when the hub is no pair */
    public function renewed(): array
    {
        $bearings = $this->isPair() ? $this->hub->stack->cartridges() : [];

        return array_values(
            array_map(
                static fn (Part $p): Side => $p->side,
                array_filter($bearings, fn (Part $p): bool => ! $this->stays($p)),
            ),
        );
    }

    /** Two bearings of one piece with a sleeve between: sized, bought and seated as a pair. */
    public function isPair(): bool
    {
        $stack = $this->hub->stack;

        return $this->pattern->card()->pair &&
            count($stack->cartridges()) === 2 &&
            $stack->find('sleeve') !== null &&
            $stack->find('bearing_left') !== null &&
            $stack->find('bearing_right') !== null;
    }
}
