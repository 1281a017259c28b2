<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;

/** Finds what cannot be: parts there are two of, parts out of their place, sizes that collide. */
final class StackFaults
{
    /** @return list<StackFault> */
    public static function of(Stack $stack): array
    {
        $layout = Layout::of($stack);

        return [
            ...self::counted($stack),
            ...self::misplaced($stack, $layout),
            ...self::onTheAxle($stack, $layout),
            ...HousingFaults::inTheHousing($stack, $layout),
        ];
    }

    /** @return list<StackFault> */
    private static function counted(Stack $stack): array
    {
        $faults = [];
        foreach ([PartKind::Housing, PartKind::Axle] as $kind) {
            $found = $stack->ofKind($kind);
            if (count($found) > 1) {
                $faults[] = StackFault::of(
                    'two',
                    'There are {count} of what a hub has one of: {name}.',
                    ['count' => count($found), 'name' => Message::within($kind->label())],
                    ...$found,
                );
            }
            if ($found === []) {
                $faults[] = StackFault::of('none', 'There is no {name}.', ['name' => Message::within($kind->label())]);
            }
        }
        if (Row::all($stack->line()) === []) {
            $faults[] = StackFault::of('no_bearing', 'There is nothing in it that turns: no bearing, no cone and cup.', []);
        }

        return $faults;
    }

    /** @return list<StackFault> */
    private static function misplaced(Stack $stack, Layout $layout): array
    {
        $faults = [];
        $line = $stack->line();
        foreach ($line as $i => $part) {
            $inside = count($layout->rows) > 1 && $i > $layout->rows[0]->last && $i < $layout->rows[count($layout->rows) - 1]->first;
            if ($part->kind === PartKind::Sleeve && ! $inside) {
                $faults[] = StackFault::of(
                    'sleeve_outside',
                    '{name} lies outside the pair: it belongs between two inner rings.',
                    ['name' => Message::plain($part->name)],
                    $part,
                );
            }
            if ($part->kind === PartKind::SnapRing && HousingFaults::seatBeside($line, $i) === null) {
                $faults[] = StackFault::of(
                    'ring_nowhere',
                    '{name} has no groove to sit in: there is no bearing beside it.',
                    ['name' => Message::plain($part->name)],
                    $part,
                );
            }
            if (in_array($part->kind, [PartKind::Seal, PartKind::Felt], true) && $inside) {
                $faults[] = StackFault::of(
                    'seal_inside',
                    '{name} lies between the bearings, where it seals nothing.',
                    ['name' => Message::plain($part->name)],
                    $part,
                );
            }
            $alone = match ($part->kind) {
                PartKind::Cup => PartKind::Balls,
                PartKind::Balls => PartKind::Cup,
                PartKind::TaperCup => PartKind::TaperCone,
                PartKind::TaperCone => PartKind::TaperCup,
                default => null,
            };
            if ($alone !== null && ! self::rowHas($stack, $layout, $part, $alone)) {
                $faults[] = StackFault::of(
                    'alone',
                    '{name} has no {other} beside it.',
                    ['name' => Message::plain($part->name), 'other' => Message::within($alone->label())],
                    $part,
                );
            }
        }

        return $faults;
    }

    /** @return list<StackFault> */
    private static function onTheAxle(Stack $stack, Layout $layout): array
    {
        $axle = $stack->one(PartKind::Axle);
        if ($axle === null) {
            return [];
        }
        $faults = [];
        $thin = $axle->mm('end_diameter') > 0 ? $axle->mm('end_diameter') : $axle->mm('diameter');
        foreach ($stack->line() as $part) {
            $onAxle =
                in_array($part->kind->lane(), [Lane::Axle, Lane::Both], true) ||
                in_array($part->kind, [PartKind::Cone, PartKind::TaperCone], true);
            $least = in_array(
                $part->kind,
                [PartKind::LockNut, PartKind::CastleNut, PartKind::EndCap, PartKind::Washer, PartKind::Clip],
                true,
            )
                ? $thin
                : $axle->mm('diameter');
            if ($onAxle && $part->mm('bore') > 0 && $part->mm('bore') < $least - StackFault::same()) {
                $faults[] = StackFault::of(
                    'bore_small',
                    '{name} has a bore of {bore}: it does not go over {axle}.',
                    ['name' => Message::plain($part->name), 'bore' => $part->sizes['bore'], 'axle' => Length::mm($least)],
                    $part,
                    $axle,
                );
            }
        }
        $long = $layout->axleTo - $layout->axleFrom - $axle->mm('length');
        if ($long > StackFault::same()) {
            $faults[] = StackFault::of(
                'axle_short',
                'What stands in line is {more} longer than what carries it.',
                ['more' => Length::mm($long)],
                $axle,
            );
        }

        return $faults;
    }

    private static function rowHas(Stack $stack, Layout $layout, Part $part, PartKind $kind): bool
    {
        foreach ($layout->rows as $row) {
            if (isset($row->pieces[$part->id])) {
                return array_filter(array_keys($row->pieces), static fn (string $id): bool => $stack->find($id)?->kind === $kind) !== [];
            }
        }

        return false;
    }
}
