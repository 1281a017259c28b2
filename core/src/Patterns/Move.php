<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Side;

/** One milestone of a take-down, as a pattern names it. How it is done here, with what and how long, is the plan's to say. */
final readonly class Move
{
    /** The name of the milestone at which steering joints are parted. */
    public const JOINTS = 'joints';

    /** Those of a hub that is turned from cups to cartridges, while the cups are in it. */
    public const CUPS = ['cones', 'cups'];

    /**
     * @param  list<string>  $parts what comes off at it
     * @param  array<string, string>  $words that this hub says otherwise than usual: title, detail, tool, needs, why, caution, find
     * @param  list<string>  $leave which of its parts are left in unless something is wrong with them
     * @param  list<string>  $past what does not stand in its way, near as it lies
     */
    private function __construct(
        public MoveKind $kind,
        public array $parts = [],
        public array $words = [],
        public ?Side $towards = null,
        public ?string $name = null,
        public int $minutes = 0,
        public array $leave = [],
        public array $past = [],
    ) {
    }

    /** The machine made safe, before anything else. */
    public static function safe(string $detail = ''): self
    {
        return new self(MoveKind::Safe, words: array_filter(['detail' => $detail]));
    }

    /**
     * @param  string|list<string>  $parts
     * @param  array<string, string>  $words
     */
    public static function off(string|array $parts, array $words = []): self
    {
        return new self(MoveKind::Off, (array) $parts, $words);
    }

    /** @param  array<string, string>  $words */
    public static function axle(array $words = []): self
    {
        return new self(MoveKind::Axle, ['axle'], $words);
    }

    /** Every seal, felt and cap that is still in. */
    public static function seals(): self
    {
        return new self(MoveKind::Seals);
    }

    /** Every snap ring that is still in, both sides looked at. */
    public static function rings(): self
    {
        return new self(MoveKind::Rings);
    }

    /**
     * @param  Side  $towards the only way it leaves
     * @param  array<string, string>  $words
     */
    public static function bearing(string $part, Side $towards, array $words = []): self
    {
        return new self(MoveKind::Bearing, [$part], $words, $towards);
    }

    /** The spacer tube between the bearings. */
    public static function sleeve(): self
    {
        return new self(MoveKind::Sleeve, ['sleeve']);
    }

    /**
     * Something to do at which no part comes off.
     *
     * @param  array<string, string>  $words
     */
    public static function say(string $name, array $words, int $minutes = 2): self
    {
        return new self(MoveKind::Say, words: $words, name: $name, minutes: $minutes);
    }

    /** The same, where these of its parts are looked at and left in, unless something is wrong with them. */
    public function leaving(string ...$parts): self
    {
        return $this->changed(['leave' => array_values($parts)]);
    }

    /** @param  array<string, string>  $words in place of its own */
    public function saying(array $words): self
    {
        return $this->changed(['words' => $words]);
    }

    /** The same, where these are not in its way: it is reached beside them, or comes out with them. */
    public function past(string ...$parts): self
    {
        return $this->changed(['past' => array_values($parts)]);
    }

    /**
     * @param  list<self>  $moves
     * @return list<string> ids of what is looked at and left in
     */
    public static function left(array $moves): array
    {
        return array_merge(...array_map(static fn (self $m): array => $m->leave, $moves));
    }

    /**
     * @param  list<self>  $moves
     * @return list<string> ids of what stands in nothing's way
     */
    public static function passed(array $moves): array
    {
        return array_merge(...array_map(static fn (self $m): array => $m->past, $moves));
    }

    /** @param  array<string, list<string>|array<string, string>>  $changed */
    private function changed(array $changed): self
    {
        return new self(...[...get_object_vars($this), ...$changed]);
    }

    /** Everything cleaned and looked at, last of all. */
    public static function look(): self
    {
        return new self(MoveKind::Look);
    }
}
