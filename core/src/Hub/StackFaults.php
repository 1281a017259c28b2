<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

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
            ...self::inTheHousing($stack, $layout),
        ];
    }

    /** @return list<StackFault> */
    private static function counted(Stack $stack): array
    {
        $faults = [];
        foreach ([PartKind::Housing, PartKind::Axle] as $kind) {
            $found = $stack->ofKind($kind);
            if (count($found) > 1) {
                $faults[] = self::fault(
                    'two',
                    'There are {count} of what a hub has one of: {name}.',
                    ['count' => count($found), 'name' => Message::within($kind->label())],
                    ...$found,
                );
            }
            if ($found === []) {
                $faults[] = self::fault('none', 'There is no {name}.', ['name' => Message::within($kind->label())]);
            }
        }
        if (Row::all($stack->line()) === []) {
            $faults[] = self::fault('no_bearing', 'There is nothing in it that turns: no bearing, no cone and cup.', []);
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
                $faults[] = self::fault(
                    'sleeve_outside',
                    '{name} lies outside the pair: it belongs between two inner rings.',
                    ['name' => Message::plain($part->name)],
                    $part,
                );
            }
            if ($part->kind === PartKind::SnapRing && self::seatBeside($line, $i) === null) {
                $faults[] = self::fault(
                    'ring_nowhere',
                    '{name} has no groove to sit in: there is no bearing beside it.',
                    ['name' => Message::plain($part->name)],
                    $part,
                );
            }
            if (in_array($part->kind, [PartKind::Seal, PartKind::Felt], true) && $inside) {
                $faults[] = self::fault(
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
                $faults[] = self::fault(
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
            if ($onAxle && $part->mm('bore') > 0 && $part->mm('bore') < $least - self::same()) {
                $faults[] = self::fault(
                    'bore_small',
                    '{name} has a bore of {bore}: it does not go over an axle of {axle}.',
                    ['name' => Message::plain($part->name), 'bore' => $part->sizes['bore'], 'axle' => Length::mm($least)],
                    $part,
                    $axle,
                );
            }
        }
        $long = $layout->axleTo - $layout->axleFrom - $axle->mm('length');
        if ($long > self::same()) {
            $faults[] = self::fault(
                'axle_short',
                'What stands on the axle is {more} longer than the axle.',
                ['more' => Length::mm($long)],
                $axle,
            );
        }

        return $faults;
    }

    /** @return list<StackFault> */
    private static function inTheHousing(Stack $stack, Layout $layout): array
    {
        $faults = [];
        $housing = $stack->one(PartKind::Housing);
        $line = $stack->line();
        foreach ($line as $i => $part) {
            $seat = self::seatBeside($line, $i);
            if ($part->mm('outside') > 0 && $part->mm('bore') >= $part->mm('outside')) {
                $faults[] = self::fault(
                    'inside_out',
                    '{name} is wider inside than outside.',
                    ['name' => Message::plain($part->name)],
                    $part,
                );
            }
            if (
                $part->kind === PartKind::SnapRing &&
                $seat !== null &&
                abs($part->mm('outside') - $seat->mm('outside')) > self::same()
            ) {
                $faults[] = self::fault(
                    'ring_size',
                    '{name} is for a bore of {ring}, the bearing beside it is {bearing} outside.',
                    ['name' => Message::plain($part->name), 'ring' => $part->sizes['outside'], 'bearing' => $seat->sizes['outside']],
                    $part,
                    $seat,
                );
            }
            if ($part->kind === PartKind::Sleeve && $seat !== null && $part->mm('outside') > $seat->mm('outside') - self::same()) {
                $faults[] = self::fault(
                    'sleeve_wide',
                    '{name} is as wide as the bearing: it would stand on the outer ring.',
                    ['name' => Message::plain($part->name)],
                    $part,
                    $seat,
                );
            }
            if (
                $housing !== null &&
                $part->kind->lane() !== Lane::Axle &&
                $part->kind !== PartKind::Nipple &&
                $part->kind !== PartKind::Balls &&
                $part->mm('outside') >= $housing->mm('outside')
            ) {
                $faults[] = self::fault(
                    'housing_small',
                    '{name} is {part} outside: it does not go into a housing of {housing}.',
                    ['name' => Message::plain($part->name), 'part' => $part->sizes['outside'], 'housing' => $housing->sizes['outside']],
                    $part,
                    $housing,
                );
            }
        }

        return [...$faults, ...$housing === null ? [] : self::overlapping($stack, $layout, $housing)];
    }

    /** @return list<StackFault> */
    private static function overlapping(Stack $stack, Layout $layout, Part $housing): array
    {
        $faults = [];
        $ledges = $housing->mm('ledge_left') + $housing->mm('ledge_right');
        if ($ledges > $housing->mm('length') - self::same()) {
            $faults[] = self::fault(
                'ledges',
                'The ledges are {sum} deep together, the housing is {length} long.',
                ['sum' => Length::mm($ledges), 'length' => $housing->sizes['length']],
                $housing,
            );
        }
        foreach ($stack->cartridges() as $part) {
            $deep = $housing->mm($part->side === Side::Right ? 'ledge_right' : 'ledge_left');
            if (
                $deep > 0 &&
                $deep < $part->along() - self::same() &&
                count($stack->cartridges()) <= 2 &&
                $part->kind !== PartKind::FlangedBearing
            ) {
                $faults[] = self::fault(
                    'ledge_shallow',
                    '{name} is {width} wide, its ledge only {deep} deep: it would stand out of the housing.',
                    ['name' => Message::plain($part->name), 'width' => $part->sizes['width'], 'deep' => Length::mm($deep)],
                    $part,
                    $housing,
                );
            }
        }
        $held = array_values(
            array_filter(
                $stack->line(),
                static fn (Part $p): bool => $p->kind->lane() === Lane::Both ||
                    ($p->kind->lane() === Lane::Housing && $p->kind !== PartKind::Nipple && $p->kind !== PartKind::DustCap),
            ),
        );
        foreach ($held as $i => $part) {
            $next = $held[$i + 1] ?? null;
            $over = $next === null ? 0.0 : $layout->at[$part->id][1] - $layout->at[$next->id][0];
            if ($next !== null && $over > self::same()) {
                $faults[] = self::fault(
                    'overlap',
                    '{one} and {other} want the same {much} of the bore.',
                    ['one' => Message::plain($part->name), 'other' => Message::within($next->name), 'much' => Length::mm($over)],
                    $part,
                    $next,
                );
            }
        }

        return $faults;
    }

    /** Below this two sizes are the same to a caliper, in mm. */
    private static function same(): float
    {
        return Limits::standard()->get('stack.same');
    }

    /**
     * The bearing beside a part in the line, past what may lie between.
     *
     * @param  list<Part>  $line
     */
    private static function seatBeside(array $line, int $i): ?Part
    {
        foreach ([-1, 1] as $way) {
            for ($k = $i + $way; isset($line[$k]); $k += $way) {
                if (in_array($line[$k]->kind->lane(), [Lane::Both, Lane::Row], true)) {
                    return $line[$k]->mm('outside') > 0 && $line[$k]->kind->lane() === Lane::Both ? $line[$k] : null;
                }
                if (
                    ($line[$k]->kind->lane() === Lane::Axle && $line[$k]->kind !== PartKind::Sleeve) ||
                    $line[$k]->kind === PartKind::Nipple
                ) {
                    continue;
                }
                break;
            }
        }

        return null;
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

    /** @param  array<string, Quantity|Message|Written|int>  $values */
    private static function fault(string $key, string $text, array $values, Part ...$parts): StackFault
    {
        return new StackFault(
            Message::of("stack.$key", $text, $values),
            array_values(array_map(static fn (Part $p): string => $p->id, $parts)),
        );
    }
}
