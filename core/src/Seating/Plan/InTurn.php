<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Tray;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Message;

/** Keeps steps in their turn: what has to be in before one is said at it, and stops it when it was begun without. */
final readonly class InTurn
{
    public function __construct(private Tray $tray)
    {
    }

    /** @param  list<Part>  $before what must be in before it; begun all the same, it is stopped */
    public function inTurn(Step $step, array $before, bool $begun): Step
    {
        $missing = array_values(array_filter($before, fn (Part $p): bool => ! $this->isIn($p)));
        if ($missing === []) {
            return $step;
        }
        $step = $step->after(
            ...array_map(
                static fn (Part $p): Message => Message::of('seat.before', '{part} is not in', ['part' => Message::plain($p->name)]),
                $missing,
            ),
        );

        return $begun ? $step->judged(SeatVerdicts::outOfTurn($missing[0])) : $step;
    }

    /** Whether the part is fitted, was left in place, or this hub has none. */
    public function isIn(Part $part): bool
    {
        return in_array($this->tray->state($part->id), [PartState::Fitted, PartState::Stays, PartState::NotThere], true);
    }
}
