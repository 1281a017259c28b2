<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use BackedEnum;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sound\Finding\Heard;
use CleanRace\Core\Verdict\Field;

/** The checks made on the machine, any of them missing. */
final readonly class RockCheckInput
{
    /**
     * @param  list<ComplaintKind>  $complaints
     * @param  list<Suspect>  $without
     */
    public function __construct(
        #[Field('Rocked at 3 and 9')] public ?Rock $rockThreeNine = null,
        #[Field('Rocked at 12 and 6')] public ?Rock $rockTwelveSix = null,
        #[Field('Spun, listening')] public ?Spin $spin = null,
        #[Field('The caliper')] public ?CaliperState $caliper = null,
        #[Field('The seals')] public ?SealLook $seals = null,
        #[Field('Rocked with the brake held')] public ?BrakeHeld $brakeHeld = null,
        #[Field('Pushed and pulled along the axle')] public ?EndFloat $endFloat = null,
        #[Field('Heard with a rod')] public ?Listen $listen = null,
        #[Field('How it stops')] public ?Coast $coast = null,
        #[Field('Left inner ring, by finger')] public ?InnerFeel $innerLeft = null,
        #[Field('Right inner ring, by finger')] public ?InnerFeel $innerRight = null,
        #[Field('What the customer complains of', of: ComplaintKind::class)] public array $complaints = [],
        #[Field('The hub has cones that are set')] public bool $cones = false,
        #[Field('The hub has a freehub')] public bool $freehub = false,
        #[Field('Looked at: cracked, missing or blue parts')] public bool $broken = false,
        #[Field('What this hub or machine does not have', of: Suspect::class)] public array $without = [],
        #[Field('A recording of the left side tells')] public ?Heard $soundLeft = null,
        #[Field('A recording of the right side tells')] public ?Heard $soundRight = null,
        #[Field('A recording of its one bearing tells')] public ?Heard $soundOne = null,
    ) {
        if ($this->made(false) === [] && ! $broken && $complaints === []) {
            throw InvalidInput::about('spin', 'No check is made yet. Rock the wheel, or spin it and listen.');
        }
    }

    /** A recording that tells nothing is no check that was made. */
    private static function told(?Heard $heard): ?Heard
    {
        return $heard === Heard::Unclear ? null : $heard;
    }

    /**
     * Outcomes by the names the tables give the checks.
     *
     * @return array<string, string>
     */
    public function made(bool $withCaliper = true): array
    {
        $all =
            [
                'rock_3_9' => $this->rockThreeNine,
                'rock_12_6' => $this->rockTwelveSix,
                'spin' => $this->spin,
                'seals' => $this->seals,
                'brake_held' => $this->brakeHeld,
                'end_float' => $this->endFloat,
                'listen' => $this->listen,
                'coast' => $this->coast,
                'inner_left' => $this->innerLeft,
                'inner_right' => $this->innerRight,
                'sound_left' => self::told($this->soundLeft),
                'sound_right' => self::told($this->soundRight),
                'sound_one' => self::told($this->soundOne),
            ] + ($withCaliper ? ['caliper' => $this->caliper] : []);

        return array_map(static fn (BackedEnum $o): string => (string) $o->value, array_filter($all));
    }
}
