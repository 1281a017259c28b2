<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sourcing;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sourcing\MatchCheckResult;
use CleanRace\Core\Sourcing\MatchPart;
use CleanRace\Core\Sourcing\MatchPartInput;
use CleanRace\Core\Sourcing\NamedSize;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** Old beside new, part by part. */
final class MatchPartTest extends TestCase
{
    /** @param  array<string, array{string, string}>  $sizes */
    private static function match(PartKind $kind, array $sizes): MatchCheckResult
    {
        return (new MatchPart())->work(
            new MatchPartInput(
                $kind,
                array_map(
                    static fn (string $what, array $pair): NamedSize => new NamedSize($what, ...$pair),
                    array_keys($sizes),
                    array_values($sizes),
                ),
            ),
        );
    }

    public function test_cones_are_matched_by_all_that_matters(): void
    {
        $cone = [
            'thread' => ['M10x1', 'm10 × 1'],
            'ball' => ['6.35', '1/4 in'],
            'track_radius' => ['3.6', '3.5'],
            'outside' => ['17', '17.1'],
            'length' => ['16.2', '16.0'],
            'flats' => ['15', '15'],
            'seal' => ['rubber lip', 'rubber lip'],
        ];
        self::assertSame(Level::Go, self::match(PartKind::Cone, $cone)->verdict->level);
        self::assertSame(Level::Care, self::match(PartKind::Cone, array_slice($cone, 0, 3))->verdict->level, 'not all compared');
        $cases = [
            'thread' => ['M10x1', 'M9x1'],
            'ball' => ['6.35', '5.56'],
            'length' => ['16.2', '14.0'],
        ];
        foreach (['flats' => ['15', '17'], 'seal' => ['rubber lip', 'none']] as $what => $pair) {
            self::assertSame(Level::Care, self::match(PartKind::Cone, [$what => $pair] + $cone)->verdict->level, "$what is no stop");
        }
        foreach ($cases as $what => $pair) {
            $result = self::match(PartKind::Cone, [$what => $pair] + $cone);
            self::assertSame(Level::Stop, $result->verdict->level, $what);
            self::assertCount(1, array_filter($result->compared, static fn ($d): bool => $d->level === Level::Stop));
        }
    }

    public function test_every_kind_that_can_be_matched_has_its_sizes(): void
    {
        $kinds = array_unique(array_column(Table::rows('match_sizes'), 'kind'));
        self::assertGreaterThan(15, count($kinds));
        foreach ($kinds as $kind) {
            $rows = MatchPart::sizes(PartKind::from($kind));
            $same = array_combine(
                array_column($rows, 'what'),
                array_map(static fn (array $r): array => $r['words'] === '1' ? ['a', 'a'] : ['10', '10'], $rows),
            );
            self::assertSame(Level::Go, self::match(PartKind::from($kind), $same)->verdict->level, $kind);
        }
        foreach ([['colour' => ['a', 'a']], ['ball' => ['six', '6']]] as $sizes) {
            try {
                self::match(PartKind::Cone, $sizes);
                self::fail('was taken');
            } catch (InvalidInput $invalid) {
                self::assertStringStartsWith('sizes.0.', (string) $invalid->field);
            }
        }
    }
}
