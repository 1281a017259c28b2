<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests;

use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;
use PHPUnit\Framework\Assert;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionProperty;
use UnitEnum;

/** Finds words that no other language could be laid over: English among the values of a message, texts that are typed as no words. */
final class WholeWords
{
    /** Written by people, or read by programs: not said by the program as it stands there. */
    private const NOT_OURS = [
        'PartFinding::article',
        'PartFound::found',
        'BearingNumberResult::askFor',
        'Block::word',
        'TrayItem::reason',
        'TrayItem::note',
        'Option::value',
        'OrdinaryAnswer::wayRound',
    ];

    /** What of a message no other language could be laid over; null when there is nothing. */
    public static function fault(Message $said): ?string
    {
        preg_match_all('/\{(\w+)\}/', $said->text, $places);
        $empty = array_diff($places[1], array_keys($said->values));
        if ($empty !== []) {
            return 'nothing stands at '.implode(', ', $empty);
        }
        foreach ($said->values as $place => $value) {
            // What the program says is in small letters; numbers, sizes and units are not, nor is what was typed in this test.
            if ($value instanceof Written && preg_match('/\p{Ll}{3,}|\p{Ll}{2,} \p{Ll}{2,}/u', $value->text) === 1) {
                return "English at $place: $value->text";
            }
            if ($value instanceof Message && ($fault = self::fault($value)) !== null) {
                return $fault;
            }
        }

        return null;
    }

    /**
     * Every message in it, however deep it lies; and no text that is typed as no message may be words.
     *
     * @param  bool  $plain whether such texts are looked at: not where tools and prices have names of this test
     * @return iterable<string, Message> by where it stands
     */
    public static function in(object $of, bool $plain = true): iterable
    {
        foreach (get_object_vars($of) as $name => $value) {
            $where = (new ReflectionClass($of))->getShortName()."::$name";
            foreach (is_array($value) ? self::flat($value) : [$value] as $one) {
                if ($one instanceof Message) {
                    yield $where => $one;
                } elseif (is_object($one) && ! ($one instanceof UnitEnum) && ! ($one instanceof Quantity)) {
                    yield from self::in($one, $plain);
                } elseif ($plain && is_string($one) && ! in_array($where, self::NOT_OURS, true) && self::isPlain($of, $name)) {
                    Assert::assertDoesNotMatchRegularExpression(
                        '/\p{Ll}{2,} \p{Ll}{2,}/u',
                        $one,
                        "$where is typed as no words, and is some",
                    );
                }
            }
        }
    }

    /** @param  array<mixed>  $list
     * @return list<mixed> */
    private static function flat(array $list): array
    {
        $flat = [];
        array_walk_recursive($list, static function (mixed $one) use (&$flat): void {
            $flat[] = $one;
        });

        return $flat;
    }

    /** Whether a property is typed as a text that is shown as it is. */
    private static function isPlain(object $of, string $name): bool
    {
        $type = (new ReflectionProperty($of, $name))->getType();

        return $type instanceof ReflectionNamedType && $type->getName() === 'string';
    }
}
