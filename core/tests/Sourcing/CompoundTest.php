<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sourcing;

use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Sourcing\ToBuy;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tooling\DrawBolt;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A worn bore that is to hold by compound asks for one that fills its gap, the bearing as small as its standard lets it be. */
final class CompoundTest extends TestCase
{
    /** The outside of a 6204 is 47 mm, and up to 0.011 less. */
    #[TestWith([47.02, 'compound:thin'])]
    #[TestWith([47.08, 'compound:thin'])]
    #[TestWith([47.095, 'compound:medium'])]
    #[TestWith([47.13, 'compound:medium'])]
    #[TestWith([47.145, 'compound:gap'])]
    #[TestWith([47.25, 'compound:gap'])]
    public function test_it_fills_the_gap_that_was_measured(float $bore, string $key): void
    {
        $lines = self::lines($bore, ['fit.left.remedy' => ['choice' => 'compound']]);
        self::assertSame([$key], array_column($lines, 'key'));
        self::assertSame('Dry and degreased', English::of($lines[0]->note));
    }

    public function test_no_other_remedy_asks_for_it(): void
    {
        self::assertSame([], self::lines(47.1, []));
        self::assertSame([], self::lines(47.1, ['fit.left.remedy' => ['choice' => 'sleeve']]));
    }

    /**
     * @param  array<string, array<string, mixed>>  $more
     * @return list<ToBuy>
     */
    private static function lines(float $bore, array $more): array
    {
        $entries = ['size.left.number' => ['text' => '6204 2RS'], 'fit.left.feel' => ['choice' => 'drops_in']] + $more;
        foreach (['lip', 'middle', 'bottom'] as $depth) {
            foreach (['12', '2', '4'] as $hour) {
                $entries["bore.left.$depth.$hour"] = ['mm' => $bore];
            }
        }
        $notebook = new Notebook(
            array_map(
                static fn (array $value): array => ['value' => $value, 'instrument' => isset($value['mm']) ? 'bore_gauge' : null],
                $entries,
            ),
        );
        $report = (new WheelJob(Limits::standard()))->report(
            new Bench(HubPatterns::find('pair-sleeve'), $notebook, [], null, DrawBolt::M12),
        );

        return array_values(
            array_filter($report->toBuy, static fn (ToBuy $line): bool => str_starts_with((string) $line->key, 'compound:')),
        );
    }
}
