<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** Depth of the ledge and of the ring below the hub face, and what the hands say. */
final readonly class HomeInput
{
    /** @param  list<HomeSign>  $signs */
    public function __construct(
        #[Field('Width of the bearing, by its number')] public Length $width,
        #[Field('Depth of the shoulder below the face', by: Instrument::DepthCaliper)] public ?Reading $ledgeDepth = null,
        #[Field('Mean depth of the ring below the face', least: -50, by: Instrument::DepthCaliper)] public ?Reading $depth = null,
        #[Field('Width of the bearing, measured')] public ?Reading $widthMeasured = null,
        #[Field('Tilt across the ring', least: 0)] public ?Length $tilt = null,
        #[Field('What hands and ears tell', of: HomeSign::class)] public array $signs = [],
        #[Field('Depth of the groove\'s inner edge')] public ?Length $grooveEdgeDepth = null,
        #[Field('Width of the groove')] public ?Length $grooveWidth = null,
        #[Field('Thickness of the snap ring')] public ?Length $ringThickness = null,
        #[Field('Work has gone on: ring, second bearing or signature')] public bool $goneOn = false,
    ) {
        if ($ledgeDepth !== null && $ledgeDepth->value->mm < $width->mm * 0.5) {
            throw InvalidInput::about(
                'ledge_depth_mm',
                'The shoulder is not deep enough to hold this bearing. Read from the face of the hub down to the shoulder.',
            );
        }
        if ($grooveWidth !== null && $ringThickness !== null && $ringThickness->mm > $grooveWidth->mm) {
            throw InvalidInput::about('ring_thickness_mm', 'The ring is thicker than its groove is wide: it cannot go in.');
        }
        if (($ledgeDepth === null || $depth === null) && $signs === []) {
            throw InvalidInput::about('depth_mm', 'Give the depths of shoulder and ring, or say what the hands tell.');
        }
    }
}
