<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

/** One part that goes in at an assembly, as a pattern names it. How it is done here, with what and how far, is the plan's to say. */
final readonly class Put
{
    /**
     * @param  array<string, string>  $words that this hub says otherwise than usual: detail, tool, why, caution, find, support, home
     * @param  ?string  $depthBefore place where its depth below the face was kept before the hub came apart
     */
    private function __construct(
        public string $part,
        public array $words = [],
        public ?Push $push = null,
        public ?string $depthBefore = null,
    ) {
    }

    /**
     * @param  array<string, string>  $words that this hub says otherwise than usual: detail, tool, why, caution, find, support, home
     * @param  ?Push  $push when it is not the ring whose fit is made
     */
    public static function in(string $part, array $words = [], ?Push $push = null): self
    {
        return new self($part, $words, $push);
    }

    /** @param  array<string, string>  $words in place of its own */
    public function saying(array $words): self
    {
        return new self($this->part, $words, $this->push, $this->depthBefore);
    }

    /** The depth below the face that it had before is met again. */
    public function asDeepAs(string $place): self
    {
        return new self($this->part, $this->words, $this->push, $place);
    }

    /** @return list<self> one after the other, as such parts usually go in */
    public static function each(string ...$parts): array
    {
        return array_map(self::in(...), array_values($parts));
    }
}
