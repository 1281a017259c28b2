<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Wear;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\WallLook;
use CleanRace\Core\Verdict\Field;

/** Diameters at up to three depths, each in up to three directions 60° apart. */
final readonly class BoreSurveyInput
{
    /**
     * @param  list<BoreReading>  $readings
     * @param  list<WallLook>  $look
     */
    public function __construct(
        #[Field('Diameters', of: BoreReading::class)] public array $readings,
        #[Field('How a ring goes in')] public ?FitFeel $feel = null,
        #[Field('What is surveyed')] public SurveyedWall $wall = SurveyedWall::Bore,
        #[Field('What it looks like', of: WallLook::class)] public array $look = [],
        #[Field('Size of the ring that sits there')] public ?Length $ring = null,
    ) {
        if ($readings === []) {
            throw InvalidInput::about('readings', 'Nothing is measured yet. One diameter is a start.');
        }
        $seen = [];
        foreach ($readings as $reading) {
            $place = $reading->depth->value.'@'.$reading->clock->text();
            if (isset($seen[$place])) {
                throw InvalidInput::about(
                    'readings',
                    sprintf(
                        'Two diameters are given for %s o\'clock at the %s. Keep one.',
                        $reading->clock->text(),
                        $reading->depth->value,
                    ),
                );
            }
            $seen[$place] = true;
        }
        $sizes = array_map(static fn (BoreReading $r): float => $r->diameter->value->mm, $readings);
        if (max($sizes) > 1.1 * min($sizes)) {
            throw InvalidInput::about('readings', 'The diameters differ by more than a tenth. One is of another place, or mistyped.');
        }
    }
}
