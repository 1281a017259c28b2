<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

use CleanRace\Core\Measure\Length;

/** One bearing size: bore d, outside diameter D, width B. */
final readonly class Bearing
{
    /** Chamfer where the table has none: a share of the section, within what such bearings have, in mm. */
    private const CORNER_LEAST = 0.6;

    private const CORNER_MOST = 1.1;

    public function __construct(
        public string $number,
        public string $series,
        public string $kind,
        public string $system,
        public Length $bore,
        public Length $outside,
        public Length $openWidth,
        public Length $sealedWidth,
        public ?Length $tableCorner,
        public int $commonness,
    ) {
    }

    /** @param  array<string, string>  $row of bearings.csv */
    public static function fromRow(array $row): self
    {
        return new self(
            $row['number'], $row['series'], $row['kind'], $row['system'],
            Length::mm((float) $row['bore_mm']), Length::mm((float) $row['outside_mm']),
            Length::mm((float) $row['width_open_mm']), Length::mm((float) $row['width_sealed_mm']),
            $row['corner_mm'] === '' ? null : Length::mm((float) $row['corner_mm']),
            (int) $row['commonness'],
        );
    }

    /** Some sizes are wider with seals or shields than open. */
    public function width(bool $closed = true): Length
    {
        return $closed ? $this->sealedWidth : $this->openWidth;
    }

    /** Radius of the corner of the rings. */
    public function corner(): Length
    {
        return $this->tableCorner ?? self::usualCorner($this->bore, $this->outside);
    }

    /** What bearings of this section usually have. */
    public static function usualCorner(Length $bore, Length $outside): Length
    {
        return Length::mm(min(self::CORNER_MOST, max(self::CORNER_LEAST, 0.05 * ($outside->mm - $bore->mm))));
    }

    /** The thin-section series, whose rings are slight for their size. */
    public function isThin(): bool
    {
        return in_array($this->series, ['68', '69'], true);
    }

    /** "20 × 47 × 14 mm", or the inch sizes in mm. */
    public function sizes(bool $closed = true): string
    {
        return self::plain($this->bore).' × '.self::plain($this->outside).' × '.self::plain($this->width($closed)).' mm';
    }

    private static function plain(Length $length): string
    {
        return rtrim(rtrim(number_format($length->mm, 3, '.', ''), '0'), '.');
    }
}
