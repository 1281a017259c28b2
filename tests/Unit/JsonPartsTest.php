<?php

declare(strict_types=1);

namespace Tests\Unit;

use App\JobFile\JsonParts;
use JsonException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A long JSON object, read part by part. */
final class JsonPartsTest extends TestCase
{
    /** @param  array<string, mixed>  $whole */
    private static function same(array $whole, string $written): void
    {
        $parts = JsonParts::ofText($written);
        self::assertSame(array_map(strval(...), array_keys($whole)), $parts->names());
        foreach ($whole as $name => $value) {
            self::assertSame($value, $parts->whole((string) $name));
            self::assertSame(str_starts_with(json_encode($value, JSON_THROW_ON_ERROR), '['), $parts->isList((string) $name));
            if (is_array($value) && array_is_list($value) && $parts->isList((string) $name)) {
                self::assertSame($value, iterator_to_array($parts->each((string) $name)));
            }
        }
    }

    public function test_what_php_reads_whole_is_read_in_parts(): void
    {
        $whole = [
            'text' => 'a "quoted" \\ {brace} [bracket], colon: comma',
            'empty' => '',
            'number' => -1.25,
            'none' => null,
            'yes' => true,
            'list' => [1, 'two, "three" ]', ['four' => [5, [6]]], [], null, ['}' => '{']],
            'empty list' => [],
            'object' => ['list' => [1, 2], 'name' => 'x"y'],
            'näme "with" \\' => ['ünï' => "\u{1F6B2}\n\t"],
        ];
        self::same($whole, json_encode($whole, JSON_THROW_ON_ERROR));
        self::same($whole, json_encode($whole, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE));
        self::same([], ' { } ');
        self::assertSame([], iterator_to_array(JsonParts::ofText('{"a": [ ]}')->each('a')));
        self::assertSame([], iterator_to_array(JsonParts::ofText('{"a": []}')->each('b')));
    }

    public function test_strings_and_items_that_lie_over_the_pieces_in_which_it_is_read(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($round = 0; $round < 6; $round++) {
            $items = [];
            for ($i = 0; $i < 40; $i++) {
                $items[] = ['name' => str_repeat($random->getInt(0, 1) === 1 ? '\\"' : 'ö]', $random->getInt(1, 20_000)), 'n' => $i];
            }
            $whole = ['before' => str_repeat('\\', $random->getInt(1, 300_000)), 'items' => $items, 'behind' => 1];
            self::same($whole, json_encode($whole, JSON_THROW_ON_ERROR));
        }
    }

    /** @return iterable<string, array{string}> */
    public static function odd(): iterable
    {
        yield 'nothing' => [''];
        yield 'a list' => ['[1, 2]'];
        yield 'a word' => ['"job"'];
        yield 'cut off' => ['{"a": [1, 2'];
        yield 'cut off in a string' => ['{"a": "b'];
        yield 'a name twice' => ['{"a": 1, "a": 2}'];
        yield 'no name' => ['{"a": 1, : 2}'];
        yield 'a comma too many' => ['{"a": 1,}'];
        yield 'more behind it' => ['{"a": 1} {"b": 2}'];
        yield 'junk before it' => ['x{"a": 1}'];
    }

    #[DataProvider('odd')]
    public function test_what_is_no_object_is_refused(string $text): void
    {
        $this->expectException(JsonException::class);
        JsonParts::ofText($text);
    }

    #[TestWith(['{"a": [1, }]}'])]
    #[TestWith(['{"a": [1 2]}'])]
    #[TestWith(['{"a": [1, ]}'])]
    #[TestWith(['{"a": {"b": 1}}'])]
    #[TestWith(['{"a": 5}'])]
    public function test_an_item_that_is_none_is_refused_when_it_is_reached(string $text): void
    {
        $this->expectException(JsonException::class);
        iterator_to_array(JsonParts::ofText($text)->each('a'));
    }

    public function test_no_more_than_an_item_is_held(): void
    {
        $stream = fopen('php://temp', 'w+b') ?: self::fail('No stream.');
        fwrite($stream, '{"records": [');
        for ($i = 0; $i < 100_000; $i++) {
            fwrite($stream, ($i === 0 ? '' : ',').json_encode(['place' => "size.$i", 'value' => ['text' => str_repeat('x', 200)]]));
        }
        fwrite($stream, ']}');
        $before = memory_get_usage();
        memory_reset_peak_usage();
        self::assertSame(100_000, iterator_count(JsonParts::of($stream)->each('records')));
        self::assertLessThan(8_000_000, memory_get_peak_usage() - $before);
    }
}
