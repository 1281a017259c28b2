<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating;

use CleanRace\Core\Hub\HubSizes;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Places;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Standing;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Sizing\Findings;
use CleanRace\Core\Tooling\Bench;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Verdict\Limits;
use CleanRace\Core\Verdict\Verdict;

/** Runs the seating calculators on what a job's notebook holds. */
final class Progress
{
    /** Where depths may be read: four round the clock, or three. */
    public const HOURS = ['12', '3', '4', '6', '8', '9'];

    /** @var array<string, ?SquareResult> worked out once, by side and stage */
    private array $squares = [];

    /** @var array<string, ?HomeResult> worked out once, by side */
    private array $homes = [];

    private ?DriverChoiceResult $driver = null;

    public function __construct(private readonly Limits $limits, private readonly Bench $bench, private readonly Findings $findings)
    {
    }

    /** @param  string  $stage `start` or `home` */
    public function square(Side $side, string $stage): ?SquareResult
    {
        $key = $side->value.$stage;

        return array_key_exists($key, $this->squares) ? $this->squares[$key] : $this->squares[$key] = $this->workSquare($side, $stage);
    }

    private function workSquare(Side $side, string $stage): ?SquareResult
    {
        $notebook = $this->bench->notebook;
        $depths = $this->depths($side, $stage);
        $eye = Eye::tryFrom($notebook->choice("seat.{$side->value}.$stage.eye") ?? '');
        $clock = $notebook->choice("seat.{$side->value}.$stage.eye_clock");
        $size = $this->findings->sizes->bearing($side);
        $enough = count($depths) >= SquareInput::LEAST_READINGS;
        if (! $enough && $eye === null) {
            return null;
        }
        try {
            return (new Square($this->limits))->work(new SquareInput(
                $size->bore, $size->outside, $enough ? $depths : [], $stage === 'home' ? SquareStage::Home : SquareStage::Entering, $eye, $clock === null ? null : Clock::read($clock),
            ));
        } catch (Nonsense) {
            return null;
        }
    }

    public function home(Side $side): ?HomeResult
    {
        return array_key_exists($side->value, $this->homes) ? $this->homes[$side->value] : $this->homes[$side->value] = $this->workHome($side);
    }

    private function workHome(Side $side): ?HomeResult
    {
        $depth = $this->meanDepth($side, 'home');
        $signs = array_values(array_filter(array_map(HomeSign::tryFrom(...), $this->bench->notebook->choices("seat.{$side->value}.home.signs"))));
        $ledge = $this->bench->notebook->reading(Places::LEDGE_DEPTH, Instrument::DepthCaliper);
        if ($signs === [] && ($depth === null || $ledge === null)) {
            return null;
        }
        $sizes = $this->findings->sizes;
        $groove = in_array('groove_edge', $sizes->measured, true) && $side === $sizes->first ? $sizes->grooveEdge : null;
        try {
            return (new Home($this->limits))->work(new HomeInput($sizes->width($side), $ledge, $depth, $this->bench->notebook->reading("source.{$side->value}.width"), $this->square($side, 'home')?->tilt, $signs, $groove));
        } catch (Nonsense) {
            return null;
        }
    }

    /** The sleeve is off the tray and was seen through the hub. */
    public function sleeveIn(): bool
    {
        return $this->bench->tray->state('sleeve') !== PartState::OnTray && $this->bench->notebook->choice(Places::LOOK_THROUGH) === 'seen';
    }

    public function second(): ?Verdict
    {
        $notebook = $this->bench->notebook;
        $sizes = $this->findings->sizes;
        $side = $sizes->first->other();
        $feel = $this->feel();
        $depth = $this->meanDepth($side, 'home');
        if ($depth === null && $feel === []) {
            return null;
        }
        if (! $this->sleeveIn()) {
            return SecondBearing::sleeveMissing();
        }
        try {
            if ($sizes->twoLedges) {
                return $this->againstSpan($sizes, $feel);
            }
            $input = new SecondBearingInput(
                $notebook->reading(Places::OVER_FACES), $this->firstDepth($sizes), $sizes->width($sizes->first), $notebook->reading(Places::SLEEVE_LENGTH),
                $sizes->width($side), $depth, $this->bench->drawBolt, $feel,
            );

            return (new SecondBearing($this->limits))->work($input)->verdict;
        } catch (Nonsense) {
            return null;
        }
    }

