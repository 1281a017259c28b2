<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue\Number;

use CleanRace\Core\Catalogue\BearingKind;
use CleanRace\Core\Measure\Length;

/** Signs that say something only behind certain numbers: another bore, a contact angle. */
final class SignsInPlace
{
    /** A bore other than the number's own lies within so much of it, mm. */
    private const NEAR = 8.0;

    /** The same designation, each sign with what it says behind this number. */
    public static function of(Designation $read): Designation
    {
        $signs = [];
        $bore = null;
        foreach ($read->signs as $sign) {
            $other = $sign->family === 'unknown' ? self::otherBore($read, $sign->sign) : null;
            $bore ??= $other;
            $signs[] = match (true) {
                $other !== null => new Sign($sign->sign, 'other_bore', null, 'another bore than the number has: measure it'),
                $sign->family === 'angle' && ! self::hasAngle($read->kind) => new Sign(
                    $sign->sign,
                    'unknown',
                    null,
                    'not a sign this table knows',
                ),
                default => $sign,
            };
        }

        return new Designation(
            $read->number,
            $bore === null ? $read->size : $read->size?->bored(Length::mm($bore)),
            $bore ?? $read->boreMm,
            $read->kind,
            $signs,
            $read->guessed,
            $read->reading,
            $read->piece,
        );
    }

    /** The bore in mm that a number behind a whole number tells of; null when it can be none. */
    private static function otherBore(Designation $read, string $sign): ?float
    {
        if ($read->size === null || preg_match('/^\d{1,2}$/', $sign) !== 1) {
            return null;
        }
        $mm = (float) $sign;

        return $mm >= 2 && $mm < $read->size->outside->mm - 2 && abs($mm - $read->size->bore->mm) <= self::NEAR ? $mm : null;
    }

    private static function hasAngle(BearingKind $kind): bool
    {
        return $kind === BearingKind::AngularContact || $kind === BearingKind::DoubleRowAngular;
    }
}
