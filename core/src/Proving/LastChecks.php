<?php

declare(strict_types=1);

namespace CleanRace\Core\Proving;

use CleanRace\Core\Checking\Cause;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\HubSetting;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\PatternCard;

/** The checks that end a job, as far as this hub has what they look at. */
final class LastChecks
{
    /** What stops a wheel or keeps it on is said one by one. */
    private const BY_ITSELF = ['seated', 'stops', 'brake_free', 'rings_seen', 'bolt_tight', 'blade_up', 'guards_on', 'drives'];

    /** Whether it is always said by itself. */
    public static function isByItself(string $check): bool
    {
        return in_array($check, self::BY_ITSELF, true);
    }

    /** @return array<string, string> what is asked, by name */
    public static function of(Bench $bench): array
    {
        $stack = $bench->hub->stack;
        $card = $bench->pattern->card();
        $rings = $stack->ofKind(PartKind::SnapRing) !== [];
        $held = $stack->ofKind(PartKind::Clip) !== [];

        return array_filter(
            [
                ...match ($card->role) {
                    HubRole::Wheel => self::wheel($card),
                    HubRole::Idler => [
                        'spins' => 'Turns without grit, against the sound before',
                        'no_play' => 'No play when it is rocked',
                        'bolt_tight' => 'Its bolt tight, thread-locked where it was',
                    ],
                    HubRole::Blade => [
                        'spins' => 'Turns by hand without grit, belt off',
                        'no_play' => 'No play across the shaft, none along it',
                        'blade_true' => 'Blade tips run in one plane, at the height they had',
                        'blade_up' => 'Blade the right way up, its nut at its torque',
                        'guards_on' => 'Belt on its pulleys, every guard on',
                    ],
                    HubRole::Freehub => [
                        'spins' => 'Runs back without grit, its click even',
                        'no_play' => 'Does not rock across the hub',
                        'drives' => 'Drives at once when it is turned forward, every time',
                    ],
                },
                'rings_seen' => match (true) {
                    $rings => 'Snap rings seen all round in their grooves',
                    $held => 'Ring, clip or pin seen in its place',
                    default => null,
                },
                'cover' => in_array(Cause::Cover->value, $bench->notebook->choices(Places::CAUSE), true)
                    ? 'The cover or seal that was missing is on'
                    : null,
                'seals_level' => $stack->ofKind(PartKind::Seal, PartKind::DustCap) === [] ? null : 'Seals and caps level',
                'disc_clean' => $card->isBraked() ? 'Disc, where there is one, wiped of fingerprints' : null,
                'towel' => 'No towel, rag or tool left in it',
            ],
            static fn (?string $label): bool => $label !== null,
        );
    }

    /** @return array<string, ?string> */
    private static function wheel(PatternCard $card): array
    {
        return [
            'spins' => 'Spins without grit, against the sound before',
            'no_play' => match (true) {
                in_array(HubSetting::Float, $card->sets, true) => 'Float along the axle as it was set; no rattle across it',
                $card->isSetByHand() => 'Play at 3 and 9, and at 12 and 6: as it was set, no more',
                default => 'No play at 3 and 9, nor at 12 and 6',
            },
            'seated' => $card->machine === MachineKind::Bicycle
                ? 'Seated in both dropouts with the machine on the ground; lever or nuts closed, skewer the way it was'
                : null,
            'stops' => 'Coasts and stops naturally',
            'brake_free' => $card->isBraked() ? 'Brake free; pumped or pulled, and it holds' : null,
        ];
    }

    /** What can hurt when such a hub first runs; null where nothing more does than was said. */
    public static function caution(PatternCard $card): ?string
    {
        return match (true) {
            $card->isBraked() => 'Road machines: brakes, steering and wheel fixings are for the manual and, where the law says so, a '
                .'licensed person. Ride only when checked.',
            $card->role === HubRole::Blade => 'Nobody near when the blade first turns. Off at once when it shakes or rings.',
            default => null,
        };
    }

    /** What comes before them, and what comes after. */
    public static function after(PatternCard $card): string
    {
        return match ($card->role) {
            HubRole::Wheel => $card->isBraked()
                ? 'Wheel in, torques done. Then a short, careful ride; look at the torques again after.'
                : 'Wheel on, all tight. Then a few metres, and another look.',
            HubRole::Idler => 'In its place, all tight. Then the track or chain is turned by hand, once round.',
            HubRole::Blade => 'Blade and belt on. Turned by hand first, then run from where nobody stands in its plane.',
            HubRole::Freehub => 'On its hub, sprockets on. Pedalled on the stand first, then a short ride.',
        };
    }
}
