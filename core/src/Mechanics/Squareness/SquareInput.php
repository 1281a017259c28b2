<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** Depths around the ring, or how it looks, or both. */
final readonly class SquareInput
{
    public const LEAST_READINGS = 3;

    /**
     * @param  list<ClockDepth>  $readings
     * @param  list<ClockDepth>  $reference
     */
    public function __construct(
        #[Field('Bore of the bearing')] public Length $bore,
        #[Field('Outside diameter of the bearing')] public Length $outside,
        #[Field('Depths around the clock', of: ClockDepth::class)] public array $readings = [],
        #[Field('Going in, or home')] public SquareStage $stage = SquareStage::Entering,
        #[Field('How it looks')] public ?Eye $eye = null,
        #[Field('Where it looks proud')] public ?Clock $eyeClock = null,
        #[
            Field('A rough face: depths of a turned face or shoulder at the same places', of: ClockDepth::class),
        ]
        public array $reference = [],
        #[Field('A feeler goes under nowhere')] public bool $feelerRefused = false,
        #[Field('The note of the blows went dull')] public bool $noteChanged = false,
    ) {
        if ($bore->mm >= $outside->mm) {
            throw InvalidInput::boreNotSmaller();
        }
        if ($readings === [] && $eye === null) {
            throw InvalidInput::about('readings', 'Give three or four depths around the clock, or say how it looks.');
        }
        if ($readings !== []) {
            self::span($this->levelled());
        }
    }

    /**
     * What tells of squareness: the reference taken off, place by place, where there is one.
     *
     * @return list<ClockDepth>
     */
    public function levelled(): array
    {
        if ($this->reference === []) {
            return $this->readings;
        }
        $levelled = [];
        foreach ($this->readings as $reading) {
            foreach ($this->reference as $from) {
                if ($from->clock->hours === $reading->clock->hours) {
                    $levelled[] = new ClockDepth(
                        $reading->clock,
                        Reading::of(
                            Length::mm($reading->depth->value->mm - $from->depth->value->mm),
                            Length::mm(hypot($reading->depth->halfWidth->mm, $from->depth->halfWidth->mm)),
                        ),
                    );
                }
            }
        }

        return $levelled;
    }

    /** @param  list<ClockDepth>  $readings */
    private static function span(array $readings): void
    {
        if (count($readings) < self::LEAST_READINGS) {
            throw InvalidInput::about(
                'readings',
                sprintf('%d of 3 depths. It takes three, spread round the clock, to tell square from cocked.', count($readings)),
            );
        }
        $hours = array_map(static fn (ClockDepth $r): float => $r->clock->hours, $readings);
        sort($hours);
        if (count(array_unique($hours)) < count($hours)) {
            throw InvalidInput::about('readings', 'Two depths are given for the same place on the clock. Keep one.');
        }
        $hours[] = $hours[0] + 12;
        for ($i = 1; $i < count($hours); $i++) {
            if ($hours[$i] - $hours[$i - 1] > 6) {
                throw InvalidInput::about('readings', 'The depths are all on one half of the clock. Take one on the other side.');
            }
        }
    }
}
