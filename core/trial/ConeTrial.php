<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Catalogue\Thread;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Setting\Cones\AxleKind;
use CleanRace\Core\Setting\Cones\ConeCoach;
use CleanRace\Core\Setting\Cones\ConeCoachInput;
use CleanRace\Core\Setting\Cones\ConeFelt;
use CleanRace\Core\Setting\Cones\ConeHub;
use CleanRace\Core\Setting\Cones\ConeStage;
use CleanRace\Core\Setting\Cones\ConeTry;
use CleanRace\Core\Setting\Cones\LeverFeel;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;

/**
 * Simulated hubs whose play, lock-nut shift and lever are known: in how many lockings the coach sets them, and whether it is ever wrong.
 */
final readonly class ConeTrial implements Trial
{
    private const THREADS = ['M9 × 1', 'M10 × 1', '5/16-24', '3/8-24', '3/8-26'];

    private const GIVE_UP = 9;

    public function __construct(private Limits $limits)
    {
    }

    public function run(Chance $chance, int $jobs): array
    {
        $took = array_fill(1, self::GIVE_UP, 0);
        [$within, $wrong, $examples] = [0, 0, []];
        for ($i = 0; $i < $jobs; $i++) {
            [$lockings, $off] = $this->hub($chance);
            $took[$lockings]++;
            $within += $lockings <= 4 ? 1 : 0;
            if ($off !== null && abs($off) > $this->limits->get('cone.band_deg')) {
                $wrong++;
                $examples[] = sprintf('%.0f° off', $off);
            }
        }
        $figures = [
            TrialFigure::atLeast('cones: set within four lockings', $within, $jobs, 0.9),
            TrialFigure::atMost('cones: go outside its band', $wrong, $jobs, 0.0, $examples),
        ];
        $sum = 0;
        for ($n = 1; $n <= 4; $n++) {
            $sum += $took[$n];
            $figures[] = TrialFigure::atLeast("cones: set within $n", $sum, $jobs, 0.0);
        }

        return $figures;
    }

    /** @return array{int, ?float} how often it was locked, and how far off it was when the coach said go, in degrees */
    private function hub(Chance $chance): array
    {
        $thread = Thread::read($chance->oneOf(self::THREADS));
        $lever = $chance->whole(0, 1) === 1;
        [$radius, $spacing, $circle] = [
            Length::mm($chance->between(180, 310)),
            Length::mm($chance->between(45, 62)),
            Length::mm($chance->between(18, 24)),
        ];
        $axle = $lever ? AxleKind::QuickRelease : AxleKind::Solid;
        $hub = ConeHub::of($this->limits, $radius, $spacing, $circle, $thread->text, $axle, Length::mm(4.5), null, LeverFeel::Usual);
        $zero = $chance->error(60);
        $shift = $chance->between(-8, 32);
        $aim = -$hub->turn($hub->aim($this->limits, false))->degrees;
        $tries = [];
        $mark = 0.0;
        $coach = new ConeCoach($this->limits);
        for ($locking = 1; $locking < self::GIVE_UP; $locking++) {
            $tries[] = $this->felt($chance, $hub, $mark, ConeStage::Open, $mark - $zero);
            $says = $coach->work(new ConeCoachInput($radius, $spacing, $circle, $tries, $thread->text, $axle, Length::mm(4.5)));
            if ($says->set !== null && abs($says->set->degrees - $mark) > 12) {
                $mark = round($says->set->degrees + $chance->error(3));
                $tries[] = $this->felt($chance, $hub, $mark, ConeStage::Open, $mark - $zero);
            }
            $stands = $mark + $shift + $chance->error(3) - $zero;
            $tries[] = $this->felt($chance, $hub, $mark, ConeStage::Locked, $stands);
            $says = $coach->work(new ConeCoachInput($radius, $spacing, $circle, $tries, $thread->text, $axle, Length::mm(4.5)));
            if ($says->verdict->level === Level::Go) {
                return [$locking, $stands - $aim];
            }
            if ($says->verdict->headline->key === 'coach.feel') {
                $tries[] = $this->felt($chance, $hub, $mark, ConeStage::Locked, $stands, Instrument::DialGauge);
                $says = $coach->work(new ConeCoachInput($radius, $spacing, $circle, $tries, $thread->text, $axle, Length::mm(4.5)));
                if ($says->verdict->level === Level::Go) {
                    return [$locking, $stands - $aim];
                }
            }
            $mark = round(($says->set->degrees ?? $mark) + $chance->error(3));
        }

        return [self::GIVE_UP, null];
    }

    /** @param  float  $stands degrees past no play */
    private function felt(
        Chance $chance,
        ConeHub $hub,
        float $mark,
        ConeStage $stage,
        float $stands,
        Instrument $by = Instrument::DigitalCaliper,
    ): ConeTry {
        $play = (-$stands / 360) * $hub->thread->pitch->mm;
        $felt = $play + $chance->error($this->limits->get('cone.feel_soft'));
        $feel = match (true) {
            $felt < -0.034 => ConeFelt::Binds,
            $felt < 0.012 => ConeFelt::None,
            $felt < 0.055 => ConeFelt::Trace,
            default => ConeFelt::Play,
        };
        if ($feel !== ConeFelt::Play && $feel !== ConeFelt::Trace) {
            return new ConeTry(Angle::degrees($mark), $stage, $feel);
        }
        $u = $this->limits->get($by === Instrument::DialGauge ? 'cone.rim_least' : 'cone.rim_u');
        $rim = max(0.0, max(0.0, $play) * $hub->lever() + $chance->error($u / sqrt(3)));

        return new ConeTry(Angle::degrees($mark), $stage, $feel, Reading::mm(round($rim, 1), $by));
    }
}
