<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

/** How a judgement comes out: carry on, carry on with your eyes open, or do not go on. */
enum Level: string
{
    case Go = 'go';
    case Care = 'care';
    case Stop = 'stop';

    public function label(): string
    {
        return match ($this) {
            self::Go => 'go',
            self::Care => 'care',
            self::Stop => 'stop',
        };
    }

    public function worse(self $other): self
    {
        return $this->rank() >= $other->rank() ? $this : $other;
    }

    public function rank(): int
    {
        return match ($this) {
            self::Go => 0,
            self::Care => 1,
            self::Stop => 2,
        };
    }
}
