<?php

declare(strict_types=1);

namespace CleanRace\Core\Tooling;

/** What a driver is. A socket is known by the outside of its open end, not by its hexagon. */
enum ToolKind: string
{
    case Cup = 'cup';
    case Disc = 'disc';
    case Pipe = 'pipe';
    case ImpactSocket = 'impact_socket';
    case ChromeSocket = 'chrome_socket';
    case OldRing = 'old_ring';

    public function label(): string
    {
        return match ($this) {
            self::Cup => 'cup',
            self::Disc => 'disc',
            self::Pipe => 'pipe',
            self::ImpactSocket => 'impact socket',
            self::ChromeSocket => 'chrome socket',
            self::OldRing => 'old ring, slit',
        };
    }
}
