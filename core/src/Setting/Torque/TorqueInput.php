<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Torque;

use CleanRace\Core\Catalogue\BoltGrade;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Verdict\Field;

/** A fastener, the figure for it with its source, and the wrench it is tightened with. */
final readonly class TorqueInput
{
    public function __construct(
        #[Field('Source of the figure')] public TorqueSource $source,
        #[Field('Torque', least: 0.1, most: 1000)] public ?Torque $torque = null,
        #[Field('Thread')] public ?string $thread = null,
        #[Field('Grade, as marked on its head')] public ?BoltGrade $grade = null,
        #[Field('On the thread')] public ThreadTreatment $treatment = ThreadTreatment::Dry,
        #[Field('Wrench, from least', least: 0)] public ?Torque $wrenchLeast = null,
        #[Field('Wrench, to most', least: 0)] public ?Torque $wrenchMost = null,
        #[Field('Wrench, from handle to square')] public ?Length $wrenchLength = null,
        #[Field('Adapter, from square to bolt')] public ?Length $adapter = null,
        #[Field('Adapter turned out of line by', least: 0, most: 180)] public ?Angle $adapterAngle = null,
        #[Field('No wrench here reads it')] public bool $noWrench = false,
        #[Field('Steering or brake hang on it')] public bool $guards = false,
    ) {
        if ($adapter !== null && $wrenchLength === null) {
            throw InvalidInput::about(
                'wrench_length_mm',
                'With an adapter, measure the wrench as well: from the middle of the grip to its square.',
            );
        }
        if ($source !== TorqueSource::None && $torque === null) {
            throw InvalidInput::about('torque_nm', 'Enter what the source says, or say that none was found.');
        }
    }
}
