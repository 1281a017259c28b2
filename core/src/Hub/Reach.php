<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Tables\Limits;

/** What stands in the way of a part: which others must come off before it can leave. */
final class Reach
{
    /** Inside of a snap ring that sits in its groove, as a share of its bore. */
    private const RING_OPENING = 0.86;

    /**
     * Parts still on that must come off first, the outermost first, on the side where it is less trouble.
     *
     * @param  list<string>  $off ids of what is off already
     * @param  ?Side  $towards the only way it leaves; null when either will do
     * @return list<Part>
     */
    public static function before(Stack $stack, Part $part, array $off, ?Side $towards = null): array
    {
        if ($part->kind->lane() === Lane::Across) {
            return [];
        }
        $towards ??=
            in_array($part->kind->lane(), [Lane::Both, Lane::Row, Lane::Housing], true) && $part->side !== Side::Middle
                ? $part->side
                : null;
        if ($towards !== null) {
            return self::on($stack, $part, $off, $towards);
        }
        $left = self::on($stack, $part, $off, Side::Left);
        $right = self::on($stack, $part, $off, Side::Right);

        return self::trouble($left) <= self::trouble($right) ? $left : $right;
    }

    /**
     * How much it is to take these off: no bearing is driven out to save a few nuts.
     *
     * @param  list<Part>  $parts
     * @return array{int, int}
     */
    private static function trouble(array $parts): array
    {
        return [count(array_filter($parts, static fn (Part $p): bool => $p->kind->isPressed())), count($parts)];
    }

    /**
     * With what lies behind one of these and in the way of another: it comes off along with them, after the one.
     *
     * @param  list<Part>  $parts
     * @param  list<string>  $off ids of what is off already
     * @return list<Part>
     */
    public static function withBetween(Stack $stack, array $parts, array $off): array
    {
        $ids = array_map(static fn (Part $p): string => $p->id, $parts);
        foreach ($parts as $part) {
            foreach (self::before($stack, $part, [...$off, ...$ids]) as $first) {
                $behind = array_filter(
                    self::before($stack, $first, $off),
                    static fn (Part $p): bool => in_array($p->id, $ids, true) && $p->side === $first->side,
                );
                if ($first->kind->lane() === Lane::Axle && $first->kind !== PartKind::Sleeve && $behind !== []) {
                    array_splice($parts, (int) array_search($part, $parts, true), 0, [$first]);
                    $ids[] = $first->id;
                }
            }
        }

        return $parts;
    }

    /**
     * @param  list<string>  $off
     * @return list<Part>
     */
    private static function on(Stack $stack, Part $part, array $off, Side $side): array
    {
        $line = $stack->line();
        $at = array_search($part, $line, true);
        $outside = $side === Side::Right ? array_reverse(array_slice($line, (int) $at + 1)) : array_slice($line, 0, (int) $at);
        $blocking = array_values(
            array_filter($outside, static fn (Part $o): bool => ! in_array($o->id, $off, true) && self::blocks($o, $part)),
        );
        // A bearing on its axle, and what lies between two, leave only when the axle is out; a spindle stays, the wheel comes off it.
        $axle = $stack->one(PartKind::Axle);
        $onAxle = $part->kind->lane() === Lane::Both || $part->kind === PartKind::Sleeve;
        if ($onAxle && $axle !== null && ! in_array($axle->id, $off, true) && ! ($axle->form === 'shoulder_between')) {
            $blocking[] = $axle;
        }

        return $blocking;
    }

    private static function blocks(Part $outer, Part $inner): bool
    {
        if (
            in_array($outer->kind, [PartKind::Nipple, PartKind::ORing], true) ||
            in_array($inner->kind, [PartKind::Nipple, PartKind::ORing], true)
        ) {
            return false;
        }
        $housed = static fn (Part $p): bool => $p->kind->lane() === Lane::Housing ||
            in_array($p->kind, [PartKind::Cup, PartKind::TaperCup, PartKind::Balls], true);

        // Past the lip of a dust cap the balls come out.
        if ($outer->kind === PartKind::DustCap && $outer->mm('bore') > 0 && $inner->kind === PartKind::Balls) {
            return false;
        }

        return match (true) {
            // Over a narrow spacer a seal can be lifted.
            ! $housed($outer) && $outer->kind->lane() === Lane::Axle && $housed($inner) => $outer->mm('outside') >
                self::opening($inner) + Limits::standard()->get('stack.passes'),
            // Through an open seal or cup a nut or spacer comes; a closed cap lets nothing by.
            $housed($outer) && $inner->kind->lane() === Lane::Axle => $outer->mm('bore') <= 0 && $outer->kind === PartKind::DustCap,
            default => true,
        };
    }

    /** What a part in the housing lets through, in mm. */
    private static function opening(Part $part): float
    {
        return $part->kind === PartKind::SnapRing ? self::RING_OPENING * $part->mm('outside') : $part->mm('bore');
    }
}
