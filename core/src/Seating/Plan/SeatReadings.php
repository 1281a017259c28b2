<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Mechanics\Squareness\ClockDepth;
use CleanRace\Core\Mechanics\Squareness\Eye;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Seating\Home\AxleTurns;
use CleanRace\Core\Seating\Home\HomeSign;
use CleanRace\Core\Seating\Home\PairFeel;

/** What a job's notebook holds of one seat while a ring goes in: depths about the clock, looks, signs, gauges. */
final readonly class SeatReadings
{
    /** Where depths may be read. */
    public const HOURS = ['12', '1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11'];

    public function __construct(private Notebook $notebook)
    {
    }

    /**
     * @param  string  $stage `start`, `home`, or `ref` for the face that depths are taken from
     * @return array<array-key, Reading> by hour, as they were read
     */
    public function raw(string $seat, string $stage): array
    {
        $depths = [];
        foreach (self::HOURS as $hour) {
            $reading = $this->notebook->reading(PlacesOf::seat($seat, $stage, $hour), Instrument::DepthCaliper);
            if ($reading !== null) {
                $depths[$hour] = $reading;
            }
        }

        return $depths;
    }

    /** Whether the face is rough and a reference set was taken to a ledge or a turned face. */
    public function isLevelled(string $seat): bool
    {
        return $this->notebook->choice(PlacesOf::seat($seat, 'face')) === 'rough' && $this->raw($seat, 'ref') !== [];
    }

    /**
     * @param  string  $stage `start`, `home` or `ref`
     * @return list<ClockDepth>
     */
    public function depths(string $seat, string $stage): array
    {
        $depths = [];
        foreach ($this->raw($seat, $stage) as $hour => $reading) {
            $depths[] = new ClockDepth(Clock::read((string) $hour), $reading);
        }

        return $depths;
    }

    /** Mean of the depths as they were read. */
    public function mean(string $seat, string $stage): ?Reading
    {
        $depths = array_values($this->raw($seat, $stage));
        if ($depths === []) {
            return null;
        }
        $mean = array_sum(array_map(static fn (Reading $r): float => $r->value->mm, $depths)) / count($depths);

        return Reading::of(Length::mm($mean), $depths[0]->instrument ?? $depths[0]->halfWidth);
    }

    /** How the ring looks at a stage; null when nobody said. */
    public function eye(string $seat, string $stage): ?Eye
    {
        return Eye::tryFrom($this->notebook->choice(PlacesOf::seat($seat, $stage, 'eye')) ?? '');
    }

    /** Where it looks proud; null when nobody said. */
    public function eyeClock(string $seat, string $stage): ?Clock
    {
        $clock = $this->notebook->choice(PlacesOf::seat($seat, $stage, 'eye_clock'));

        return $clock === null ? null : Clock::read($clock);
    }

    /** @return list<HomeSign> */
    public function signs(string $seat): array
    {
        return array_values(
            array_filter(array_map(HomeSign::tryFrom(...), $this->notebook->choices(PlacesOf::seat($seat, 'home', 'signs')))),
        );
    }

    /** @return list<PairFeel> */
    public function feel(): array
    {
        return array_values(array_filter(array_map(PairFeel::tryFrom(...), $this->notebook->choices(Places::PAIR_FEEL))));
    }

    /** How the axle turns by hand once a bearing was driven over it; null while nobody said. */
    public function axleTurns(string $seat): ?AxleTurns
    {
        return AxleTurns::tryFrom($this->notebook->choice(PlacesOf::seat($seat, 'axle')) ?? '');
    }

    /** What gauge or wrench shows: N, MPa or N·m; null when nobody said. */
    public function gauge(string $seat): Force|Pressure|Torque|null
    {
        $shown = $this->notebook->value(PlacesOf::seat($seat, 'gauge'));

        return match (true) {
            is_numeric($shown['n'] ?? null) => Force::newtons((float) $shown['n']),
            is_numeric($shown['mpa'] ?? null) => Pressure::megapascals((float) $shown['mpa']),
            is_numeric($shown['nm'] ?? null) => Torque::newtonMetres((float) $shown['nm']),
            default => null,
        };
    }
}
