<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/** Where parts outside the two bearings lie, going outward from each. */
final readonly class LayoutEnds
{
    private const RING_PLAY = 0.1;

    /** A seal stands this far inside the face, where nothing says otherwise. */
    private const BELOW_FACE = 0.2;

    /**
     * What stands outside the first row and the last.
     *
     * @param  list<Part>  $line
     * @param  list<Row>  $rows
     * @param  list<float>  $offsets
     * @param  ?array{float, float}  $faces
     * @return array<string, array{float, float}>
     */
    public static function ends(array $line, array $rows, array $offsets, ?array $faces): array
    {
        if ($rows === []) {
            return self::outward($line, 1, 0.0, 0.0, null);
        }
        $last = count($rows) - 1;
        $before = array_reverse(array_slice($line, 0, $rows[0]->first));
        $after = array_slice($line, $rows[$last]->last + 1);

        return self::outward(
            $before,
            -1,
            $rows[0]->axleFrom + $offsets[0],
            $rows[0]->housingFrom + $offsets[0],
            $faces === null ? null : $faces[0],
        ) +
            self::outward(
                $after,
                1,
                $rows[$last]->axleTo + $offsets[$last],
                $rows[$last]->housingTo + $offsets[$last],
                $faces === null ? null : $faces[1],
            );
    }

    /**
     * @param  list<Part>  $parts nearest to the bearing first
     * @param  int  $way 1 to the right, -1 to the left
     * @return array<string, array{float, float}>
     */
    public static function outward(array $parts, int $way, float $onAxle, float $inHousing, ?float $face): array
    {
        $at = [];
        $housed = array_values(
            array_filter($parts, static fn (Part $p): bool => $p->kind->lane() === Lane::Housing && $p->kind !== PartKind::Nipple),
        );
        foreach ($parts as $part) {
            $along = $part->along();
            if ($part->kind === PartKind::ORing) {
                $at[$part->id] = self::span($onAxle - $way * 2 * $along, $way, $along);
            } elseif ($part->kind === PartKind::Nipple) {
                $at[$part->id] = self::span($inHousing, $way, $along / 2);
            } elseif ($part->kind->lane() === Lane::Axle) {
                $at[$part->id] = self::span($onAxle, $way, $along);
                $onAxle += $way * $along;
            } else {
                $start = $inHousing + ($part->kind === PartKind::SnapRing ? $way * self::RING_PLAY : 0.0);
                // The outermost stands at the face of the housing, where there is room for it.
                $flush = $face === null ? $start : $face - $way * (self::BELOW_FACE + $along);
                $atFace = $part === $housed[count($housed) - 1] && $part->kind !== PartKind::SnapRing && $way * ($flush - $start) > 0;
                $at[$part->id] = self::span($atFace ? $flush : $start, $way, $along);
                $inHousing = ($atFace ? $flush : $start) + $way * $along;
            }
        }

        return $at;
    }

    /** @return array{float, float} */
    private static function span(float $start, int $way, float $along): array
    {
        return $way > 0 ? [$start, $start + $along] : [$start - $along, $start];
    }
}
