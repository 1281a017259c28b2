<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Proving;

use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Hubs\PairSleeve;
use CleanRace\Core\Proving\Block;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\Job\RandomAnswers;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** What lies on the tray stops the signature, and no word lifts that. */
final class TrayBlocksTest extends TestCase
{
    /** @param  array<string, array<string, mixed>>  $entries */
    private static function block(array $entries, string $id): ?Block
    {
        $kept = array_map(static fn (array $value): array => ['value' => $value, 'instrument' => null], $entries);
        $report = (new WheelJob(Limits::standard()))->report(RandomAnswers::bench(new PairSleeve(), new Notebook($kept)));

        return array_values(array_filter($report->blocks, static fn (Block $b): bool => $b->step === $id))[0] ?? null;
    }

    public function test_a_part_left_on_the_tray_is_a_stop_that_no_word_lifts(): void
    {
        $left = self::block(['part.sleeve' => ['state' => 'on_tray'], 'word.tray.sleeve' => ['text' => 'leave it']], 'tray.sleeve');
        self::assertSame([Level::Stop, false], [$left?->level, $left?->byWord]);
        self::assertNull(self::block(['part.sleeve' => ['state' => 'fitted']], 'tray.sleeve'));
    }

    public function test_a_part_that_was_to_be_replaced_and_was_not_is_a_stop_until_somebody_says_why(): void
    {
        $kept = self::block(['part.bearing_left' => ['state' => 'fitted', 'condition' => 'replace']], 'replace.bearing_left');
        self::assertSame(Level::Stop, $kept?->level);
        self::assertNull($kept->word);
    }
}
