<?php

declare(strict_types=1);

namespace CleanRace\Core\Steps;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sound\Hearing\Taps;

/** Reads what is entered of a wheel that was spun: which recording it is, and when its person tapped. */
final readonly class SoundEntry
{
    private const ID = '/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/';

    private const FEWEST_PASSES = 4;

    private function __construct()
    {
    }

    /**
     * A recording by its id, with the taps that belong to it.
     *
     * @param  array<string, mixed>  $entry
     * @return array{recording: string, taps: list<float>, taps_heard: bool}
     *
     * @throws InvalidInput
     */
    public static function sound(array $entry): array
    {
        $id = is_string($entry['recording'] ?? null) ? mb_strtolower($entry['recording']) : '';
        if (preg_match(self::ID, $id) !== 1) {
            throw new InvalidInput('Say which recording it is.');
        }

        return ['recording' => $id, 'taps' => self::taps($entry['taps'] ?? []), 'taps_heard' => ($entry['taps_heard'] ?? null) === true];
    }

    /**
     * When a mark passed, with no sound to it.
     *
     * @param  array<string, mixed>  $entry
     * @return array{taps: list<float>}
     *
     * @throws InvalidInput
     */
    public static function passes(array $entry): array
    {
        $taps = self::taps($entry['taps'] ?? []);
        if (count($taps) < self::FEWEST_PASSES) {
            throw new InvalidInput('It takes four passes at least: five or more tell better.');
        }

        return ['taps' => $taps];
    }

    /** @return list<float> in seconds, to the millisecond */
    private static function taps(mixed $said): array
    {
        if (! is_array($said) || ! array_is_list($said)) {
            throw new InvalidInput('Send a list of passes.');
        }
        foreach ($said as $at) {
            if (! is_int($at) && ! is_float($at)) {
                throw new InvalidInput('A pass has a time from the start, in seconds.');
            }
        }

        return array_map(static fn (float $at): float => round($at, 3), Taps::at(array_map(floatval(...), $said))->seconds);
    }
}
