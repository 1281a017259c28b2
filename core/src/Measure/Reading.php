<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** A length somebody read: the value, and the half-width of the band that the true size lies in. */
final readonly class Reading
{
    private function __construct(public Length $value, public Length $halfWidth, public ?Instrument $instrument)
    {
    }

    /** @throws InvalidInput when the half-width is negative */
    public static function of(Length $value, Instrument|Length $by): self
    {
        $halfWidth = $by instanceof Instrument ? $by->halfWidth() : $by;
        if ($halfWidth->mm < 0) {
            throw new InvalidInput('An uncertainty cannot be less than zero.');
        }

        return new self($value, $halfWidth, $by instanceof Instrument ? $by : null);
    }

    /**
     * Read by an instrument of which it is known how well it reads.
     *
     * @throws InvalidInput when the half-width is negative
     */
    public static function by(Length $value, Instrument $by, Length $halfWidth): self
    {
        return new self($value, self::of($value, $halfWidth)->halfWidth, $by);
    }

    /** A reading in mm, as sure as its instrument usually is. */
    public static function mm(float $mm, Instrument $by): self
    {
        return self::of(Length::mm($mm), $by);
    }

    /** Another value, read by the same instrument as well. */
    public function at(Length $value): self
    {
        return new self($value, $this->halfWidth, $this->instrument);
    }

    /** Standard deviation in mm: a flat band of half-width u has u/√3. */
    public function sigma(): float
    {
        return $this->halfWidth->mm / sqrt(3);
    }

    /** As a mean and a standard deviation, in mm. */
    public function estimate(): Estimate
    {
        return new Estimate($this->value->mm, $this->sigma());
    }
}
