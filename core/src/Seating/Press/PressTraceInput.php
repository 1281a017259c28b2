<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Field;

/** A force–travel curve, and what was reckoned of this seating before it began. */
final readonly class PressTraceInput
{
    /** More samples than a minute of pressing brings. */
    public const MOST_SAMPLES = 6000;

    /** @param  list<PressSample>  $samples in the order in which they came */
    public function __construct(
        #[Field('Samples', of: PressSample::class)] public array $samples,
        #[Field('Length that grips, when all of the ring is in')] public Length $grip,
        #[Field('Travel at which it comes home')] public Length $home,
        #[Field('Least force reckoned with', least: 0)] public Force $forceLow,
        #[Field('Most force reckoned with', least: 1)] public Force $forceHigh,
        #[Field('Nothing more will come')] public bool $finished = true,
        #[Field('It comes to rest on a spacer tube')] public bool $onSleeve = false,
    ) {
        if (count($samples) > self::MOST_SAMPLES) {
            throw InvalidInput::about('samples', sprintf('A trace here has at most %d samples.', self::MOST_SAMPLES));
        }
        if ($forceLow->newtons > $forceHigh->newtons) {
            throw InvalidInput::about('force_low_n', 'The least force reckoned with is more than the most.');
        }
        if ($home->mm < $grip->mm * 0.5) {
            throw InvalidInput::about('home_mm', 'It would come home before half of it is in: one of the two is wrong.');
        }
    }
}
