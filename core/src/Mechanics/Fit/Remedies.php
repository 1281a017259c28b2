<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Message;

/** What may be done about a loose seat (shop practice; gap ranges of retaining compounds as makers class them). */
final readonly class Remedies
{
    public function __construct(private Limits $limits)
    {
    }

    /**
     * Nothing when it is as it is meant; in nylon no compound holds.
     *
     * @param  float  $gap seat less ring, mm: how loose it is
     * @param  float  $least the tightest it may be, mm
     * @return list<Remedy> the cheapest first
     */
    public function of(float $gap, float $least, SeatEvidence $evidence): array
    {
        if ($gap <= -$evidence->meant->least($this->limits)) {
            return [];
        }
        $seat = $evidence->joint->seat;
        $nylon = $evidence->joint->body() === Material::Nylon;
        $reach = -$this->limits->get('fit.compound_reach');
        $compound =
            array_values(
                array_filter(Table::rows('compounds'), static fn (array $row): bool => $gap <= (float) $row['fills_upto_mm']),
            )[0] ?? null;
        $remedies = [];
        if ($compound !== null && ! $nylon) {
            $within = $gap <= $reach;
            $remedies[] = new Remedy(
                'Retaining compound',
                Message::of('remedy.fills', '{name}: fills {from} to {upto}', [
                    'name' => Message::plain($compound['name']),
                    'from' => Length::mm((float) $compound['fills_from_mm']),
                    'upto' => Length::mm((float) $compound['fills_upto_mm']),
                ]),
                Message::of('remedy.cure', 'A few drops, 10 minutes of hands, {hours} hours to cure', [
                    'hours' => (int) $compound['cure_hours'],
                ]),
                $within
                    ? 'Dry and degreased or it does not hold. Heat to get it out. The owner is told.'
                    : Message::of(
                        'remedy.wide',
                        'Wider than the {reach} this shop trusts a compound with: a stopgap, and the owner knows it.',
                        ['reach' => Length::mm($reach)],
                    ),
                $within,
            );
        }
        if ($nylon) {
            return [self::another($seat)];
        }
        $remedies[] = new Remedy(
            'Sleeve',
            $seat === RingSeat::Bore ? 'The bore turned out and a sleeve pressed in' : 'The shaft turned down and a sleeve pressed on',
            'A turner\'s hour or two',
            'Only where the wall left is thick enough.',
            $gap > $reach || $least > 0,
        );
        $remedies[] = self::another($seat);

        return $remedies;
    }

    private static function another(RingSeat $seat): Remedy
    {
        return new Remedy(
            $seat === RingSeat::Bore ? 'Another {body}' : 'Another shaft',
            'New, or a sound used one',
            'The part, and its wait',
            'The surest. Measure the used one before paying.',
            true,
        );
    }
}
