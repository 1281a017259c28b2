<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Plan;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubSetting;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** The last look at a hub that is tightened: does it turn free. What a drag means depends on what was set. */
final class InPlace
{
    /** The last look once all is tight. */
    public static function step(Bench $bench): Step
    {
        $notebook = $bench->notebook;
        $turns = Ask::choice(Places::TURNS, 'It turns', Option::of(['free' => 'Free', 'drags' => 'Drags']))->usually('free');
        $sets = $bench->pattern->card()->sets;
        if (in_array(HubSetting::Clamped, $sets, true)) {
            $tube = $bench->hub->stack->one(PartKind::Sleeve) !== null;

            return Step::of('set.clamped', 'Clamped, does it turn free', 'Spin it with all of it at its torque.')
                ->with(
                    why: $tube
                        ? 'The nut clamps the inner rings on the spacer tube. It does not adjust anything.'
                        : 'What stands in line on the {shaft} is clamped. That does not adjust anything.',
                )
                ->asking(
                    $turns,
                    ...! self::hasPins($bench)
                        ? []
                        : [
                            Ask::choice(
                                Places::PINS,
                                'Pins and clips',
                                Option::of(['new' => 'New and spread', 'none' => 'None here', 'old' => 'Old one again']),
                            ),
                        ],
                )
                ->judged(self::clamped($notebook->choice(Places::TURNS), $tube), self::pins($notebook->choice(Places::PINS)))
                ->taking(2);
        }
        $asksPin = ! in_array(HubSetting::Tapers, $sets, true) && $bench->hub->stack->one(PartKind::Clip) !== null;

        return Step::of('set.in_place', 'In its place, does it turn free', 'Everything tight. Spin it, rock it, listen.')
            ->asking(
                $turns,
                ...$asksPin
                    ? [
                        Ask::choice(
                            Places::PINS,
                            'Pins and clips',
                            Option::of(['new' => 'New and spread', 'none' => 'None here', 'old' => 'Old one again']),
                        ),
                    ]
                    : [],
            )
            ->judged(self::set($notebook->choice(Places::TURNS)), $asksPin ? self::pins($notebook->choice(Places::PINS)) : null)
            ->taking(2);
    }

    /** Whether such a machine may have a pin or a clip that holds an axle or a nut. */
    private static function hasPins(Bench $bench): bool
    {
        $card = $bench->pattern->card();

        return $bench->hub->stack->ofKind(PartKind::Clip, PartKind::CastleNut) !== [] ||
            ($card->isBraked() && $card->machine !== MachineKind::Bicycle);
    }

    /** Pins and clips that are not all in; null while nobody said. */
    public static function pins(?string $pins): ?Verdict
    {
        return $pins === 'old'
            ? Verdict::stop(
                Message::of('pins.old', 'A new pin'),
                Message::of('pins.old.say', 'A split pin bends once. Fit a new one and spread it.'),
            )
            : null;
    }

    private static function clamped(?string $turns, bool $tube): ?Verdict
    {
        return match ($turns) {
            'free' => Verdict::go(
                Message::of('clamped.free', 'Turns free, clamped'),
                $tube
                    ? Message::of('clamped.free.say', 'The spacer tube carries the clamping, the balls do not.')
                    : Message::of('clamped.free_alone.say', 'What stands in line on the {shaft} carries the clamping, the balls do not.'),
            ),
            'drags' => $tube
                ? Verdict::stop(
                    Message::of('clamped.drags', 'It drags when clamped'),
                    Message::of('clamped.drags.say', 'The spacer tube is short, askew, or missing. A loose nut does not cure it.'),
                )->next(Message::of('clamped.drags.next', 'Out again: second bearing, spacer tube, measure.'))
                : Verdict::stop(
                    Message::of('clamped.drags', 'It drags when clamped'),
                    Message::of(
                        'clamped.drags_alone.say',
                        'A bearing is not on its shoulder or was driven past it, or a spacer or cap is missing, swapped or askew.',
                    ),
                )->next(
                    Message::of(
                        'clamped.drags_alone.next',
                        'Open it, look at each in its order, turn the bearing by hand. Leaving it loose does not cure it.',
                    ),
                ),
            default => null,
        };
    }

    private static function set(?string $turns): ?Verdict
    {
        return match ($turns) {
            'free' => Verdict::go(
                Message::of('in_place.free', 'Turns free'),
                Message::of('in_place.free.say', 'It turns as freely clamped as it was set.'),
            ),
            'drags' => Verdict::stop(
                Message::of('in_place.drags', 'It drags in its place'),
                Message::of('in_place.drags.say', 'What was right on the bench is too tight here: set it again, looser.'),
            )->next(Message::of('in_place.drags.next', 'Back to the setting. A loose wheel nut does not cure it.')),
            default => null,
        };
    }
}
