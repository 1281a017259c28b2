<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Mechanics\Drivers\DriverFit;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Written;

/** What a ring may be driven with that does not hang on the wall. */
enum OtherDriver: string
{
    case Another = 'other';
    case ByHand = 'by_hand';
    case OldRing = 'old_ring';
    case OwnPart = 'own_part';
    case Made = 'made';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Another => 'Another tool',
            self::ByHand => 'By hand',
            self::OldRing => 'The old ring, slit',
            self::OwnPart => 'Its own collar or spacer',
            self::Made => 'One made for it',
        };
    }

    /** Whether it may be told by its sizes. */
    public function hasSizes(): bool
    {
        return $this === self::Another || $this === self::Made;
    }

    /** @return list<Option> */
    public static function options(): array
    {
        return array_map(static fn (self $one): Option => new Option($one->value, $one->label()), self::cases());
    }

    /** What is said of it when it is not told by its sizes. */
    public function verdict(): Verdict
    {
        return match ($this) {
            self::ByHand => Verdict::go(
                Message::of('driver.by_hand', 'By hand'),
                Message::of(
                    'driver.by_hand.say',
                    'No force crosses the balls. If it stops short, take a driver; do not hit the bearing.',
                ),
            ),
            self::OldRing => Verdict::go(
                Message::of('driver.old_ring', 'The old ring, slit'),
                Message::of('driver.old_ring.say', 'It has the very size of the ring, and comes out again by its slit.'),
            ),
            self::OwnPart => Verdict::care(
                Message::of('driver.own_part', 'Its own collar or spacer'),
                Message::of(
                    'driver.own_part.say',
                    'It stands on the inner ring: right on a shaft, wrong for a ring that is tight in its bore.',
                ),
            ),
            self::Another, self::Made => Verdict::care(
                Message::of('driver.unmeasured', 'Its sizes are not known'),
                Message::of('driver.unmeasured.say', 'Outside and opening of its face say whether it stands on the right ring.'),
            )->next(
                Message::of('driver.unmeasured.next', 'Measure its face; or look how it stands on the ring before the first blow.'),
            ),
        };
    }

    /** A tool that was measured, as it stands on the ring. */
    public static function measured(DriverFit $tool): Verdict
    {
        $name = ['name' => Written::name($tool->name)];

        return match ($tool->level) {
            Level::Go => Verdict::go(Message::of('driver.take', 'Take the {name}', $name), $tool->reason),
            Level::Care => Verdict::care(Message::of('driver.with_care', '{name}, with care', $name), $tool->reason),
            Level::Stop => Verdict::stop(Message::of('driver.not', 'Not the {name}', $name), $tool->reason),
        };
    }
}
