<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Captures;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\HubSetting;
use CleanRace\Core\Seating\Plan\PutIn;
use CleanRace\Core\Seating\Plan\SeatingRun;
use CleanRace\Core\Sizing\Plan\Seats;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

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
                $this->axle(),
                ...FittingsBack::steps($this->bench, 'machine'),
                ...array_merge(...$settings),
                ...(new TorqueSteps($this->limits, $this->bench))->steps(),
                ...FittingsBack::steps($this->bench, 'last'),
                InPlace::step($this->bench),
            ],
            $this->bench->notebook,
        );
    }

    private function axle(): Step
    {
        $notebook = $this->bench->notebook;
        $seated = array_map(
            static fn (array $one): string => $one[0]->id,
            PutIn::order($this->bench, (new Seats($this->limits))->parts($this->bench)),
        );
        $left = array_values(
            array_filter(
                $this->bench->hub->stack->parts,
                static fn (Part $p): bool => $p->kind !== PartKind::Housing && ! in_array($p->id, $seated, true),
            ),
        );

        $parts = array_map(static fn (Part $p): Ask => Ask::part($p, PartState::Fitted), $left);
        // An axle that went in with its bearings was turned by hand there.
        if (array_filter($left, static fn (Part $p): bool => $p->kind === PartKind::Axle) === []) {
            return Step::of('set.axle', 'Spacers, caps, wheel', 'Each to its own side, as it lay on the tray.')
                ->asking(...$parts)
                ->judged($this->missed())
                ->holdingStopsOnly()
                ->taking(5);
        }
        $tube = $this->bench->hub->stack->one(PartKind::Sleeve) !== null;
        $isWheel = $this->bench->pattern->card()->role === HubRole::Wheel;

        return Step::of(
            'set.axle',
            $isWheel ? 'Spacers, wheel, axle' : '{axle} in',
            $isWheel
                ? 'Each spacer to its own side. The axle slides through by hand, thinly greased.'
                : 'What goes with it back to its own side. It slides through by hand, thinly greased.',
            ['axle' => Message::plain($this->bench->hub->stack->one(PartKind::Axle)->name ?? 'Axle')],
        )
            ->with(
                why: $tube
                    ? 'An axle that goes through only under blows means a spacer tube askew, a burr, rust or a bend.'
                    : 'An axle that goes through only under blows means a burr, rust or a bend.',
                part: 'axle',
            )
            ->asking(...$parts)
            ->asking(
                Ask::choice(
                    Places::AXLE_PASSES,
                    'The axle went through',
                    Option::of(['by_hand' => 'By hand', 'blows' => 'Only under blows']),
                )->usually('by_hand'),
            )
            ->judged(self::passes($notebook->choice(Places::AXLE_PASSES), $tube), $this->missed())
            ->holdingStopsOnly()
            ->taking(5);
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

    /** Spacers, caps and axle ends go back to what was measured; what was skipped is missed here. */
    private function missed(): ?Verdict
    {
        $missed = Captures::missed($this->bench->pattern, $this->bench->notebook);

        return $missed === []
            ? null
            : Verdict::care(
                Message::of('capture.missing', 'Some things were not measured before', []),
                Message::of('capture.missing.say', 'Judge them by the other side, by the frame or by the manual, and say so.'),
            )->because(...$missed);
    }

    private static function passes(?string $passes, bool $tube): ?Verdict
    {
        return match ($passes) {
            'by_hand' => Verdict::go(
                Message::of('axle.hand', 'Passes by hand'),
                $tube
                    ? Message::of('axle.hand.say', 'Spacer tube and bearings are in line.')
                    : Message::of('axle.hand_alone.say', 'Nothing stands askew on its way.'),
            ),
            'blows' => Verdict::stop(
                Message::of('axle.blows', 'It must slide'),
                $tube
                    ? Message::of('axle.blows.say', 'Spacer tube askew, a burr, rust or a bend: find it before the nut hides it.')
                    : Message::of('axle.blows_alone.say', 'A burr, rust or a bend: find it before the nut hides it.'),
            ),
            default => null,
        };
    }
}
