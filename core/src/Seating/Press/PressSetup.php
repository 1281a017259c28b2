<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;

/** What is reckoned of one pressing before it begins. Travel counts from where the ring touches the mouth of its seat. */
final readonly class PressSetup
{
    /** @param  bool  $measured whether the force rests on a fit that was read or felt; else on what makers aim for */
    public function __construct(
        public string $seat,
        public string $part,
        public Length $grip,
        public Length $home,
        public Force $low,
        public Force $high,
        public bool $onSleeve,
        public bool $measured,
    ) {
    }

    /**
     * @param  list<PressSample>  $samples
     *
     * @throws InvalidInput when there are too many
     */
    public function input(array $samples, bool $finished): PressTraceInput
    {
        return new PressTraceInput($samples, $this->grip, $this->home, $this->low, $this->high, $finished, $this->onSleeve);
    }
}
