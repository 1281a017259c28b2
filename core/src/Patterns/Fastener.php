<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Steps\Option;

/** A nut or bolt of a hub. Its spanner, thread, torque and source are asked once and remembered for the machine. */
final readonly class Fastener
{
    /**
     * @param  ?string  $part the part that comes off with it
     * @param  bool  $several whether there are several, tightened crosswise
     */
    public function __construct(public string $id, public string $name, public ?string $part = null, public bool $several = false)
    {
    }

    /** @return list<Option> where a torque may come from */
    public static function sources(): array
    {
        return Option::of(['manual' => 'Manual', 'part_maker' => 'Part maker', 'shop' => 'Shop standard', 'none' => 'None found']);
    }

    /** Where something of this fastener is kept. */
    public function place(string $what): string
    {
        return PlacesOf::fastener($this->id, $what);
    }
}
