<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

/** What stands on a part or was written by somebody: a number, a size, the name of a tool. It is shown as it is, in any language. */
final readonly class Written
{
    private function __construct(public string $text)
    {
    }

    /** What stands there, as it was written. */
    public static function of(string $text): self
    {
        return new self($text);
    }

    /** The name of something: words when the program gave it, as it was written when a person did. */
    public static function name(Message|string $name): Message|self
    {
        return $name instanceof Message ? $name : new self($name);
    }

    /** @param  list<string>  $texts */
    public static function list(array $texts, string $between = ', '): self
    {
        return new self(implode($between, $texts));
    }
}
