<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Plan;

use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubSetting;
use CleanRace\Core\Seating\Plan\SeatingRun;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;

/** The sixth station: axle through, what its pattern sets, every fastener to its figure in its order, a last spin. */
final readonly class Set
{
    public SetFindings $findings;

    public function __construct(private Limits $limits, private Bench $bench, SeatingRun $run)
    {
        $sets = $bench->pattern->card()->sets;
        $has = static fn (HubSetting $one): bool => in_array($one, $sets, true);
        $this->findings = new SetFindings(
            $run->ballRows(),
            $has(HubSetting::AxleEnds) ? AxleEndSteps::work($limits, $bench) : null,
            $has(HubSetting::Cones) ? ConeSteps::tries($bench->notebook) : [],
            $has(HubSetting::Cones) ? ConeSteps::coach($limits, $bench) : null,
            $has(HubSetting::Tapers) ? TaperSteps::work($limits, $bench) : null,
            $has(HubSetting::Float) ? FloatSteps::float($limits, $bench) : null,
            $has(HubSetting::Centre) ? FloatSteps::centre($limits, $bench) : null,
        );
    }

    /** The station as it stands. */
    public function report(): StationReport
    {
        $settings = array_map($this->setting(...), $this->bench->pattern->card()->sets);

        return StationReport::of(
            Station::Set,
            [
                ...FittingsBack::steps($this->bench, 'wheel'),
                ...(new OnTheAxle($this->limits, $this->bench))->steps(),
                ...FittingsBack::steps($this->bench, 'machine'),
                ...array_merge(...$settings),
                ...(new TorqueSteps($this->limits, $this->bench))->steps(),
                ...FittingsBack::steps($this->bench, 'last'),
                InPlace::step($this->bench),
            ],
            $this->bench->notebook,
        );
    }

    /** @return list<Step> */
    private function setting(HubSetting $setting): array
    {
        return match ($setting) {
            HubSetting::Clamped => [],
            HubSetting::AxleEnds => [AxleEndSteps::step($this->bench, $this->findings->axleEnds)],
            HubSetting::Cones => [ConeSteps::step($this->bench, $this->findings->cone)],
            HubSetting::Tapers => [
                TaperSteps::step($this->limits, $this->bench, $this->findings->taper),
                TaperSteps::pin($this->limits, $this->bench),
            ],
            HubSetting::Float => [FloatSteps::floatStep($this->findings->float)],
            HubSetting::Centre => [FloatSteps::centreStep($this->bench, $this->findings->centre)],
        };
    }
}
