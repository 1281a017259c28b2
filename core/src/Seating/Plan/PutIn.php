<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Hub\Lane;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Patterns\AlsoPart;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Tables\Table;

/** What goes in while a hub is seated, in which order, and how such a part usually goes in. */
final class PutIn
{
    private const COVERS = [PartKind::Seal, PartKind::Felt, PartKind::DustCap, PartKind::Nipple];

    /** @return array<string, string> the row of put_in.csv */
    public static function usual(PartKind $kind): array
    {
        $rows = array_column(Table::rows('put_in'), null, 'kind');

        return $rows[$kind->value] ?? $rows['bearing'];
    }

    /** Whether it covers what is inside: a seal, a felt, a cap. */
    public static function isCover(Part $part): bool
    {
        return in_array($part->kind, self::COVERS, true);
    }

    /**
     * What belongs to seating: all that lies in the housing, whatever goes in before the last pressed ring, and what
     * keeps a ring on its shaft. The rest goes on with the axle.
     *
     * @param  list<string>  $pressed ids of rings that are pressed
     * @return list<array{Part, Put}> in the order in which they go in
     */
    public static function order(Bench $bench, array $pressed): array
    {
        [$puts, $parts] = self::all($bench, $pressed);
        $last = max([-1, ...array_keys(array_filter($puts, static fn (Put $put): bool => in_array($put->part, $pressed, true)))]);
        $closed = self::closedAt($puts, $parts, $last);
        $onShaft = in_array(RingSeat::Shaft, $bench->pattern->card()->grips, true);
        $housing = array_filter($puts, static fn (Put $put): bool => $parts[$put->part]->kind->lane() === Lane::Housing);
        $housed = max([-1, ...array_keys($housing)]);
        $order = [];
        foreach ($puts as $i => $put) {
            $part = $parts[$put->part];
            $inHousing = ! in_array($part->kind->lane(), [Lane::Axle, Lane::Across], true) && $part->kind !== PartKind::Cone;
            if (
                $i <= $last ||
                ($i < $closed &&
                    ($inHousing ||
                        $part->kind === PartKind::Sleeve ||
                        ($onShaft && in_array($part->kind, [PartKind::Collar, PartKind::Clip], true)) ||
                        // A shaft that brings its bearing is in before what closes the housing behind it.
                        ($onShaft && $part->kind === PartKind::Axle && $i < $housed)))
            ) {
                $order[] = [$part, $put];
            }
        }

        return $order;
    }

    /**
     * What goes on with the axle, once all that belongs to seating is in.
     *
     * @param  list<string>  $pressed ids of rings that are pressed
     * @return list<array{Part, Put}> in the order in which they go on
     */
    public static function after(Bench $bench, array $pressed): array
    {
        $seated = array_map(static fn (array $one): string => $one[0]->id, self::order($bench, $pressed));
        [$puts, $parts] = self::all($bench, $pressed);
        $left = array_filter($puts, static fn (Put $put): bool => ! in_array($put->part, $seated, true));

        return array_map(static fn (Put $put): array => [$parts[$put->part], $put], array_values($left));
    }

    /**
     * All that goes in, in its order.
     *
     * @param  list<string>  $pressed ids of rings that are pressed
     * @return array{list<Put>, array<string, Part>}
     */
    private static function all(Bench $bench, array $pressed): array
    {
        $parts = array_column($bench->hub->stack->parts, null, 'id');
        $also = AlsoPart::there($bench->pattern, $bench->notebook);
        $before = array_column($also, 'before', 'id');
        $puts = array_values(
            array_filter($bench->pattern->assembly($bench->hub->first), static fn (Put $put): bool => isset($parts[$put->part])),
        );
        $named = array_map(static fn (Put $put): string => $put->part, $puts);
        // What was added to the hub by hand goes in after what its pattern names; a snap ring after the bearing that it holds.
        $ours = array_filter(array_map(static fn (AlsoPart $one): ?Part => $parts[$one->id] ?? null, $also));
        $rest = [...$bench->hub->stack->line(), ...$bench->hub->stack->ofKind(PartKind::AxleBush)];
        foreach ([...$ours, ...array_filter($rest, static fn (Part $p): bool => ! array_key_exists($p->id, $before))] as $part) {
            if (in_array($part->id, $named, true)) {
                continue;
            }
            $at = self::place($part, $before[$part->id] ?? null, $puts, $parts, $pressed);
            array_splice($puts, $at ?? count($puts), 0, [Put::in($part->id)]);
        }

        return [$puts, $parts];
    }

    /**
     * Where a part goes in that the pattern does not name: before the one that the table says, a snap ring after the
     * bearing that it holds; null when it goes in last.
     *
     * @param  list<Put>  $puts
     * @param  array<string, Part>  $parts
     * @param  list<string>  $pressed
     */
    private static function place(Part $part, ?string $before, array $puts, array $parts, array $pressed): ?int
    {
        if ($before !== null) {
            $at = array_search($before, array_map(static fn (Put $put): string => $put->part, $puts), true);

            return $at === false ? null : $at;
        }
        $held = $part->kind === PartKind::SnapRing ? self::heldBy($part, $puts, $parts, $pressed) : null;

        return $held === null ? null : $held + 1;
    }

    /**
     * Where the bearing goes in that a ring holds: the last one pressed on its side, else the last of all.
     *
     * @param  list<Put>  $puts
     * @param  array<string, Part>  $parts
     * @param  list<string>  $pressed
     */
    private static function heldBy(Part $ring, array $puts, array $parts, array $pressed): ?int
    {
        $rings = array_keys(array_filter($puts, static fn (Put $put): bool => in_array($put->part, $pressed, true)));
        $onSide = array_filter($rings, static fn (int $i): bool => $parts[$puts[$i]->part]->side === $ring->side);

        return $rings === [] ? null : max($onSide === [] ? $rings : $onSide);
    }

    /**
     * Where the axle is in and held: what comes after it closes the hub and belongs to setting.
     *
     * @param  list<Put>  $puts
     * @param  array<string, Part>  $parts
     */
    private static function closedAt(array $puts, array $parts, int $after): int
    {
        foreach ($puts as $i => $put) {
            if ($i > $after && in_array($parts[$put->part]->kind, [PartKind::CastleNut, PartKind::LockNut, PartKind::EndCap], true)) {
                return $i;
            }
        }

        return count($puts);
    }
}
