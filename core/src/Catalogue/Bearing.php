<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Table;

/** One bearing size: bore d, outside diameter D, width B. Of a taper the width is that of cone and cup together. */
final readonly class Bearing
{
    /** Chamfer where the table has none: a share of the section, within what such bearings have, in mm. */
    private const CORNER_LEAST = 0.6;

    private const CORNER_MOST = 1.1;

    private const THIN = ['67', '68', '69', 'F67', 'F68', 'F69', '638', '38', '718', '719'];

    /**
     * @param  ?Length  $flange outside of the flange, where the table is sure of it
     * @param  ?Force  $load basic dynamic load rating, where makers agree on it
     * @param  ?Force  $staticLoad basic static load rating, likewise
     * @param  ?Length  $otherOutside outside of another size that is sold under the same number
     */
    public function __construct(
        public string $number,
        public string $series,
        public BearingKind $kind,
        public string $system,
        public Length $bore,
        public Length $outside,
        public Length $openWidth,
        public Length $sealedWidth,
        public ?Length $tableCorner,
        public int $commonness,
        public ?Length $flange = null,
        public ?Force $load = null,
        public ?Force $staticLoad = null,
        public ?Length $otherOutside = null,
    ) {
    }

    /** @param  array<string, string>  $row of bearings.csv */
    public static function fromRow(array $row): self
    {
        $length = static fn (string $mm): ?Length => $mm === '' ? null : Length::mm((float) $mm);
        $force = static fn (string $kn): ?Force => $kn === '' ? null : Force::newtons(1000 * (float) $kn);

        return new self(
            $row['number'],
            $row['series'],
            BearingKind::from($row['kind']),
            $row['system'],
            Length::mm((float) $row['bore_mm']),
            Length::mm((float) $row['outside_mm']),
            Length::mm((float) $row['width_open_mm']),
            Length::mm((float) $row['width_sealed_mm']),
            $length($row['corner_mm']),
            (int) $row['commonness'],
            $length($row['flange_mm']),
            $force($row['load_kn']),
            $force($row['static_kn']),
            $length($row['also_outside_mm']),
        );
    }

    /** A size that no table holds, as somebody measured it. */
    public static function measured(BearingKind $kind, Length $bore, Length $outside, Length $width): self
    {
        return new self('', '', $kind, 'own', $bore, $outside, $width, $width, null, 0);
    }

    /** The same size bored otherwise: no size of the table. */
    public function bored(Length $bore): self
    {
        return new self(
            $this->number,
            $this->series,
            $this->kind,
            'own',
            $bore,
            $this->outside,
            $this->openWidth,
            $this->sealedWidth,
            $this->tableCorner,
            0,
        );
    }

    /** Whether its rings are wider with seals or shields than open. */
    public function hasTwoWidths(): bool
    {
        return $this->openWidth->mm !== $this->sealedWidth->mm;
    }

    /** Some sizes are wider with seals or shields than open. */
    public function width(bool $closed = true): Length
    {
        return $closed ? $this->sealedWidth : $this->openWidth;
    }

    /** Radius of the corner of the rings. */
    public function corner(): Length
    {
        return $this->tableCorner ?? self::usualCorner($this->bore, $this->outside, $this->openWidth);
    }

    /** What bearings of this section usually have; never more than a fifth of the width. */
    public static function usualCorner(Length $bore, Length $outside, ?Length $width = null): Length
    {
        return Length::mm(min(self::CORNER_MOST, max(self::CORNER_LEAST, 0.05 * ($outside->mm - $bore->mm)), ($width->mm ?? INF) / 5));
    }

    /** The thin-section series, whose rings are slight for their size. */
    public function isThin(): bool
    {
        return in_array($this->series, self::THIN, true);
    }

    /** Whether its outer ring has a flange, by its series. */
    public function hasFlange(): bool
    {
        return in_array($this->series[0] ?? '', ['F'], true) || $this->series === 'MF';
    }

    /** Whether a snap ring lies in a groove round its outer ring, by its series. */
    public function hasRing(): bool
    {
        return str_ends_with($this->series, 'NR');
    }

    /** Outside of the snap ring round it once it is fitted (ISO 464); null when it has none. */
    public function ringOutside(): ?Length
    {
        foreach ($this->hasRing() ? Table::rows('bearing_rings') : [] as $row) {
            if (abs((float) $row['outside_mm'] - $this->outside->mm) < 0.01) {
                return Length::mm((float) $row['ring_outside_mm']);
            }
        }

        return null;
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
