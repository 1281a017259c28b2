<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\SideNames;
use CleanRace\Core\Verdict\HubWords;

/** What there is to say of a way hubs are built, whatever the hub. */
final readonly class PatternCard
{
    private const SIDES = ['Left' => 'Left side', 'Right' => 'Right side', 'Outer' => 'Outer side', 'Inner' => 'Inner side'];

    /**
     * @param  string  $metOn where such hubs are met
     * @param  string  $fit what the press fit is on
     * @param  string  $left what people call the left end of the drawing
     * @param  string  $right and the right end
     * @param  list<string>  $cautions what is special to take care of
     * @param  list<RingSeat>  $grips where the rings are pressed: in a bore, on a shaft, or both
     * @param  HubUse  $use how such hubs are mostly used
     * @param  list<HubSetting>  $sets what is set on such hubs once they are together, in this order
     * @param  bool  $converted whether its seats were made for cups, so that a cartridge for them is chosen first
     * @param  SeatMeant  $outer what the seats of the outer rings are meant to do
     * @param  SeatMeant  $inner what those of the inner rings are
     * @param  HubRole  $role what it carries
     * @param  string  $called what a job of one is usually called, until somebody says which it is
     * @param  bool  $eitherFirst whether only what lies there tells which side locates, and not the way such hubs are built
     * @param  bool  $sure whether it is known how such a hub is built
     * @param  array<string, string>  $front words of it, and what stands for them where such a hub is in a wheel that drives nothing
     * @param  bool  $drives whether a chain or belt drives it, where such hubs are built for both
     * @param  string  $body what its bearings sit in, as people call it
     * @param  string  $shaft what goes through them
     * @param  bool  $pair a pair of cartridges with a sleeve, sized and seated as such
     */
    public function __construct(
        public string $name,
        public string $metOn,
        public Turning $turns,
        public string $fit,
        public MachineKind $machine,
        public string $left = 'Left',
        public string $right = 'Right',
        public array $cautions = [],
        public array $grips = [RingSeat::Bore],
        public bool $pair = false,
        public HubUse $use = HubUse::FastWheel,
        public array $sets = [HubSetting::Clamped],
        public bool $converted = false,
        public SeatMeant $outer = SeatMeant::PressedFast,
        public SeatMeant $inner = SeatMeant::Slides,
        public HubRole $role = HubRole::Wheel,
        public bool $eitherFirst = false,
        public string $called = 'Front wheel',
        public bool $sure = true,
        public array $front = [],
        public bool $drives = true,
        public string $body = HubWords::BODY,
        public string $shaft = HubWords::SHAFT,
    ) {
    }

    /**
     * The same for a wheel that drives nothing.
     *
     * @param  list<string>  $cautions
     */
    public function inFront(string $name, string $left, string $right, array $cautions): self
    {
        $side = static fn (string $name): string => array_search($name, self::SIDES, true) ?: $name;
        $all = ['name' => $name, 'left' => $side($left), 'right' => $side($right), 'cautions' => $cautions, 'drives' => false];

        return new self(...[...get_object_vars($this), ...$all, 'called' => 'Front wheel']);
    }

    /** What its body and its axle are called in whatever is said of such a hub. */
    public function words(): HubWords
    {
        return HubWords::of($this->body, $this->shaft);
    }

    /** Whether it is a wheel that has a brake of its own, on most such machines. */
    public function isBraked(): bool
    {
        return $this->role === HubRole::Wheel && $this->machine->isRidden();
    }

    /** Whether cones or tapers were set by hand: such a setting is looked at again after the first ride. */
    public function isSetByHand(): bool
    {
        return in_array(HubSetting::Cones, $this->sets, true) || in_array(HubSetting::Tapers, $this->sets, true);
    }

    /** What people call a side, as it stands at the head of a line. */
    public function side(Side $side): string
    {
        return match ($side) {
            Side::Left => $this->left,
            Side::Right => $this->right,
            Side::Middle => 'Middle',
        };
    }

    /** The same where it is said to be a side: Outer side, Pulley end. */
    public function sideName(Side $side): string
    {
        $name = $this->side($side);

        return self::SIDES[$name] ?? $name;
    }

    /** What both its sides are called. */
    public function sideNames(): SideNames
    {
        return new SideNames($this->sideName(Side::Left), $this->sideName(Side::Right));
    }
}
