<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Squareness\Square;
use CleanRace\Core\Mechanics\Squareness\SquareInput;
use CleanRace\Core\Mechanics\Squareness\SquareResult;
use CleanRace\Core\Mechanics\Squareness\SquareStage;
use CleanRace\Core\Seating\Home\AxleTurns;
use CleanRace\Core\Seating\Home\HomeSign;
use CleanRace\Core\Seating\Home\PairFeel;
use CleanRace\Core\Sizing\Plan\PressedSeat;
use CleanRace\Core\Tables\Limits;

/** How deep and how square each ring of a job stands, by the depths read about it. */
final class SeatDepths
{
    /** @var array<string, ?SquareResult> worked out once, by seat and stage */
    private array $squares = [];

    public function __construct(
        private readonly Limits $limits,
        private readonly SeatReadings $readings,
        private readonly SeatOrder $order,
    ) {
    }

    /** @param  string  $stage `start` or `home` */
    public function square(PressedSeat $seat, string $stage): ?SquareResult
    {
        $key = $seat->key.'.'.$stage;

        return array_key_exists($key, $this->squares)
            ? $this->squares[$key]
            : ($this->squares[$key] = $this->workSquare($seat, $stage));
    }

    private function workSquare(PressedSeat $seat, string $stage): ?SquareResult
    {
        $depths = $this->readings->depths($seat->key, $stage);
        $eye = $this->readings->eye($seat->key, $stage);
        $signs = $stage === 'home' ? $this->readings->signs($seat->key) : [];
        $enough = count($depths) >= SquareInput::LEAST_READINGS;
        if (! $enough && $eye === null) {
            return null;
        }
        try {
            return (new Square($this->limits))->work(
                new SquareInput(
                    $seat->bore,
                    $seat->outside,
                    $enough ? $depths : [],
                    $stage === 'home' ? SquareStage::Home : SquareStage::Entering,
                    $eye,
                    $this->readings->eyeClock($seat->key, $stage),
                    $this->readings->isLevelled($seat->key) ? $this->readings->depths($seat->key, 'ref') : [],
                    in_array(HomeSign::FeelerRefused, $signs, true),
                    in_array(HomeSign::NoteChanged, $signs, true) || ($stage === 'home' && $this->pairAgrees($seat)),
                ),
            );
        } catch (InvalidInput) {
            return null;
        }
    }

    /** Of a second bearing: a pair that follows or turns free when it is clamped, or an axle that turns free, is a sign of its own. */
    private function pairAgrees(PressedSeat $seat): bool
    {
        return $this->readings->axleTurns($seat->key) === AxleTurns::Free ||
            ($this->order->isSecondOfPair($seat) &&
                array_filter($this->readings->feel(), static fn (PairFeel $f): bool => $f->meansThere()) !== []);
    }

    /** Mean depth of a ring at a stage, to how well it was read; null while nothing was. */
    public function meanDepth(PressedSeat $seat, string $stage): ?Reading
    {
        $mean = $this->readings->mean($seat->key, $stage);
        $plane = $this->readings->isLevelled($seat->key) ? null : $this->square($seat, $stage)?->meanDepth;

        return $mean === null ? null : Reading::of($plane ?? $mean->value, $mean->instrument ?? $mean->halfWidth);
    }
}
