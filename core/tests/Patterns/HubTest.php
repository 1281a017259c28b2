<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Patterns;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Hub;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Hubs\PairSleeve;
use CleanRace\Core\Patterns\HubSizes;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HubTest extends TestCase
{
    /** @param  array<string, array<string, mixed>>  $entries */
    private static function notebook(array $entries = []): Notebook
    {
        return new Notebook(array_map(static fn (array $value): array => ['value' => $value, 'instrument' => null], $entries));
    }

    public function test_patterns_are_found_by_their_id(): void
    {
        self::assertSame('pair-sleeve', HubPatterns::find('pair-sleeve')->id());
        $this->expectException(OutOfBoundsException::class);
        HubPatterns::find('nothing');
    }

    /** @return iterable<string, array{?string, list<string>, Side}> */
    public static function rings(): iterable
    {
        yield 'not said' => [null, ['snap_ring_left'], Side::Left];
        yield 'left' => ['left', ['snap_ring_left'], Side::Left];
        yield 'right' => ['right', ['snap_ring_right'], Side::Right];
        yield 'both' => ['both', ['snap_ring_left', 'snap_ring_right'], Side::Left];
        yield 'none' => ['none', [], Side::Left];
    }

    /** @param  list<string>  $rings */
    #[DataProvider('rings')]
    public function test_the_side_with_the_ring_goes_first(?string $said, array $rings, Side $first): void
    {
        $pattern = new PairSleeve();
        $notebook = self::notebook($said === null ? [] : ['check.ring_side' => ['choice' => $said]]);
        $found = array_map(static fn (Part $p): string => $p->id, Hub::of($pattern, $notebook)->stack->ofKind(PartKind::SnapRing));
        self::assertSame($rings, $found);
        self::assertSame($first, $pattern->firstSide($notebook));
        self::assertStringContainsString($rings === [] ? 'shoulder' : 'snap ring', $pattern->firstSideReason($notebook));
    }

    public function test_sizes_are_usual_until_they_are_measured(): void
    {
        $sizes = static fn (array $entries): HubSizes => HubSizes::of(
            Hub::of(new PairSleeve(), self::notebook($entries)),
            self::notebook($entries),
        );
        $usual = $sizes([]);
        self::assertSame('6204', $usual->left->number);
        self::assertSame([], $usual->measured);
        $read = $sizes([
            'size.left.number' => ['text' => '6301 2RS'],
            'size.over_faces' => ['mm' => 88.0],
            'size.ledge_depth' => ['mm' => 20.0],
            'size.sleeve_length' => ['mm' => 47.9],
        ]);
        self::assertSame(['6301', '6301'], [$read->left->number, $read->right->number]);
        self::assertEqualsWithDelta(88 - 20 - 47.9 - 12, $read->secondRest()->mm, 1e-9);
        self::assertSame(['over_faces', 'ledge_depth', 'sleeve_length'], $read->measured);
    }
}
