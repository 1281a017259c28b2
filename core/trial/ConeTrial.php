<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Catalogue\Thread;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\ConeOnAxle;
use CleanRace\Core\Practice\Bench\Hands;
use CleanRace\Core\Practice\Bench\People;
use CleanRace\Core\Setting\Cones\AxleKind;
use CleanRace\Core\Setting\Cones\ConeCoach;
use CleanRace\Core\Setting\Cones\ConeCoachInput;
use CleanRace\Core\Setting\Cones\ConeHub;
use CleanRace\Core\Setting\Cones\ConeStage;
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

    private People $people;

    public function __construct(private Limits $limits)
    {
        $this->people = Scatter::people();
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
        $cone = new ConeOnAxle($chance, $this->people, $hub, $chance->error(60), $chance->between(-8, 32));
        $hands = new Hands($chance, $this->people);
        $aim = -$hub->turn($hub->aim($this->limits, false))->degrees;
        $tries = [];
        $mark = 0.0;
        $coach = new ConeCoach($this->limits);
        for ($locking = 1; $locking < self::GIVE_UP; $locking++) {
            $tries[] = $cone->tried($mark, ConeStage::Open, $mark - $cone->zero);
            $says = $coach->work(new ConeCoachInput($radius, $spacing, $circle, $tries, $thread->text, $axle, Length::mm(4.5)));
            if ($says->set !== null && abs($says->set->degrees - $mark) > 12) {
                $mark = $hands->mark($says->set->degrees);
                $tries[] = $cone->tried($mark, ConeStage::Open, $mark - $cone->zero);
            }
            $stands = $cone->locked($mark);
            $tries[] = $cone->tried($mark, ConeStage::Locked, $stands);
            $says = $coach->work(new ConeCoachInput($radius, $spacing, $circle, $tries, $thread->text, $axle, Length::mm(4.5)));
            if ($says->verdict->level === Level::Go) {
                return [$locking, $stands - $aim];
            }
            if ($says->verdict->headline->key === 'coach.feel') {
                $tries[] = $cone->tried($mark, ConeStage::Locked, $stands, Instrument::DialGauge);
                $says = $coach->work(new ConeCoachInput($radius, $spacing, $circle, $tries, $thread->text, $axle, Length::mm(4.5)));
                if ($says->verdict->level === Level::Go) {
                    return [$locking, $stands - $aim];
                }
            }
            $mark = $hands->mark($says->set->degrees ?? $mark);
        }

        return [self::GIVE_UP, null];
    }
}
