<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/** A part with sizes that fit where it is put, until somebody measures it. All in mm. */
final class UsualPart
{
    /** When the hub says nothing: an axle and a bearing seat of a light wheel. */
    private const AXLE = 15.0;

    private const SEAT = 35.0;

    private const WALL = 4.0;

    /** A part of that kind with sizes in mm that fit behind another, or at the left end. */
    public static function besides(Stack $stack, PartKind $kind, ?Part $after): Part
    {
        $axle = self::or($stack->one(PartKind::Axle)?->mm('diameter'), self::AXLE);
        $bearing = $stack->cartridges()[0] ?? $stack->one(PartKind::Bush);
        $seat = self::or(
            $bearing?->mm('outside') ?? ($stack->one(PartKind::Cup)?->mm('outside') ?? $stack->one(PartKind::TaperCup)?->mm('outside')),
            self::SEAT,
        );
        $side = $after->side ?? Side::Middle;
        $ball = self::or($stack->one(PartKind::Balls)?->mm('ball'), 6.35);
        $mm = match ($kind) {
            PartKind::Axle => ['diameter' => $axle, 'length' => 160],
            PartKind::Housing => ['outside' => $seat + 20, 'length' => 90, 'ledge_left' => 20, 'ledge_right' => 20],
            PartKind::Bearing, PartKind::AngularBearing => [
                'bore' => $axle,
                'outside' => $seat,
                'width' => self::or($bearing?->mm('width'), 12),
            ],
            PartKind::DoubleRow => ['bore' => $axle, 'outside' => $seat, 'width' => 20],
            PartKind::FlangedBearing, PartKind::Bush => [
                'bore' => $axle,
                'outside' => $seat,
                'width' => self::or($bearing?->mm('width'), 12),
                'flange_outside' => $seat + 5,
                'flange_width' => 1.6,
            ],
            PartKind::TaperCone => ['bore' => $axle, 'outside' => $axle + 18, 'width' => 16],
            PartKind::TaperCup => ['outside' => $seat, 'width' => 12, 'stand' => 15.5],
            PartKind::Cup => ['outside' => $seat, 'width' => 9, 'bore' => $axle + 4],
            PartKind::Cone => ['bore' => $axle, 'outside' => $axle + 7, 'length' => 14],
            PartKind::Balls => ['ball' => $ball, 'circle' => $seat - 2 * $ball],
            PartKind::Seal, PartKind::Felt => ['bore' => $axle + 2 * self::WALL, 'outside' => $seat, 'width' => 7],
            PartKind::DustCap => ['outside' => $seat, 'width' => 4, 'bore' => $axle + 6],
            PartKind::RingNut => ['bore' => $axle + 8, 'outside' => $seat + 1, 'width' => 4],
            PartKind::SnapRing => ['outside' => $seat, 'width' => 1.75],
            PartKind::Clip => ['bore' => $axle, 'outside' => $axle + 7, 'width' => 1.2],
            PartKind::Sleeve => ['bore' => $axle + 0.3, 'outside' => $axle + 6, 'length' => 40],
            PartKind::Washer => ['bore' => $axle, 'outside' => $axle + 12, 'length' => 2],
            PartKind::Spacer, PartKind::Collar => ['bore' => $axle, 'outside' => $axle + 2 * self::WALL, 'length' => 10],
            PartKind::EndCap => ['bore' => $axle, 'outside' => $axle + 6, 'length' => 10],
            PartKind::LockNut => ['bore' => $axle, 'outside' => $axle + 8, 'length' => 5],
            PartKind::CastleNut => ['bore' => $axle, 'outside' => $axle + 13, 'length' => 15],
            PartKind::HubFlange => ['bore' => $axle, 'outside' => $seat + 40, 'length' => 24],
            PartKind::Freehub => ['bore' => $axle, 'outside' => $axle + 20, 'length' => 34],
            PartKind::ORing => ['bore' => $axle, 'section' => 1.5],
            PartKind::Nipple => ['length' => 10],
            PartKind::SeatRing => ['bore' => $seat, 'outside' => $seat + 2, 'width' => self::or($bearing?->mm('width'), 12)],
            PartKind::AxleBush => ['bore' => $axle - 2, 'outside' => $axle, 'width' => self::or($bearing?->mm('width'), 12)],
        };

        return Part::of($kind, $kind === PartKind::Nipple ? Side::Middle : $side, $kind->label(), $mm);
    }

    private static function or(?float $mm, float $usual): float
    {
        return $mm === null || $mm <= 0 ? $usual : $mm;
    }
}
