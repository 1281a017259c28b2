<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

/** What a wall looks like once it is clean: evidence beside the readings. */
enum WallLook: string
{
    case BrightBand = 'bright_band';
    case Pits = 'pits';
    case ScoreCaught = 'score_caught';
    case RustAtLip = 'rust_at_lip';
    case GripsAtMouth = 'grips_at_mouth';
    case EvenGrey = 'even_grey';

    /** Whether a wall that looks so is looked at again, whatever the readings say. */
    public function speaksAgainst(): bool
    {
        return in_array($this, [self::BrightBand, self::Pits, self::ScoreCaught, self::GripsAtMouth], true);
    }

    /** Whether a ring that holds there now is still one to look after. */
    public function spoilsFit(): bool
    {
        return in_array($this, [self::BrightBand, self::Pits, self::ScoreCaught], true);
    }

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::BrightBand => 'Bright polished band',
            self::Pits => 'Pits',
            self::ScoreCaught => 'A score that catches a nail',
            self::RustAtLip => 'Rust at the lip',
            self::GripsAtMouth => 'Old ring gripped at the mouth only',
            self::EvenGrey => 'Even and grey all over',
        };
    }
}
