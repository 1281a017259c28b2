<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Fit\Joint;
use CleanRace\Core\Mechanics\Fit\SlidingFit;
use CleanRace\Core\Mechanics\Fit\SlidingFitInput;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\Gauge;
use CleanRace\Core\Practice\Bench\Hands;
use CleanRace\Core\Setting\Tapers\TaperFeel;
use CleanRace\Core\Setting\Tapers\TaperNut;
use CleanRace\Core\Setting\Tapers\TaperNutInput;
use CleanRace\Core\Tables\Limits;

/** Simulated axles that slide, and end play of tapers, by dial, and by slot and feel. */
final readonly class SettingTrial implements Trial
{
    private const BORES = [10.0, 12.0, 15.0, 17.0, 20.0, 25.0, 30.0];

    private const THREADS = ['3/4-16', 'M20 × 1.5', '1-14'];

    /** End play in mm from which hands feel in and out, and below which tapers drag; and how far hands differ. */
    private const FELT = 0.14;

    private const DRAGS = 0.0;

    private const DIFFER = 0.015;

    public function __construct(private Limits $limits)
    {
    }

    public function run(Chance $chance, int $jobs): array
    {
        $right = $this->tapers($chance, $jobs, [0.035, 0.115], true);
        $felt = $this->tapers($chance, $jobs, [0.035, 0.115], false);
        $figures = [
            TrialFigure::atLeast('end play 0.035 to 0.115 goes by dial', $right['go'], $jobs, 0.9),
            TrialFigure::atMost('end play 0.035 to 0.115 stops by dial', $right['stop'], $jobs, 0.005),
            TrialFigure::atMost(
                'end play 0.15 to 0.4 goes by dial',
                $this->tapers($chance, $jobs, [0.15, 0.4], true)['go'],
                $jobs,
                0.02,
            ),
            TrialFigure::atMost('end play of none goes by dial', $this->tapers($chance, $jobs, [0.0, 0.005], true)['go'], $jobs, 0.02),
            TrialFigure::atMost('end play 0.035 to 0.115 stops by slot and feel', $felt['stop'], $jobs, 0.0),
            TrialFigure::atMost(
                'end play 0.2 to 0.4 goes by slot and feel',
                $this->tapers($chance, $jobs, [0.2, 0.4], false)['go'],
                $jobs,
                0.02,
            ),
        ];
        foreach ([SeatMeant::Slides, SeatMeant::Clamped] as $meant) {
            $most = min(0.005, $meant->most($this->limits));
            $sound = $this->slides($chance, $jobs, $meant, [-0.045, $most - 0.005]);
            $figures[] = TrialFigure::atLeast("sound axles go: $meant->value", $sound['go'], $jobs, 0.9);
            $figures[] = TrialFigure::atMost("sound axles stop: $meant->value", $sound['stop'], $jobs, 0.005);
            foreach (['too large' => [0.05, 0.2], 'worn out' => [-0.35, -0.16]] as $what => $between) {
                $figures[] = TrialFigure::atMost(
                    "axles $what go: $meant->value",
                    $this->slides($chance, $jobs, $meant, $between)['go'],
                    $jobs,
                    0.02,
                );
            }
        }

        return $figures;
    }

    /**
     * @param  array{float, float}  $between true end play, mm
     * @return array<string, int> how many of each level
     */
    private function tapers(Chance $chance, int $jobs, array $between, bool $byDial): array
    {
        $levels = ['go' => 0, 'care' => 0, 'stop' => 0];
        $gauge = new Gauge($chance);
        for ($i = 0; $i < $jobs; $i++) {
            $true = $chance->between(...$between);
            $thread = $chance->oneOf(self::THREADS);
            $pitch = ['3/4-16' => 1.5875, 'M20 × 1.5' => 1.5, '1-14' => 1.8143][$thread];
            $off = hypot($this->limits->get('taper.slot_by_eye'), $this->limits->get('taper.zero_by_hand')) / sqrt(3);
            $hand = $true + $chance->error(self::DIFFER);
            $levels[
                (new TaperNut($this->limits))->work(
                    $byDial
                        ? new TaperNutInput($thread, dial: $gauge->read($true, Instrument::DialGauge))
                        : new TaperNutInput(
                            $thread,
                            backedOff: Angle::degrees(max(0.0, (360 * $true) / $pitch + $chance->error($off))),
                            feel: match (true) {
                                $hand > self::FELT => TaperFeel::Play,
                                $hand < self::DRAGS => TaperFeel::Drags,
                                default => TaperFeel::Free,
                            },
                        ),
                )->verdict->level->value
            ]++;
        }

        return $levels;
    }

    /**
     * @param  array{float, float}  $between true shaft less bore, mm
     * @return array<string, int> how many of each level
     */
    private function slides(Chance $chance, int $jobs, SeatMeant $meant, array $between): array
    {
        $levels = ['go' => 0, 'care' => 0, 'stop' => 0];
        $hands = new Hands($chance, Scatter::people());
        for ($i = 0; $i < $jobs; $i++) {
            $bore = Length::mm($chance->oneOf(self::BORES));
            $true = $chance->between(...$between);
            [$low, $high] = (new Tolerances())->boreBand($bore);
            $shaft = $bore->mm + $chance->between($low, $high) + $true;
            $joint = Joint::usual(RingSeat::Shaft, $bore);
            $levels[
                (new SlidingFit($this->limits))->work(
                    new SlidingFitInput(
                        $bore,
                        Reading::mm(
                            round($shaft + $chance->error(Instrument::Micrometer->halfWidth()->mm / sqrt(3)), 3),
                            Instrument::Micrometer,
                        ),
                        $hands->fit($true, $joint, $this->limits),
                        $meant,
                    ),
                )->verdict->level->value
            ]++;
        }

        return $levels;
    }
}
