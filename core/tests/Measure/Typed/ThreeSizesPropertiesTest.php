<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure\Typed;

use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Measure\Typed\ThreeSizes;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** Three sizes come back as typed. */
final class ThreeSizesPropertiesTest extends TestCase
{
    use TestTrait;

    public function test_three_sizes_come_back_as_they_were_typed(): void
    {
        $this->limitTo(150)
            ->forAll(
                Generators::choose(30, 600),
                Generators::choose(601, 1500),
                Generators::choose(30, 400),
                Generators::elements('x', ' x ', ' × ', ' ', '-', '*'),
            )
            ->then(function (int $a, int $b, int $c, string $between): void {
                $typed = implode($between, array_map(static fn (int $tenths): string => (string) ($tenths / 10), [$a, $b, $c]));
                self::assertEquals(
                    [$a / 10, $b / 10, $c / 10],
                    array_map(static fn (string $p): float => (new LengthText())->read($p)->mm, ThreeSizes::parts($typed)),
                    $typed,
                );
            });
    }
}
