<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tooling\Need;

/** A step of the take-down, and the tools it cannot do without. */
final readonly class PlannedStep
{
    /** @param  list<Need>  $needs */
    public function __construct(public Step $step, public array $needs)
    {
    }

    /** A step with the tools it cannot do without. */
    public static function of(Step $step, Need ...$needs): self
    {
        return new self($step, array_values($needs));
    }

    /**
     * A plan with this one put in before the step of that id; unchanged when there is none.
     *
     * @param  list<self>  $plan
     * @return list<self>
     */
    public function before(string $id, array $plan): array
    {
        foreach ($plan as $i => $planned) {
            if ($planned->step->id === $id) {
                array_splice($plan, $i, 0, [$this]);

                break;
            }
        }

        return $plan;
    }
}
