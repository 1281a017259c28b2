<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue\Number;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingKind;
use CleanRace\Core\Verdict\Message;

/** What a stamped number was read as. */
final readonly class Designation
{
    /**
     * @param  string  $number the size part, as the table writes it
     * @param  ?Bearing  $size the sizes, when the table holds them
     * @param  ?float  $boreMm the bore, when only the number's own rule gives it
     * @param  list<Sign>  $signs
     * @param  ?Message  $guessed what was taken for what to read it so, or null when read as it stands
     * @param  ?string  $piece cone or cup, when the number is that of one half of a taper
     */
    public function __construct(
        public string $number,
        public ?Bearing $size,
        public ?float $boreMm,
        public BearingKind $kind,
        public array $signs,
        public ?Message $guessed,
        public Message $reading,
        public ?string $piece = null,
    ) {
    }

    /** Seals: 0, 1, 2, or null when the signs do not settle it. */
    public function seals(): ?int
    {
        foreach ($this->signs as $sign) {
            if ($sign->family === 'contact_unclear') {
                return null;
            }
            if ($sign->seals !== null) {
                return $sign->seals;
            }
        }

        return 0;
    }

    /** Whether seals or shields close it; unclear signs still mean that something does. */
    public function isClosed(): bool
    {
        return $this->seals() !== 0 || $this->has('shield_both') || $this->has('shield_one');
    }

    /** Radial clearance class; normal when none is stamped. */
    public function clearance(): string
    {
        foreach ($this->signs as $sign) {
            if ($sign->family === 'clearance') {
                return $sign->sign === 'C0' ? 'CN' : $sign->sign;
            }
        }

        return 'CN';
    }

    /** Whether one of its signs belongs to that family of suffixes.csv. */
    public function has(string $family): bool
    {
        return array_filter($this->signs, static fn (Sign $sign): bool => $sign->family === $family) !== [];
    }

    /** @return list<string> signs that nobody here knows */
    public function unknown(): array
    {
        return array_values(
            array_map(
                static fn (Sign $s): string => $s->sign,
                array_filter($this->signs, static fn (Sign $s): bool => $s->family === 'unknown'),
            ),
        );
    }

    /** The designation written plainly: number and signs. */
    public function written(): string
    {
        $signs = array_filter(
            $this->signs,
            fn (Sign $s): bool => ! in_array($s->family, ['flange', 'ring_groove_with_ring'], true) ||
                ($this->size?->hasFlange() !== true && $this->size?->hasRing() !== true),
        );

        return trim($this->number.' '.implode(' ', array_map(static fn (Sign $s): string => $s->sign, $signs)));
    }
}
