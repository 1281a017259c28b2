<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;

/** What cannot be in a housing: parts that collide there, or hang over where nothing holds them. */
final class HousingFaults
{
    /** @return list<StackFault> */
    public static function inTheHousing(Stack $stack, Layout $layout): array
    {
        $faults = [];
        $housing = $stack->one(PartKind::Housing);
        $line = $stack->line();
        foreach ($line as $i => $part) {
            $seat = self::seatBeside($line, $i);
            if ($part->mm('outside') > 0 && $part->mm('bore') >= $part->mm('outside')) {
                $faults[] = StackFault::of(
                    'inside_out',
                    '{name} is wider inside than outside.',
                    ['name' => Message::plain($part->name)],
                    $part,
                );
            }
            if (
                $part->kind === PartKind::SnapRing &&
                $seat !== null &&
                abs($part->mm('outside') - $seat->mm('outside')) > StackFault::same()
            ) {
                $faults[] = StackFault::of(
                    'ring_size',
                    '{name} is for a bore of {ring}, the bearing beside it is {bearing} outside.',
                    ['name' => Message::plain($part->name), 'ring' => $part->sizes['outside'], 'bearing' => $seat->sizes['outside']],
                    $part,
                    $seat,
                );
            }
            if ($part->kind === PartKind::Sleeve && $seat !== null && $part->mm('outside') > $seat->mm('outside') - StackFault::same()) {
                $faults[] = StackFault::of(
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
                $faults[] = StackFault::of(
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
        if ($ledges > $housing->mm('length') - StackFault::same()) {
            $faults[] = StackFault::of(
                'ledges',
                'The shoulders are {sum} deep together, the housing is {length} long.',
                ['sum' => Length::mm($ledges), 'length' => $housing->sizes['length']],
                $housing,
            );
        }
        foreach ($stack->cartridges() as $part) {
            $deep = $housing->mm($part->side === Side::Right ? 'ledge_right' : 'ledge_left');
            if (
                $deep > 0 &&
                $deep < $part->along() - StackFault::same() &&
                count($stack->cartridges()) <= 2 &&
                $part->kind !== PartKind::FlangedBearing
            ) {
                $faults[] = StackFault::of(
                    'ledge_shallow',
                    '{name} is {width} wide, its shoulder only {deep} deep: it would stand out of the housing.',
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
            if ($next !== null && $over > StackFault::same()) {
                $faults[] = StackFault::of(
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

    /**
     * The bearing beside a part in the line, past what may lie between.
     *
     * @param  list<Part>  $line
     */
    public static function seatBeside(array $line, int $i): ?Part
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
}
