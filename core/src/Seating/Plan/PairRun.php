<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubSizes;
use CleanRace\Core\Seating\Home\HomeDepth;
use CleanRace\Core\Seating\Home\PairFeel;
use CleanRace\Core\Seating\Home\SecondBearing;
use CleanRace\Core\Seating\Home\SecondBearingInput;
use CleanRace\Core\Seating\Home\SleeveLength;
use CleanRace\Core\Seating\Home\SleeveLengthInput;
use CleanRace\Core\Seating\Home\SleeveToMake;
use CleanRace\Core\Seating\Home\SleeveToMakeInput;
use CleanRace\Core\Sizing\Plan\Findings;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Verdict;

/** A pair of bearings with a spacer tube between: how the second stands to it, and the tube that would be made. */
final readonly class PairRun
{
    public function __construct(
        private Limits $limits,
        private Bench $bench,
        private Findings $findings,
        private SeatOrder $order,
        private SeatReadings $readings,
        private SeatDepths $depths,
    ) {
    }

    /** Whether both bearings stop on shoulders of their own, and the second not on the spacer tube. */
    public function isBetweenShoulders(): bool
    {
        return $this->findings->sizes->twoLedges;
    }

    /** The sleeve is off the tray and was seen through the hub. */
    public function sleeveIn(): bool
    {
        return $this->bench->tray->state('sleeve') !== PartState::OnTray &&
            $this->bench->notebook->choice(Places::LOOK_THROUGH) === 'seen';
    }

    /** A pair with a sleeve: how the second bearing stands to it. */
    public function second(): ?Verdict
    {
        $seat = $this->order->secondOfPair();
        $feel = $this->readings->feel();
        $depth = $seat === null ? null : $this->depths->meanDepth($seat, 'home');
        if ($seat === null || ($depth === null && $feel === [])) {
            return null;
        }
        if (! $this->sleeveIn()) {
            return SecondBearing::sleeveMissing();
        }
        $sizes = $this->findings->sizes;
        try {
            return $sizes->twoLedges
                ? $this->againstSpan($sizes, $feel)
                : (new SecondBearing($this->limits))->work(
                    new SecondBearingInput(
                        $this->bench->notebook->reading(Places::OVER_FACES),
                        $this->firstDepth($sizes),
                        $sizes->width($sizes->first),
                        $this->bench->notebook->reading(Places::SLEEVE_LENGTH),
                        $seat->width,
                        $depth,
                        $this->bench->drawBolt,
                        $feel,
                        firstWidthMeasured: $this->bench->notebook->reading(PlacesOf::newWidth($sizes->first->value)),
                        secondWidthMeasured: $this->bench->notebook->reading(PlacesOf::newWidth($seat->key)),
                    ),
                )->verdict;
        } catch (InvalidInput) {
            return null;
        }
    }

    /** The sleeve as it would have to be made, when the span is known. */
    public function sleeveToMake(): ?Verdict
    {
        $span = $this->order->span();
        $axle = $this->bench->hub->stack->one(PartKind::Axle);
        $size = $this->findings->sizes->bearing($this->findings->sizes->first);
        try {
            return $span === null || $axle === null
                ? null
                : (new SleeveToMake($this->limits))->work(
                    new SleeveToMakeInput(
                        Length::mm(min($size->bore->mm, $axle->mm('diameter'))),
                        $size->bore,
                        $size->outside,
                        $span,
                        thin: $size->isThin(),
                    ),
                )->verdict;
        } catch (InvalidInput) {
            return null;
        }
    }

    /** Where the first bearing stands: read, else on its ledge. */
    private function firstDepth(HubSizes $sizes): ?Reading
    {
        $ledge = $this->bench->notebook->reading(Places::LEDGE_DEPTH, Instrument::DepthCaliper);
        $first = array_values(array_filter($this->order->seats(), $this->order->isFirstOfPair(...)))[0] ?? null;
        $read = $first === null ? null : $this->depths->meanDepth($first, 'home');

        return $read ??
            ($ledge === null
                ? null
                : Reading::of(
                    HomeDepth::on(
                        $ledge,
                        $sizes->width($sizes->first),
                        $this->bench->notebook->reading(PlacesOf::newWidth($sizes->first->value)),
                    )->depth(),
                    $ledge->instrument ?? $ledge->halfWidth,
                ));
    }

    /** @param  list<PairFeel>  $feel */
    private function againstSpan(HubSizes $sizes, array $feel): ?Verdict
    {
        $span = $this->order->span();
        $sleeve = $this->bench->notebook->reading(Places::SLEEVE_LENGTH);
        $size = $sizes->bearing($sizes->first);
        if ($span === null || $sleeve === null) {
            return $feel === []
                ? null
                : (new SecondBearing($this->limits))->work(new SecondBearingInput(feel: $feel, twoShoulders: true))->verdict;
        }

        return (new SleeveLength($this->limits))->work(
            new SleeveLengthInput(
                $span,
                $sleeve,
                $size->bore,
                $size->outside,
                Length::mm(max(0.0, $this->findings->clearance->leftMean->mm ?? 0.0)),
                $feel,
            ),
        )->verdict;
    }
}
