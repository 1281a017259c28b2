<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue\Number;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Tables\Table;

/** What speaks against one way to read a number, and what its signs change of the size. */
final readonly class ReadingWeights
{
    /** What makes a reading less likely. Small whole steps; only their order matters. */
    private const RUN_ON = 1.0;

    private const UNCLEAR = 1.0;

    private const PARTED = 0.5;

    /** A single digit parted from the number belongs to what follows: 6220 2RS is no 62202. */
    private const TORN = 2.5;

    public const UNKNOWN = 2.0;

    public const COMMON = 0.1;

    public function __construct(private BearingTable $table = new BearingTable())
    {
    }

    /**
     * @param  list<Sign>  $signs
     * @return array{float, Designation}
     */
    public function weighed(TypedNumber $number, int $from, int $to, array $signs, Designation $read): array
    {
        $tail = $number->behind($to);
        $weight =
            ($tail !== '' && ctype_digit($tail[0]) ? self::RUN_ON : 0.0) +
            match (true) {
                str_contains($read->number, '-') => 0.0,
                $to - $from > 3 && $number->isParted($to - 2, $to) => self::TORN,
                $number->isParted($from, $to) => self::PARTED,
                default => 0.0,
            };
        foreach ($signs as $sign) {
            $weight += match ($sign->family) {
                'unknown' => self::UNKNOWN,
                'contact_unclear' => self::UNCLEAR,
                default => 0.0,
            };
        }

        return [$weight - self::COMMON * ($read->size->commonness ?? 0) - (self::COMMON / 10) * ($to - $from), $read];
    }

    /**
     * A flange or a ring among the signs is a size of its own, where the table has it.
     *
     * @param  list<Sign>  $signs
     */
    public function withSigns(?Bearing $size, array $signs): ?Bearing
    {
        if ($size === null) {
            return null;
        }
        foreach ($signs as $sign) {
            $size = match ($sign->family) {
                'flange' => $size->hasFlange() ? $size : $this->table->find('F'.$size->number) ?? $size,
                'ring_groove_with_ring' => $size->hasRing() ? $size : $this->table->find($size->number.'NR') ?? $size,
                default => $size,
            };
        }

        return $size;
    }

    /**
     * A flange or ring that the number itself tells of stands among the signs too.
     *
     * @param  list<Sign>  $signs
     * @return list<Sign>
     */
    public static function told(Bearing $size, array $signs): array
    {
        $families = array_column($signs, 'family');

        return match (true) {
            $size->hasRing() && ! in_array('ring_groove_with_ring', $families, true) => [
                new Sign('NR', 'ring_groove_with_ring', null, 'snap-ring groove with its ring'),
                ...$signs,
            ],
            $size->hasFlange() && ! in_array('flange', $families, true) => [
                new Sign('F', 'flange', null, 'flange on the outer ring'),
                ...$signs,
            ],
            default => $signs,
        };
    }
}
