<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Working;

/** A seat as it was read, and what is decided on: inside jaws read a bore small, a warm part reads large. */
final readonly class SeatReading
{
    private const COLD_C = 20.0;

    /**
     * @param  Estimate  $size at 20 °C, mm
     * @param  float  $jaws what the jaws hid, mm
     * @param  float  $warmth what warmth added, mm
     */
    private function __construct(public Length $read, public Estimate $size, public float $jaws, public float $warmth)
    {
    }

    /**
     * @param  ?Temperature  $part of hub or shaft when it was read; null: as cold as it is decided for
     * @param  float  $alpha its growth for each kelvin
     */
    public static function of(Limits $limits, Reading $reading, RingSeat $seat, ?Temperature $part, float $alpha): self
    {
        $inside = $seat === RingSeat::Bore && in_array($reading->instrument, [Instrument::DigitalCaliper, Instrument::Vernier], true);
        $jaws = match (true) {
            ! $inside => 0.0,
            $reading->value->mm < $limits->get('fit.jaws_from') => $limits->get('fit.jaws_small'),
            default => $limits->get('fit.jaws_large'),
        };
        $half = $inside ? max($limits->get('fit.jaws_half'), $reading->halfWidth->mm) : $reading->halfWidth->mm;
        $warmth = $part === null ? 0.0 : $reading->value->mm * $alpha * ($part->celsius - self::COLD_C);

        return new self($reading->value, new Estimate($reading->value->mm + $jaws - $warmth, $half / sqrt(3)), $jaws, $warmth);
    }

    /** What was read, what was made of it. */
    public function working(): Working
    {
        $working = Working::start()->line('Read', 'as it was read', '', $this->read, 3);
        if ($this->jaws > 0) {
            $working = $working->line('Inside jaws', 'they read a bore small', sprintf('%+.3f', $this->jaws), Length::mm($this->jaws), 3);
        }

        return $this->warmth === 0.0
            ? $working
            : $working->line('Brought to 20 °C', 'D·α·(T − 20)', sprintf('%+.3f', -$this->warmth), Length::mm(-$this->warmth), 3);
    }
}
