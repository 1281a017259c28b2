<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Field;

/** A hub with one ledge: the sleeve is the stop of the second bearing. Depths are from the hub face on each side. */
final readonly class SecondBearingInput
{
    /** @param  list<PairFeel>  $feel */
    public function __construct(
        #[Field('Hub over its two faces')] public ?Reading $overFaces = null,
        #[Field('Depth of the first bearing', least: -50, by: Instrument::DepthCaliper)] public ?Reading $firstDepth = null,
        #[Field('Width of the first bearing')] public ?Length $firstWidth = null,
        #[Field('Length of the spacer tube')] public ?Reading $sleeveLength = null,
        #[Field('Width of the second bearing')] public ?Length $secondWidth = null,
        #[Field('Depth of the second bearing now', least: -50, by: Instrument::DepthCaliper)] public ?Reading $secondDepth = null,
        #[Field('Draw bolt')] public DrawBolt $drawBolt = DrawBolt::M12,
        #[Field('How the pair feels', of: PairFeel::class)] public array $feel = [],
        #[Field('The spacer tube has been seen in the hub')] public bool $sleeveSeen = true,
        #[Field('Width of the first bearing, measured')] public ?Reading $firstWidthMeasured = null,
        #[Field('Width of the second bearing, measured')] public ?Reading $secondWidthMeasured = null,
        #[Field('Both sides have a shoulder')] public bool $twoShoulders = false,
    ) {
        if ($feel === [] && ! $this->measured()) {
            throw InvalidInput::about(
                'second_depth_mm',
                'Give the sizes of hub, bearings and spacer tube and both depths, or say how the pair feels.',
            );
        }
        if ($this->measured() && $overFaces !== null && $sleeveLength !== null && $sleeveLength->value->mm >= $overFaces->value->mm) {
            throw InvalidInput::about('sleeve_length_mm', 'The spacer tube cannot be longer than the hub.');
        }
    }

    /** How much deeper it may truly rest, mm: a width by its number may be narrower, one that was measured is what it is. */
    public function narrower(Limits $limits): float
    {
        $sum = 0.0;
        foreach (
            [[$this->firstWidth, $this->firstWidthMeasured], [$this->secondWidth, $this->secondWidthMeasured]] as [$number, $measured]
        ) {
            $sum += $number === null || $measured !== null ? 0.0 : $limits->get('home.over');
        }

        return $sum;
    }

    /** Whether all lengths are there from which it can be reckoned. */
    public function measured(): bool
    {
        return ! in_array(
            null,
            [$this->overFaces, $this->firstDepth, $this->firstWidth, $this->sleeveLength, $this->secondWidth, $this->secondDepth],
            true,
        );
    }
}
