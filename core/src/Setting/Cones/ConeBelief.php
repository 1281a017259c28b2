<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Tables\Limits;

/**
 * What the tries of one hub say together: at which mark its play would be nothing, and by how much its lock nuts move the
 * cone. Both unknowns on an even grid; every try tells of their difference, through what was felt and what was read.
 * All angles in degrees of the cone, tighter is more.
 */
final class ConeBelief
{
    private const STEP = 4.0;

    private const REACH = 200.0;

    private const SHIFT_REACH = 48.0;

    private const LEAST = 1e-6;

    /** What weighs less than this is out of the question. */
    private const NOTHING = 1e-14;

    /** @var list<float> mark of no play */
    private array $zeros;

    /** @var list<float> what locking adds */
    private array $shifts;

    /** @var array<int, array<int, float>> by zero and shift */
    private array $weights = [];

    /** @var list<float> likelihood of what hands and readings said, at its best */
    private array $peaks = [];

    /** @param  list<ConeTry>  $tries */
    private function __construct(private readonly Limits $limits, private readonly ConeHub $hub, array $tries, Estimate $shift)
    {
        $marks = array_map(static fn (ConeTry $t): float => $t->mark->degrees, $tries);
        $first = $marks[0] ?? 0.0;
        $from = min($first, ...$marks) - self::REACH;
        $this->zeros = range($from, max($first, ...$marks) + self::REACH, self::STEP);
        $this->shifts = range(-self::SHIFT_REACH, self::SHIFT_REACH, self::STEP);
        $near = $limits->get('cone.first_sigma_deg');
        $byShift = array_map(
            static fn (float $by): float => exp(-((($by - $shift->mean) / max(self::STEP, $shift->sigma)) ** 2) / 2),
            $this->shifts,
        );
        foreach ($this->zeros as $zero) {
            $of = exp(-((($zero - $first) / $near) ** 2) / 2);
            $this->weights[] = array_map(static fn (float $weight): float => $weight * $of, $byShift);
        }
        foreach ($tries as $try) {
            $this->heed($try, $shift);
        }
    }

    /**
     * @param  list<ConeTry>  $tries
     * @param  Estimate  $shift what is known of the lock nuts before, in degrees
     */
    public static function of(Limits $limits, ConeHub $hub, array $tries, Estimate $shift): self
    {
        return new self($limits, $hub, $tries, $shift);
    }

    /** Half-width of a play read at the rim, in mm: the hand that rocks the wheel counts more than the instrument. */
    public static function rimHalfWidth(Limits $limits, Reading $rim): float
    {
        $fine = in_array($rim->instrument, [Instrument::DialGauge, Instrument::Feeler], true);

        return max($rim->halfWidth->mm, $limits->get($fine ? 'cone.rim_least' : 'cone.rim_u'));
    }

    /** The shift of the lock nuts as these tries tell it. */
    public function shift(): Estimate
    {
        return $this->estimate(0.0, 0.0, 1.0);
    }

    /** How far past no play the cone stands at a mark, once locked or before. */
    public function preload(float $mark, bool $locked): Estimate
    {
        return $this->estimate($mark, -1.0, $locked ? 1.0 : 0.0);
    }

    /** Probability that a mark, once locked, ends within a band of what is aimed at. */
    public function within(float $mark, float $aim, float $band, bool $locked = true): float
    {
        $sum = 0.0;
        $in = 0.0;
        foreach ($this->zeros as $i => $zero) {
            foreach ($this->shifts as $j => $shift) {
                $sum += $this->weights[$i][$j];
                if (abs($mark + ($locked ? $shift : 0.0) - $zero - $aim) <= $band + 1e-9) {
                    $in += $this->weights[$i][$j];
                }
            }
        }

        return $in / $sum;
    }

    /** The mark to set before locking, so that it ends at what is aimed at. */
    public function mark(float $aim): float
    {
        return $this->estimate($aim, 1.0, -1.0)->mean;
    }

    /** How well the tries go together: 1 when every one can be right, near 0 when they cannot. */
    public function agreement(): float
    {
        return array_product($this->peaks);
    }

    /** Of what the two unknowns make together: constant + perZero × zero + perShift × shift, in degrees. */
    private function estimate(float $constant, float $perZero, float $perShift): Estimate
    {
        [$sum, $mean, $square] = [0.0, 0.0, 0.0];
        foreach ($this->zeros as $i => $zero) {
            $at = $constant + $perZero * $zero;
            foreach ($this->weights[$i] as $j => $weight) {
                if ($weight > self::NOTHING) {
                    $x = $at + $perShift * $this->shifts[$j];
                    $sum += $weight;
                    $mean += $weight * $x;
                    $square += $weight * $x * $x;
                }
            }
        }
        $mean /= $sum;

        return new Estimate($mean, sqrt(max(0.0, $square / $sum - $mean * $mean)));
    }

    private function heed(ConeTry $try, Estimate $usual): void
    {
        $taken = $try->stage === ConeStage::Clamped ? $this->hub->turn($this->hub->shortening()->mm)->degrees : 0.0;
        // The first of two nuts does some of what both do.
        $share = match ($try->stage) {
            ConeStage::Open => 0.0,
            ConeStage::OneNut => 0.5,
            default => 1.0,
        };
        $at = $try->mark->degrees + $taken;
        $peak = 0.0;
        // On an even grid the same difference comes again and again: what is likely of it is asked once.
        $seen = [];
        foreach ($this->zeros as $i => $zero) {
            foreach ($this->weights[$i] as $j => $weight) {
                if ($weight <= self::NOTHING) {
                    continue;
                }
                $x = $at + $share * $this->shifts[$j] - $zero;
                $key = (int) round(10 * $x);
                $weight *= $seen[$key] ??= max(self::LEAST, $this->likelihood($try, $x));
                $this->weights[$i][$j] = $weight;
                $peak = $weight > $peak ? $weight : $peak;
            }
        }
        $this->peaks[] = $peak;
        foreach ($this->zeros as $i => $_) {
            foreach ($this->weights[$i] as $j => $weight) {
                $this->weights[$i][$j] = $weight / $peak;
            }
        }
    }

    /** @param  float  $x degrees past no play */
    private function likelihood(ConeTry $try, float $x): float
    {
        $play = (-$x / 360) * $this->hub->thread->pitch->mm;
        $soft = $this->limits->get('cone.feel_soft');
        [$least, $most] = [$try->felt->leastPlay(), $try->felt->mostPlay()];
        $felt =
            ($least === null ? 1.0 : Estimate::phi(($play - $this->limits->get($least)) / $soft)) *
            ($most === null ? 1.0 : Estimate::phi(($this->limits->get($most) - $play) / $soft));
        if ($try->rimPlay === null) {
            return $felt;
        }
        $read = $try->rimPlay->value->mm / $this->hub->lever();
        $sigma = self::rimHalfWidth($this->limits, $try->rimPlay) / sqrt(3) / $this->hub->lever();
        // Preload shows no play at all.
        $off = (max(0.0, $play) - $read) / $sigma;

        return exp((-$off * $off) / 2) * max($felt, 0.2);
    }
}
