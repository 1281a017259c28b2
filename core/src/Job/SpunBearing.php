<?php

declare(strict_types=1);

namespace CleanRace\Core\Job;

use CleanRace\Core\Catalogue\BearingKind;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\Turning;
use CleanRace\Core\Sound\Beside;
use CleanRace\Core\Sound\TurningRing;

/** What is known of the bearing that is listened to at one side: its number, which of its rings turns, what else may be heard. */
final readonly class SpunBearing
{
    private function __construct(public ?string $number, public TurningRing $turning, public Beside $beside)
    {
    }

    public static function of(Bench $bench, Side $side): self
    {
        $stack = $bench->hub->stack;

        return new self(
            self::number($bench, $side),
            $bench->pattern->card()->turns === Turning::Hub ? TurningRing::Outer : TurningRing::Inner,
            Beside::on(
                $stack->ofKind(PartKind::Freehub) !== [] || $stack->one(PartKind::Housing)?->form === 'spline',
                $bench->pattern->card()->isBraked(),
                $bench->pattern->card()->role === HubRole::Wheel,
            ),
        );
    }

    /** Its number, where it is one of a single-row ball bearing; null when nobody read it. */
    private static function number(Bench $bench, Side $side): ?string
    {
        $rings = $bench->isStillCups() ? [] : $bench->hub->stack->cartridges();
        $there = array_values(array_filter($rings, static fn (Part $p): bool => $side === Side::Middle || $p->side === $side));
        $said = [
            ...$bench->isPair() && $side !== Side::Middle ? [PlacesOf::number($side->value)] : [],
            ...array_map(static fn (Part $p): string => PlacesOf::sized($p->id), $there),
        ];
        foreach ($said as $place) {
            $text = $bench->notebook->text($place);
            try {
                $bearing = $text === null ? null : (new DesignationReader())->readings($text)[0]->size;
            } catch (InvalidInput) {
                continue;
            }
            if ($bearing?->kind === BearingKind::DeepGroove) {
                return $bearing->number;
            }
        }

        return null;
    }
}
