<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

use CleanRace\Core\Catalogue\BearingKind;
use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Sizing\Grease\NippleUse;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** Whether a bearing's seals, cage and clearance suit the hub it is meant for (shop practice, by the use of the hub). */
final readonly class InThisHub
{
    /** Kinds that come with seals of their own. */
    private const SEALED_BY_HUB = [BearingKind::Taper, BearingKind::Cylindrical];

    /** Null when nothing is known of the hub. */
    public function judge(Designation $bearing, HubConditions $hub): ?Verdict
    {
        if (! $hub->areKnown()) {
            return null;
        }
        $said = array_values(
            array_filter([
                $this->cage($bearing, $hub),
                $this->seals($bearing, $hub),
                $this->nipple($bearing, $hub),
                $this->water($bearing, $hub),
            ]),
        );
        $worst = array_reduce($said, static fn (Level $l, array $one): Level => $l->worse($one[0]), Level::Go);
        $main = array_values(array_filter($said, static fn (array $one): bool => $one[0] === $worst))[0] ?? null;
        if ($worst === Level::Go) {
            return Verdict::go(
                Message::of('hub_suits', 'Right for this {body}'),
                $main[1] ?? Message::of('hub_suits.say', 'Its seals and cage suit the use.'),
            )->workedOut(self::working($bearing, $hub));
        }

        return Verdict::of(
            $worst,
            $worst === Level::Stop
                ? Message::of('hub_wrong', 'Wrong for this {body}')
                : Message::of('hub_look', 'Look again for this {body}'),
            $main[1] ?? Message::of('hub_look.say', 'It may not suit the use.'),
        )
            ->because(
                ...array_values(
                    array_filter(
                        array_map(static fn (array $one): ?Message => $one === $main || $one[0] === Level::Go ? null : $one[1], $said),
                    ),
                ),
            )
            ->next($main[2] ?? null)
            ->workedOut(self::working($bearing, $hub));
    }

    /** @return ?array{Level, Message, ?Message} */
    private function cage(Designation $bearing, HubConditions $hub): ?array
    {
        return ! $bearing->has('full_complement') || $hub->use === null || $hub->use === HubUse::Pivot
            ? null
            : [
                Level::Stop,
                Message::of(
                    'hub.no_cage',
                    'No cage: its balls rub on each other. It is for pivots that rock, not for anything that spins.',
                ),
                Message::of('hub.no_cage.next', 'Ask for the same number with a cage.'),
            ];
    }

    /** @return ?array{Level, Message, ?Message} */
    private function seals(Designation $bearing, HubConditions $hub): ?array
    {
        if ($hub->ownSeals === true || in_array($bearing->kind, self::SEALED_BY_HUB, true)) {
            return $hub->ownSeals === false
                ? [Level::Stop, Message::of('hub.needs_seal', 'This kind has no seals of its own: the {body} must bring them.'), null]
                : null;
        }
        $open = $bearing->seals() === 0;
        $shielded = $bearing->has('shield_both') || $bearing->has('shield_one');

        return match (true) {
            $open && ! $shielded && $hub->ownSeals === false => [
                Level::Stop,
                Message::of('hub.open', 'Open, in a {body} without seals of its own: dirt and water walk in.'),
                Message::of('hub.open.next', 'Ask for a contact seal on both sides.'),
            ],
            $open && ! $shielded => [
                Level::Care,
                Message::of('hub.open_maybe', 'Open: right only where the {body} has its own seals.'),
                Message::of('hub.open_maybe.next', 'Look for a seal outside each bearing.'),
            ],
            $shielded => [
                Level::Care,
                Message::of('hub.shield', 'Shields keep chips out, not water.'),
                Message::of('hub.shield.next', 'For a wheel ask for two contact seals.'),
            ],
            $bearing->seals() === null => [
                Level::Care,
                Message::of('hub.unclear', 'One seal or two: these letters do not say.'),
                Message::of('hub.unclear.next', 'Look at both faces.'),
            ],
            $bearing->seals() === 1 && $hub->nipple !== NippleUse::Used => [
                Level::Care,
                Message::of('hub.one_seal', 'One seal: its open side has to face inward, and nothing feeds it there.'),
                Message::of('hub.one_seal.next', 'Ask for seals on both sides.'),
            ],
            default => null,
        };
    }

    /** @return ?array{Level, Message, ?Message} */
    private function nipple(Designation $bearing, HubConditions $hub): ?array
    {
        return match (true) {
            $hub->nipple === NippleUse::Used && $bearing->seals() === 2 => [
                Level::Care,
                Message::of('hub.nipple_sealed', 'The grease from the nipple cannot get into a bearing sealed on both sides.'),
                Message::of('hub.nipple_sealed.next', 'Lift out the seal that will face the nipple; leave the outer one.'),
            ],
            $hub->nipple === NippleUse::Used && $bearing->seals() === 1 => [
                Level::Go,
                Message::of('hub.nipple_one', 'Open side towards the nipple, seal outward.'),
                null,
            ],
            $hub->nipple === NippleUse::Unused && $bearing->seals() === 2 => [
                Level::Go,
                Message::of('hub.nipple_unused', 'Both seals stay. Tell the owner that the nipple does nothing now.'),
                null,
            ],
            default => null,
        };
    }

    /** @return ?array{Level, Message, ?Message} */
    private function water(Designation $bearing, HubConditions $hub): ?array
    {
        if ($hub->wet === true && $bearing->seals() === 0 && ! in_array($bearing->kind, self::SEALED_BY_HUB, true)) {
            return [
                Level::Care,
                Message::of('hub.open_wet', 'Open, in the wet: the old one was the wrong kind, whatever the seals of the {body}.'),
                Message::of('hub.open_wet.next', 'Ask for a contact seal on both sides.'),
            ];
        }

        return $hub->wet === true && ($bearing->has('lowfriction_both') || $bearing->has('lowfriction_one')) && $hub->ownSeals !== true
            ? [
                Level::Care,
                Message::of('hub.lip', 'Its seals do not touch: they keep dust out, but not a jet or a ford.'),
                Message::of('hub.lip.next', 'In the wet ask for contact seals.'),
            ]
            : null;
    }

    private static function working(Designation $bearing, HubConditions $hub): Working
    {
        return Working::start()
            ->line(
                'Seals of the bearing',
                'from its signs',
                $bearing->written(),
                $bearing->seals() === null ? 'one or two' : (string) $bearing->seals(),
            )
            ->line(
                Message::plain('The {body}'),
                'as told',
                Message::listed(
                    array_filter([
                        $hub->use?->label(),
                        $hub->nipple?->label(),
                        $hub->ownSeals === null ? null : ($hub->ownSeals ? 'its own seals' : 'no seals of its own'),
                        $hub->wet === true ? 'wet' : null,
                    ]),
                ),
                'shop practice',
            );
    }
}
