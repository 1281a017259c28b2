<?php

declare(strict_types=1);

namespace App\JobFile;

use Generator;
use JsonException;

/**
 * A JSON object that is read from a stream part by part, and its lists item by item: however long it is, no more of it is held
 * than one item. What each part is made of is read by PHP's own reader; here it is only found where it begins and ends.
 */
final class JsonParts
{
    private const CHUNK = 262_144;

    private const SPACE = " \t\r\n";

    /** What a value that is no string is made of, until its end. */
    private const MARKS = '"{}[],:';

    /**
     * @param  resource  $stream that can be sought in
     * @param  array<string, array{int, int}>  $at where each part begins, and one past its end
     */
    private function __construct(private readonly mixed $stream, private readonly array $at)
    {
    }

    /** @throws JsonException when it is no JSON object, or a name stands in it twice */
    public static function ofText(string $text): self
    {
        $stream = fopen('php://temp', 'w+b') ?: throw new JsonException('No room to read it in.');
        fwrite($stream, $text);

        return self::of($stream);
    }

    /**
     * @param  resource  $stream
     *
     * @throws JsonException when it is no JSON object, or a name stands in it twice
     */
    public static function of(mixed $stream): self
    {
        /** @var array<string, array{int, int}> $at */
        $at = [];
        [$depth, $name, $key, $from] = [0, null, null, 0];
        foreach (self::marks($stream, 0) as [$mark, $start, $end]) {
            if ($depth === 0 && ($mark !== '{' || $start > 0 && trim(self::text($stream, 0, $start)) !== '')) {
                throw new JsonException('It is no object.');
            }
            if ($mark === '"') {
                $key = $depth === 1 && $name === null ? [$start, $end] : $key;
            } elseif ($mark === '{' || $mark === '[') {
                $depth++;
            } elseif ($mark === ':' && $depth === 1) {
                $name = json_decode($key === null ? '' : self::text($stream, ...$key), flags: JSON_THROW_ON_ERROR);
                $from = $end;
            } elseif ($mark === ',' && $depth === 1 || $mark === '}' && $depth === 1) {
                if (is_string($name) && isset($at[$name]) || $name === null && ($mark === ',' || $at !== [])) {
                    throw new JsonException('A name is missing, or stands there twice.');
                }
                $at += is_string($name) ? [$name => [$from, $start]] : [];
                [$name, $key] = [null, null];
            }
            $depth -= $mark === '}' || $mark === ']' ? 1 : 0;
            if ($depth === 0) {
                return trim((string) stream_get_contents($stream, -1, $end), self::SPACE) === ''
                    ? new self($stream, $at)
                    : throw new JsonException('More follows than one object.');
            }
        }
        throw new JsonException('It ends before its end.');
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->at));
    }

    public function has(string $name): bool
    {
        return isset($this->at[$name]);
    }

    /** Whether it is a list, by how it begins. */
    public function isList(string $name): bool
    {
        return $this->has($name) && str_starts_with(ltrim(self::text($this->stream, $this->at[$name][0], $this->at[$name][0] + 64)), '[');
    }

    /**
     * A whole part; null when there is none.
     *
     * @throws JsonException when it is no JSON
     */
    public function whole(string $name): mixed
    {
        return $this->has($name) ? self::read($this->stream, ...$this->at[$name]) : null;
    }

    /**
     * The items of a list, one after the other; none when there is no such part.
     *
     * @return Generator<int, mixed>
     *
     * @throws JsonException when it is no list, or one is no JSON
     */
    public function each(string $name): Generator
    {
        if (! $this->has($name)) {
            return;
        }
        [$depth, $count, $from] = [0, 0, 0];
        foreach (self::marks($this->stream, $this->at[$name][0]) as [$mark, $start, $end]) {
            if ($depth === 0 && $mark !== '[') {
                throw new JsonException('It is no list.');
            }
            if ($depth === 1 && ($mark === ',' || $mark === ']')) {
                // An empty list is one with nothing before its end.
                if ($mark === ',' || $count > 0 || trim(self::text($this->stream, $from, $start), self::SPACE) !== '') {
                    yield $count++ => self::read($this->stream, $from, $start);
                }
                $from = $end;
            }
            $from = $depth === 0 ? $end : $from;
            $depth += $mark === '{' || $mark === '[' ? 1 : ($mark === '}' || $mark === ']' ? -1 : 0);
            if ($depth === 0) {
                return;
            }
        }
    }

    /**
     * Marks of the language with where they begin and end; a string is one mark.
     *
     * @param  resource  $stream
     * @return Generator<int, array{string, int, int}>
     */
    private static function marks(mixed $stream, int $from): Generator
    {
        [$text, $base, $at] = ['', $from, 0];
        while (true) {
            $at += strcspn($text, self::MARKS, $at);
            if ($at >= strlen($text)) {
                [$text, $base, $at] = [self::text($stream, $base + $at, $base + $at + self::CHUNK), $base + $at, 0];
                if ($text === '') {
                    return;
                }

                continue;
            }
            $mark = $text[$at];
            if ($mark !== '"') {
                yield [$mark, $base + $at, $base + $at + 1];
                $at++;

                continue;
            }
            $end = self::endOfString($text, $at);
            if ($end === null) {
                // It goes on beyond what is held: more is held from its beginning.
                $more = self::text($stream, $base + strlen($text), $base + strlen($text) + max(self::CHUNK, strlen($text) - $at));
                if ($more === '') {
                    return;
                }
                [$text, $base, $at] = [substr($text, $at).$more, $base + $at, 0];

                continue;
            }
            yield ['"', $base + $at, $base + $end];
            $at = $end;
        }
    }

    /** One past the closing sign of the string that begins there; null when it is not in the text. */
    private static function endOfString(string $text, int $at): ?int
    {
        for ($at++; ; $at += 2) {
            $at += strcspn($text, '"\\', $at);
            if ($at >= strlen($text)) {
                return null;
            }
            if ($text[$at] === '"') {
                return $at + 1;
            }
        }
    }

    /** @param  resource  $stream */
    private static function text(mixed $stream, int $from, int $to): string
    {
        return (string) stream_get_contents($stream, $to - $from, $from);
    }

    /** @param  resource  $stream */
    private static function read(mixed $stream, int $from, int $to): mixed
    {
        return json_decode(self::text($stream, $from, $to), true, flags: JSON_THROW_ON_ERROR);
    }
}
