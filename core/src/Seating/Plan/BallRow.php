<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Balls\BallsInCup;
use CleanRace\Core\Mechanics\Balls\BallsInCupInput;
use CleanRace\Core\Mechanics\Balls\BallsInCupResult;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Tables\Limits;

/** One row of loose balls of a job: what is read of it, and how many it takes. */
final readonly class BallRow
{
    private function __construct(public string $part, public ?Length $ball, public ?Length $circle, public ?BallsInCupResult $result)
    {
    }

    /**
     * What the notebook says of a row of balls, and how many it takes. Until it says otherwise, circle and ball of the other
     * row serve it too.
     */
    public static function of(Limits $limits, Part $part, ?Part $other, Notebook $notebook): self
    {
        $read =
            $notebook->reading(self::place($part, 'circle')) ??
            ($other === null ? null : $notebook->reading(self::place($other, 'circle')));
        // Not read: what such hubs usually have, and known no better than that.
        $circle = $read ?? ($part->mm('circle') > 0 ? Reading::of($part->sizes['circle'], Instrument::SteelRule) : null);
        $ball =
            $notebook->length(self::place($part, 'ball')) ??
            (($other === null ? null : $notebook->length(self::place($other, 'ball'))) ??
                ($part->mm('ball') > 0 ? $part->sizes['ball'] : null));
        if ($circle === null || $ball === null || ($read === null && $notebook->number(self::place($part, 'found')) === null)) {
            return new self($part->id, $ball, $circle?->value, null);
        }
        try {
            return new self(
                $part->id,
                $ball,
                $circle->value,
                (new BallsInCup($limits))->work(
                    new BallsInCupInput($circle, $ball, $notebook->number(self::place($part, 'found')), $read !== null),
                ),
            );
        } catch (InvalidInput) {
            return new self($part->id, $ball, $circle->value, null);
        }
    }

    /** @return list<Ask> */
    public static function asks(Part $part): array
    {
        return [
            Ask::length(
                self::place($part, 'circle'),
                'Circle of the balls',
                wanted: false,
                hint: 'over two balls that face each other, less one ball',
            ),
            Ask::length(self::place($part, 'ball'), 'Ball', wanted: false, hint: '1/4 in'),
            Ask::plain(AskKind::Count, self::place($part, 'found'), 'Came out'),
        ];
    }

    private static function place(Part $part, string $what): string
    {
        return PlacesOf::seat($part->id, $what);
    }
}
