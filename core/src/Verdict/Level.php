<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

use CleanRace\Core\Tables\Limits;

/** How a judgement comes out: carry on, carry on with your eyes open, or do not go on. */
enum Level: string
{
    case Go = 'go';
    case Care = 'care';
    case Stop = 'stop';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Go => 'go',
            self::Care => 'care',
            self::Stop => 'stop',
        };
    }

    /** The worse of the two. */
    public function worse(self $other): self
    {
        return $this->rank() >= $other->rank() ? $this : $other;
    }

    /** How bad it is: 0 go, 1 care, 2 stop. */
    public function rank(): int
    {
        return match ($this) {
            self::Go => 0,
            self::Care => 1,
            self::Stop => 2,
        };
    }

    /**
     * The rule for every limit: sure enough inside is go; sure enough outside, with a real sign of it, is stop;
     * whatever lies between is care, and never a wall.
     *
     * @param  float  $inside probability of being inside the limit that is wanted
     * @param  float  $bearable probability of being inside the limit beyond which work must not go on
     * @param  bool  $sign a reading outside by more than two standard deviations, or an observation that means it
     */
    public static function within(Limits $limits, float $inside, float $bearable, bool $sign): self
    {
        $sure = $limits->get('level.sure');

        return match (true) {
            $inside >= $sure => self::Go,
            $bearable <= 1 - $sure + 1e-9 && $sign => self::Stop,
            default => self::Care,
        };
    }
}
