<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Message;

/** Something that may be seen of a part once it is clean, and what it usually means for it. */
final readonly class Finding
{
    private const FAMILIES = [
        'bearing' => ['bearing', 'double_row', 'flanged_bearing', 'angular_bearing', 'bush'],
        'taper' => ['taper_cone', 'taper_cup'],
        'track' => ['cup', 'cone'],
        'balls' => ['balls'],
        'seal' => ['seal', 'felt', 'o_ring', 'dust_cap'],
        'ring' => ['snap_ring', 'clip'],
        'sleeve' => ['sleeve'],
        'seat' => ['axle', 'spacer', 'collar', 'washer', 'end_cap', 'hub_flange', 'freehub', 'nipple'],
        'nut' => ['lock_nut', 'castle_nut', 'ring_nut'],
    ];

    private function __construct(public string $value, public Message|string $label, public string $suggests)
    {
    }

    /** @return list<self> */
    public static function of(PartKind $kind): array
    {
        $families = array_keys(array_filter(self::FAMILIES, static fn (array $kinds): bool => in_array($kind->value, $kinds, true)));
        $rows = array_filter(Table::rows('findings'), static fn (array $row): bool => in_array($row['kinds'], $families, true));

        return array_values(
            array_map(static fn (array $row): self => new self($row['finding'], $row['label'], $row['suggests']), $rows),
        );
    }
}
