<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;

/**
 * Rings and bushes that are turned for a hub whose seats were made for cups: a ring fills a seat round its bearing, a bush
 * fills the step between the axle and the bearing's bore. Which of them are made is said in the notebook; their sizes
 * follow from the seats and the axle as they were read, and from the bearing.
 */
final class MadeParts
{
    /** Sizes in mm before anything is read: nobody turns one before seat and axle are measured. */
    private const USUAL = [
        'ring' => ['bore' => 32, 'outside' => 34, 'width' => 10],
        'bush' => ['bore' => 10, 'outside' => 12, 'width' => 10],
    ];

    /** Wall in mm of one whose other side nobody measured, and that would have none. */
    private const WALL = 1.0;

    /** Bore of such a bush as a share of the bearing's. */
    private const REST = 0.8;

    /** @return list<Part> those that somebody says are made */
    public static function of(Notebook $notebook, PatternCard $card): array
    {
        $made = $notebook->choices(Places::MADE);

        return array_values(array_intersect_key(self::all($card), array_flip($made)));
    }

    /** @return array<string, Part> all that such a hub can have, by how they are answered */
    public static function all(PatternCard $card): array
    {
        $parts = [];
        foreach ($card->converted ? [Side::Left, Side::Right] : [] as $side) {
            foreach (['ring' => PartKind::SeatRing, 'bush' => PartKind::AxleBush] as $what => $kind) {
                $name = "Made $what, ".lcfirst($card->sideName($side));
                $parts["{$what}_{$side->value}"] = Part::of($kind, $side, $name, self::USUAL[$what]);
            }
        }

        return $parts;
    }

    /** The same hub with its made parts as large as seat, axle and bearing have them. */
    public static function measured(Stack $stack, Notebook $notebook): Stack
    {
        $axle = $notebook->length(Places::AXLE_DIAMETER);
        $turned = $stack->one(PartKind::Axle);
        if ($axle !== null && $turned !== null) {
            $stack = $stack->with($turned->resized('diameter', $axle));
        }
        foreach ($stack->around() as $part) {
            $bearing = $stack->inside($part);
            if ($bearing === null) {
                continue;
            }
            $seat = $notebook->reading(
                $part->side === Side::Right ? Places::CUP_SEAT_RIGHT : Places::CUP_SEAT_LEFT,
                Instrument::BoreGauge,
            )?->value;
            [$bore, $outside] =
                $part->kind === PartKind::SeatRing
                    ? [$bearing->sizes['outside'], $seat ?? Length::mm(max($part->mm('outside'), $bearing->mm('outside') + 2 * self::WALL))]
                    : [$axle ?? Length::mm(min($part->mm('bore'), $bearing->mm('bore') * self::REST)), $bearing->sizes['bore']];
            $stack = $stack->with(
                $part->resized('bore', $bore)->resized('outside', $outside)->resized('width', $bearing->sizes['width']),
            );
        }

        return $stack;
    }
}
