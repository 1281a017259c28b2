<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Balls;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** The circle through the middles of the balls as they lie in the cup, the ball, and how many came out. */
final readonly class BallsInCupInput
{
    public function __construct(
        #[Field('Circle through the middles of the balls')] public Reading $circle,
        #[Field('Ball')] public Length $ball,
        #[Field('Balls that came out', least: 1, most: 60)] public ?int $found = null,
        #[Field('The circle was measured')] public bool $measured = true,
    ) {
        if ($ball->mm >= $circle->value->mm / 2) {
            throw InvalidInput::about('ball_mm', 'That ball is too large for its circle: not even six would go in.');
        }
    }
}
