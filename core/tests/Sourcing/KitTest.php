<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sourcing;

use CleanRace\Core\Sourcing\ArticleKey;
use CleanRace\Core\Sourcing\ToBuy;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tests\Job\WorksJobs;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A kit is one line for several; what it leaves out stays on the list. */
final class KitTest extends TestCase
{
    use FindsStep;
    use WorksJobs;

    private const OFF = [
        'size.left.number' => ['text' => '6204 2RS'],
        'part.bearing_left' => ['state' => 'on_tray', 'condition' => 'replace', 'order' => 1],
        'part.bearing_right' => ['state' => 'on_tray', 'condition' => 'replace', 'order' => 2],
        'part.seal_left' => ['state' => 'on_tray', 'condition' => 'replace', 'order' => 3],
        'part.seal_right' => ['state' => 'on_tray', 'condition' => 'replace', 'order' => 4],
        'part.snap_ring_left' => ['state' => 'on_tray', 'condition' => 'replace', 'order' => 5],
    ];

    /**
     * @param  list<string>  $brings
     * @return list<string> what each line is for
     */
    private static function list(string $number, array $brings): array
    {
        $kit = $number === '' ? [] : ['source.kit.number' => ['text' => $number], 'source.kit.brings' => ['choices' => $brings]];

        return array_map(static fn (ToBuy $line): string => English::of($line->what), self::job('pair-sleeve', $kit + self::OFF)->toBuy);
    }

    public function test_it_stands_for_what_it_brings_and_leaves_the_rest(): void
    {
        self::assertSame(['Left bearing, right bearing', 'Left seal, right seal', 'Left snap ring'], self::list('', []));
        self::assertSame(
            ['Left seal, left bearing, right bearing, right seal', 'Left snap ring'],
            self::list('WK-206', ['bearings', 'seals']),
        );
        self::assertSame(['Left bearing, right bearing', 'Left seal, right seal', 'Left snap ring'], self::list('WK-206', ['bearings']));
        self::assertSame(['Left bearing, right bearing', 'Left seal, right seal', 'Left snap ring'], self::list('WK-206', []));
        self::assertSame(
            ['Left bearing, right bearing', 'Left seal, right seal', 'Left snap ring'],
            self::list('WK-206', ['balls', 'pins']),
            'it brings nothing of what is wanted here, so it is no line',
        );
    }

    public function test_what_it_brings_is_asked_of_what_this_hub_has(): void
    {
        $said = ['source.kit.number' => ['text' => 'WK-206']];
        $ask = self::step(self::job('pair-sleeve', $said), 'source.list')->asks[1];
        self::assertSame(['bearings', 'seals', 'spacers', 'rings', 'tube'], array_column($ask->options, 'value'));
        $plain = self::step(self::job('pair-sleeve'), 'source.list')->asks;
        self::assertNotSame('source.kit.brings', $plain[1]->place, 'no kit, no question');
    }

    public function test_a_pin_comes_with_it_too(): void
    {
        $kit = ['source.kit.number' => ['text' => 'TK 5'], 'source.kit.brings' => ['choices' => ['pins']]];
        $lines = self::job('taper-pair', $kit)->toBuy;
        self::assertSame('Kit TK 5', English::of($lines[0]->askFor ?? null));
        self::assertSame([], preg_grep('/split pin/i', array_map(static fn (ToBuy $l): string => English::of($l->askFor), $lines)));
    }

    /** @return iterable<string, array{string, string, ?string}> */
    public static function articles(): iterable
    {
        yield 'spaced' => ['WK 20-6', 'Wheel kit, rear', 'kit:wk206'];
        yield 'close' => ['wk206', 'kit', 'kit:wk206'];
        yield 'named in its number' => ['Wheel bearing kit 25-1273', '', 'kit:251273'];
        yield 'no number' => ['Wheel kit', '', null];
        yield 'a bearing is none' => ['6204 2RS', 'deep groove', 'bearing:6204:rs2:CN'];
    }

    #[DataProvider('articles')]
    public function test_price_lists_know_it_by_its_number(string $article, string $description, ?string $key): void
    {
        self::assertSame($key, (new ArticleKey())->of($article, $description));
    }
}
