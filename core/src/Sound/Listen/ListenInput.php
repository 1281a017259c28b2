<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Listen;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Sound\SpinDown\Passes;
use CleanRace\Core\Sound\TurningRing;
use CleanRace\Core\Verdict\Field;

/** A recording, and what is known of the wheel that was spun: its bearing, the ring that turns, when its mark passed. */
final readonly class ListenInput
{
    /** @var list<float> s */
    public array $taps;

    /**
     * @param  list<float>  $samples
     *
     * @throws InvalidInput when there is no sound, or the passes are no times
     */
    public function __construct(
        #[Field('The recording, a WAV file as base64')] public ?string $recording = null,
        #[Field('Or its samples, from −1 to 1', of: 'float', most: 2_880_000)] public array $samples = [],
        #[Field('Samples a second', least: 8_000, most: 96_000)] public int $samplesASecond = 16_000,
        #[Field('Number of the bearing')] public ?string $number = null,
        #[Field('Or its bore')] public ?Length $bore = null,
        #[Field('and its outside diameter')] public ?Length $outside = null,
        #[Field('The ring that turns')] public TurningRing $turning = TurningRing::Outer,
        #[Field('Times of the passes, in seconds')] public ?string $passes = null,
        #[Field('Tapped on the screen of the device that recorded')] public bool $tapsAreHeard = false,
        #[Field('The hub has a freehub')] public bool $freehub = false,
        #[Field('A recording from before, as base64')] public ?string $before = null,
        #[Field('Its passes')] public ?string $beforePasses = null,
    ) {
        if ($recording === null && $samples === []) {
            throw InvalidInput::about('recording', 'Give a recording as a WAV file, or a list of samples.');
        }
        if (($bore === null) !== ($outside === null)) {
            throw InvalidInput::about('outside_mm', 'Give both diameters, or the number.');
        }
        if ($bore !== null && $outside !== null && $bore->mm >= $outside->mm) {
            throw InvalidInput::boreNotSmaller();
        }
        $this->taps = $passes === null ? [] : Passes::times($passes, 'passes');
    }

    /**
     * @return list<float> s
     *
     * @throws InvalidInput
     */
    public function tapsBefore(): array
    {
        return $this->beforePasses === null ? [] : Passes::times($this->beforePasses, 'before_passes');
    }
}
