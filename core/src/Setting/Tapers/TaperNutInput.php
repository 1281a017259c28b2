<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Tapers;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Verdict\Field;

/** A castle nut on its spindle, and how far it was backed off from zero to the first slot that shows a hole. */
final readonly class TaperNutInput
{
    /** @param  int  $holes through the spindle: one, or two that stand half a slot apart */
    public function __construct(
        #[Field('Thread of the spindle')] public string $thread,
        #[Field('Slots of the nut', least: 4, most: 12)] public int $slots = 6,
        #[Field('Holes through the spindle', least: 1, most: 2)] public int $holes = 1,
        #[Field('End play at the first slot from zero', least: 0, by: Instrument::DialGauge)] public ?Reading $offset = null,
        #[Field('Backed off from zero to the first slot', least: 0, most: 360)] public ?Angle $backedOff = null,
        #[Field('Least end play, by the manual', least: 0)] public ?Length $bandLow = null,
        #[Field('Most end play, by the manual', least: 0)] public ?Length $bandHigh = null,
        #[Field('End play by dial gauge, as it stands', least: 0, by: Instrument::DialGauge)] public ?Reading $dial = null,
        #[Field('How it feels')] public ?TaperFeel $feel = null,
        #[Field('Seated with, while turning', least: 0)] public ?Torque $seatedWith = null,
    ) {
        if (($bandLow === null) !== ($bandHigh === null)) {
            throw InvalidInput::about('band_low_mm', 'Give both ends of the manual\'s band, or neither.');
        }
        if ($bandLow !== null && $bandHigh !== null && $bandLow->mm >= $bandHigh->mm) {
            throw InvalidInput::about('band_high_mm', 'The most must be more than the least.');
        }
        if ($offset === null && $backedOff === null && $dial === null && $feel === null) {
            throw InvalidInput::about(
                'backed_off_deg',
                'Say how far the nut is backed off from zero to the first slot, or what the dial gauge shows.',
            );
        }
    }
}
