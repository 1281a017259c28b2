<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Steps\Option;

/** A nut or bolt of a hub. Its spanner, thread, torque and source are asked once and remembered for the machine. */
final readonly class Fastener
{
    /** More of one's own than any machine needs. */
    private const MOST_OWN = 8;

    private const OWN = 'own_';

    /** Said in place of a source: this machine has none. */
    public const ABSENT = 'absent';

    /**
     * @param  ?string  $part the part that comes off with it
     * @param  bool  $several whether there are several, tightened crosswise
     * @param  bool  $guards whether steering or brake hang on it
     * @param  bool  $orPlain whether it may be a ring or a pin, that has no thread
     * @param  bool  $onGround whether its last turn is with the wheel on the ground
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?string $part = null,
        public bool $several = false,
        public bool $guards = false,
        public bool $orPlain = false,
        public bool $onGround = false,
    ) {
    }

    /** @return list<self> those of such hubs, and those that somebody named, in the order of tightening */
    public static function of(Pattern $pattern, Notebook $notebook): array
    {
        return [...$pattern->fasteners(), ...self::own($notebook)];
    }

    /** @return list<self> what somebody named besides: names parted by commas */
    private static function own(Notebook $notebook): array
    {
        // What stands between braces is filled in where words are said: somebody's own are none of those.
        $said = (string) preg_replace('/[{}]/', '', $notebook->text(Places::OWN_FASTENERS) ?? '');
        $names = array_filter(array_map(trim(...), explode(',', $said)));

        return array_map(
            static fn (int $i, string $name): self => new self(self::OWN.($i + 1), ucfirst($name)),
            array_keys(array_slice(array_values($names), 0, self::MOST_OWN)),
            array_slice(array_values($names), 0, self::MOST_OWN),
        );
    }

    /** Whether a hub of this kind can have a fastener of that name: one of its own, or one that somebody named. */
    public static function isOf(Pattern $pattern, string $id): bool
    {
        $own = array_map(static fn (int $i): string => self::OWN.$i, range(1, self::MOST_OWN));

        return in_array($id, [...array_map(static fn (self $f): string => $f->id, $pattern->fasteners()), ...$own], true);
    }

    /** The same by another name. */
    public function called(string $name): self
    {
        return new self($this->id, $name, $this->part, $this->several, $this->guards, $this->orPlain, $this->onGround);
    }

    /** @return list<Option> where a torque may come from */
    public static function sources(): array
    {
        return Option::of(['manual' => 'Manual', 'part_maker' => 'Part maker', 'shop' => 'Shop standard', 'none' => 'None found']);
    }

    /** @return list<Option> the same where it is tightened: a machine may lack any of them */
    public static function tightened(): array
    {
        return [...self::sources(), new Option(self::ABSENT, 'None here')];
    }

    /** Where something of this fastener is kept. */
    public function place(string $what): string
    {
        return PlacesOf::fastener($this->id, $what);
    }
}
