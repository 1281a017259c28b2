<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Steps\Option;

/** A nut or bolt of a hub. Its spanner, thread, torque and source are asked once and remembered for the machine. */
final readonly class Fastener
{
    /** Said in place of a source: this machine has none. */
    public const ABSENT = 'absent';

    /**
     * @param  ?string  $part the part that comes off with it
     * @param  bool  $several whether there are several, tightened crosswise
     * @param  bool  $guards whether steering or brake hang on it
     * @param  bool  $orPlain whether it may be a ring or a pin, that has no thread
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?string $part = null,
        public bool $several = false,
        public bool $guards = false,
        public bool $orPlain = false,
    ) {
    }

    /** @return list<Option> where a torque may come from */
    public static function sources(): array
    {
        return Option::of(['manual' => 'Manual', 'part_maker' => 'Part maker', 'shop' => 'Shop standard', 'none' => 'None found']);
    }

    /** @return list<Option> the same for this one; one that belongs to no part of the hub may be missing on a machine */
    public function ownSources(): array
    {
        return [...self::sources(), ...$this->part === null ? [new Option(self::ABSENT, 'None here')] : []];
    }

    /** Where something of this fastener is kept. */
    public function place(string $what): string
    {
        return PlacesOf::fastener($this->id, $what);
    }
}
