<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Sizing\Bearing\HubConditions;
use CleanRace\Core\Sizing\Grease\Grease;
use CleanRace\Core\Sizing\Grease\GreaseInput;
use CleanRace\Core\Sizing\Grease\GreaseResult;
use CleanRace\Core\Sizing\Grease\NippleUse;
use CleanRace\Core\Sizing\Grease\Thickener;
use CleanRace\Core\Tables\Limits;

/** The grease of a job: from its bearings, its hub, the shop's habit and what the notebook says of both greases. */
final readonly class HubGrease
{
    public function __construct(private Limits $limits)
    {
    }

    /** Null when the hub has no bearing of one piece. */
    public function of(Bench $bench): ?GreaseResult
    {
        $ring = $bench->hub->stack->cartridges()[0] ?? null;
        if ($ring === null) {
            return null;
        }
        $notebook = $bench->notebook;
        $hub = HubConditions::of($bench);
        $said = $notebook->text(PlacesOf::sized($ring->id)) ?? $notebook->text(PlacesOf::number(Side::Left->value));
        try {
            return (new Grease($this->limits))->work(
                new GreaseInput(
                    Length::mm($ring->mm('bore')),
                    Length::mm($ring->mm('outside')),
                    Length::mm($ring->mm('width')),
                    $hub->use ?? HubUse::FastWheel,
                    $hub->wet === true,
                    $hub->nipple ?? NippleUse::None,
                    self::seals($said),
                    $hub->ownSeals === true,
                    ($bench->habits['packing'] ?? '') === 'topped_up',
                    null,
                    $notebook->length(Places::CAVITY_OUTSIDE),
                    $notebook->length(Places::CAVITY_INSIDE),
                    $notebook->length(Places::CAVITY_LENGTH),
                    Thickener::tryFrom($notebook->choice(Places::GREASE_OLD) ?? ''),
                    Thickener::tryFrom($notebook->choice(Places::GREASE_NEW) ?? ''),
                ),
            );
        } catch (InvalidInput) {
            return null;
        }
    }

    /** Two, as wheels mostly have them, until the number says otherwise. */
    private static function seals(?string $number): int
    {
        try {
            return $number === null ? 2 : (new DesignationReader())->read($number)->seals() ?? 2;
        } catch (InvalidInput) {
            return 2;
        }
    }
}