    /** For the first side. */
    public function driver(): DriverChoiceResult
    {
        return $this->driver ??= $this->workDriver();
    }

    private function workDriver(): DriverChoiceResult
    {
        $sizes = $this->findings->sizes;
        $size = $sizes->bearing($sizes->first);

        return (new DriverChoice($this->limits))->among($size->bore, $size->outside, $size->isThin(), Length::mm(max(0.0, $sizes->homeDepth()->mm)), $this->bench->tools);
    }

    public function chosenDriver(): ?Tool
    {
        $id = $this->bench->notebook->choice('seat.driver') ?? $this->driver()->best;

        return array_values(array_filter($this->bench->tools, static fn (Tool $t): bool => $t->id === $id))[0] ?? null;
    }

    /** How a bearing stands by the last depths read of it: at home, else while going in. */
    public function standing(Side $side): ?Standing
    {
        foreach (['home', 'start'] as $stage) {
            $square = $this->square($side, $stage);
            if ($square?->meanDepth !== null) {
                return new Standing($square->meanDepth, $square->angle, $square->highSide);
            }
        }

        return null;
    }

    private function meanDepth(Side $side, string $stage): ?Reading
    {
        $depths = $this->depths($side, $stage);
        if ($depths === []) {
            return null;
        }
        $mean = array_sum(array_map(static fn (ClockDepth $d): float => $d->depth->value->mm, $depths)) / count($depths);

        return Reading::of(Length::mm($this->square($side, $stage)->meanDepth->mm ?? $mean), $depths[0]->depth->instrument ?? $depths[0]->depth->halfWidth);
    }

    /** Where the first bearing stands: read, else on its ledge. */
    private function firstDepth(HubSizes $sizes): ?Reading
    {
        $ledge = $this->bench->notebook->reading(Places::LEDGE_DEPTH, Instrument::DepthCaliper);

        return $this->meanDepth($sizes->first, 'home') ?? ($ledge === null ? null : Reading::of($sizes->homeDepth(), $ledge->instrument ?? $ledge->halfWidth));
    }

    /** @param  list<PairFeel>  $feel */
    private function againstSpan(HubSizes $sizes, array $feel): ?Verdict
    {
        $span = $this->bench->notebook->reading(Places::LEDGE_SPAN);
        $sleeve = $this->bench->notebook->reading(Places::SLEEVE_LENGTH);
        $size = $sizes->bearing($sizes->first);
        if ($span === null || $sleeve === null) {
            return $feel === [] ? null : (new SecondBearing($this->limits))->work(new SecondBearingInput(feel: $feel))->verdict;
        }

        return (new SleeveLength($this->limits))->work(new SleeveLengthInput($span, $sleeve, $size->bore, $size->outside, Length::mm(max(0.0, $this->findings->clearance->leftMean->mm ?? 0.0)), $feel))->verdict;
    }

    /** @return list<PairFeel> */
    private function feel(): array
    {
        return array_values(array_filter(array_map(PairFeel::tryFrom(...), $this->bench->notebook->choices('seat.pair_feel'))));
    }

    /** @return list<ClockDepth> */
    private function depths(Side $side, string $stage): array
    {
        $depths = [];
        foreach (self::HOURS as $hour) {
            $reading = $this->bench->notebook->reading("seat.{$side->value}.$stage.$hour", Instrument::DepthCaliper);
            if ($reading !== null) {
                $depths[] = new ClockDepth(Clock::read($hour), $reading);
            }
        }

        return $depths;
    }
}
