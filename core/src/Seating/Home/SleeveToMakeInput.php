<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Field;

/** Where a new sleeve has to fit: the span between the ledges, or the depths it follows from; the axle; the bearings. */
final readonly class SleeveToMakeInput
{
    public function __construct(
        #[Field('Axle')] public Length $axle,
        #[Field('Bore of the bearings')] public Length $bore,
        #[Field('Outside diameter of the bearings')] public Length $outside,
        #[Field('Span between the shoulders')] public ?Reading $span = null,
        #[Field('Hub over its two faces')] public ?Reading $overFaces = null,
        #[Field('Depth of the shoulder, one side', by: Instrument::DepthCaliper)] public ?Reading $ledgeOne = null,
        #[Field('Depth of the shoulder, other side', by: Instrument::DepthCaliper)] public ?Reading $ledgeTwo = null,
        #[Field('A thin-section bearing (68, 69)')] public bool $thin = false,
    ) {
        if ($bore->mm >= $outside->mm) {
            throw InvalidInput::boreNotSmaller();
        }
        if ($axle->mm > $bore->mm) {
            throw InvalidInput::about('axle_mm', 'The axle is thicker than the bore of the bearings.');
        }
        if ($span === null && ($overFaces === null || $ledgeOne === null || $ledgeTwo === null)) {
            throw InvalidInput::about(
                'span_mm',
                'Give the span between the shoulders, or the hub over its faces and the depth of both shoulders.',
            );
        }
        if ($span === null && $overFaces->value->mm <= $ledgeOne->value->mm + $ledgeTwo->value->mm) {
            throw InvalidInput::about('over_faces_mm', 'The two shoulders are deeper together than the hub is wide.');
        }
    }
}
