<?php

declare(strict_types=1);

namespace CleanRace\Core\Notebook;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Measure\Torque;

/**
 * What has been read, answered and done on one job so far: the latest entry of each place, by the place's name.
 * An entry is a small map: `mm` (with `half_mm`, the half-width its instrument reads to), `choice`, `choices`,
 * `text`, `done`, `nm`, `state`.
 */
final readonly class Notebook
{
    /** @param  array<string, array{value: array<string, mixed>, instrument: ?string}>  $entries by place */
    public function __construct(private array $entries = [])
    {
    }

    /** Whether something is kept there. */
    public function has(string $place): bool
    {
        return isset($this->entries[$place]);
    }

    /** @return ?array<string, mixed> the entry as it was kept */
    public function value(string $place): ?array
    {
        return $this->entries[$place]['value'] ?? null;
    }

    /** What it was read with; null when nobody said. */
    public function instrument(string $place): ?Instrument
    {
        return Instrument::tryFrom($this->entries[$place]['instrument'] ?? '');
    }

    /** The length kept there, in mm, with how well it was read; null when there is none. */
    public function reading(string $place, Instrument $otherwise = Instrument::DigitalCaliper): ?Reading
    {
        ['mm' => $mm, 'half_mm' => $half] = ($this->value($place) ?? []) + ['mm' => null, 'half_mm' => null];
        if (! is_numeric($mm)) {
            return null;
        }
        $by = $this->instrument($place) ?? $otherwise;

        // No instrument is perfect: a file that says so is not believed.
        return is_numeric($half) && $half > 0
            ? Reading::by(Length::mm((float) $mm), $by, Length::mm((float) $half))
            : Reading::mm((float) $mm, $by);
    }

    /** The length kept there, in mm; null when there is none. */
    public function length(string $place): ?Length
    {
        return $this->reading($place)?->value;
    }

    /** The answer that was chosen; null when there is none. */
    public function choice(string $place): ?string
    {
        $choice = $this->value($place)['choice'] ?? null;

        return is_string($choice) ? $choice : null;
    }

    /** @return list<string> */
    public function choices(string $place): array
    {
        $choices = $this->value($place)['choices'] ?? [];

        return is_array($choices) ? array_values(array_filter($choices, is_string(...))) : [];
    }

    /** What was written; null when there is none, or nothing in it. */
    public function text(string $place): ?string
    {
        $text = $this->value($place)['text'] ?? null;

        return is_string($text) && $text !== '' ? $text : null;
    }

    /** Whether it was said to be done. */
    public function done(string $place): bool
    {
        return ($this->value($place)['done'] ?? false) === true;
    }

    /**
     * Whether it was said to be done of all of these.
     *
     * @param  ?string  $all names parted by commas; null where it is not said of anything. Before 0.2 nobody said of what
     */
    public function doneOf(string $place, ?string $all): bool
    {
        $of = $this->value($place)['of'] ?? null;

        return $this->done($place) && ($all === null || ! is_string($of) || array_diff(explode(',', $all), explode(',', $of)) === []);
    }

    /** The torque kept there, in N·m; null when there is none. */
    public function torque(string $place): ?Torque
    {
        $nm = $this->value($place)['nm'] ?? null;

        return is_numeric($nm) ? Torque::newtonMetres((float) $nm) : null;
    }

    /** The turn kept there, in degrees; null when there is none. */
    public function turn(string $place): ?Angle
    {
        $degrees = $this->value($place)['deg'] ?? null;

        return is_numeric($degrees) ? Angle::degrees((float) $degrees) : null;
    }

    /** The count kept there; null when there is none. */
    public function number(string $place): ?int
    {
        $count = $this->value($place)['count'] ?? null;

        return is_int($count) ? $count : null;
    }

    /** The temperature kept there, in °C; null when there is none. */
    public function temperature(string $place): ?Temperature
    {
        $celsius = $this->value($place)['c'] ?? null;

        return is_numeric($celsius) ? Temperature::celsius((float) $celsius) : null;
    }

    /**
     * The same notebook with one more entry; without it when the value is null.
     *
     * @param  array{value: ?array<string, mixed>, instrument: ?string}  $entry
     */
    public function with(string $place, array $entry): self
    {
        $entries = $this->entries;
        unset($entries[$place]);

        return new self(
            $entry['value'] === null
                ? $entries
                : $entries + [$place => ['value' => $entry['value'], 'instrument' => $entry['instrument']]],
        );
    }

    /**
     * The same with these places alone.
     *
     * @param  list<string>  $places
     */
    public function only(array $places): self
    {
        return new self(array_intersect_key($this->entries, array_flip($places)));
    }

    /** How many places that begin so have this in their entry. */
    public function count(string $prefix, string $key): int
    {
        return count(
            array_filter(
                $this->entries,
                static fn (array $entry, string $place): bool => str_starts_with($place, $prefix) && isset($entry['value'][$key]),
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }
}
