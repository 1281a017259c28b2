<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Steps\Option;
use CleanRace\Core\Verdict\Message;

/** A choice between schools that a shop makes once; a job may still go the other way. */
final readonly class Habit
{
    /**
     * @param  list<Option>  $options
     * @param  string  $why what speaks for the usual one
     */
    private function __construct(
        public string $name,
        public Message|string $label,
        public array $options,
        public string $chosen,
        public Message|string $why,
    ) {
    }

    /**
     * @param  array<string, string>  $chosen by name
     * @return list<self>
     */
    public static function all(array $chosen): array
    {
        $of = static fn (string $name, string $label, array $options, string $usual, string $why): self => new self(
            $name,
            $label,
            array_values($options),
            in_array($chosen[$name] ?? null, array_map(static fn (Option $o): string => $o->value, $options), true)
                ? $chosen[$name]
                : $usual,
            $why,
        );

        return [
            $of(
                'extraction',
                'Bearings out by',
                Option::each(Extraction::class),
                Extraction::Drift->value,
                'A drift is cheap and always there; a puller or a rod leaves the bore whole.',
            ),
            $of(
                'heat',
                'Heat',
                Option::each(Heat::class),
                Heat::Cold->value,
                'Cold is quicker when it moves; warmth frees what corrosion holds. A corroded hub is warmed either way.',
            ),
            $of(
                'pressing',
                'Bearings in by',
                Option::of(['draw_bolt' => 'Draw bolt', 'press' => 'Press', 'hammer' => 'Hammer and driver']),
                'draw_bolt',
                'A draw bolt is square and slow; a press quick, and its force must be watched; a hammer serves where the force is small.',
            ),
            $of(
                'seals',
                'Seals in',
                Option::of(['after_both' => 'After both bearings', 'after_own' => 'Each after its own bearing']),
                'after_both',
                'After both, nothing hits them. After its own, the hub must not stand on it again.',
            ),
            $of(
                'sides',
                'Bearings of a wheel',
                Option::of(['both' => 'Both sides', 'one' => 'Only the bad one']),
                'both',
                'Same age, same water, and the wheel is apart: bearings are cheap against labour.',
            ),
            $of(
                'cone_play',
                'Cones on a quick-release',
                Option::of(['trace' => 'A trace of play on the bench', 'none' => 'No play on the bench']),
                'trace',
                'The lever shortens the axle by a few hundredths and takes the trace up; set without any, it binds when clamped.',
            ),
            $of(
                'taper_play',
                'End play of tapers',
                Option::of(['dial' => 'Dial gauge and band', 'feel' => 'By feel']),
                'dial',
                'A dial tells 0.03 from 0.12 mm, hands do not. Feel is recorded as feel.',
            ),
            $of(
                'second_check',
                'A second person\'s check',
                Option::of(['none' => 'Not asked for', 'required' => 'Before every signature']),
                'none',
                'In a shop of one it cannot be had; where there are two, a fresh eye finds what the first got used to.',
            ),
            $of(
                'packing',
                'Sealed bearings',
                Option::of(['as_they_come' => 'As they come', 'topped_up' => 'Opened and topped up first']),
                'as_they_come',
                'They come about a third full: right for speed, little for slow and wet. Opening one risks its seal.',
            ),
        ];
    }
}
