<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Catalogue\Number\Sign;
use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** What may stand in for a bearing, and what looks as if it might and may not. */
final readonly class Substitutes
{
    private const SPELLINGS_SHOWN = 5;

    private const WIDTHS_SHOWN = 3;

    private const NEIGHBOURS_SHOWN = 3;

    private const SEALS = ['contact_both', 'contact_one', 'lowfriction_both', 'lowfriction_one', 'shield_both', 'shield_one'];

    public function __construct(private Limits $limits, private BearingTable $table = new BearingTable())
    {
    }

    /** @return list<Substitute> those that may go in first */
    public function of(Designation $bearing, ?HubUse $use = null): array
    {
        return [...$this->same($bearing, $use), ...$bearing->size === null ? [] : $this->notThese($bearing, $bearing->size)];
    }

    /** @return list<Substitute> */
    private function same(Designation $bearing, ?HubUse $use): array
    {
        $number = $bearing->number;
        $out = [];
        $seal =
            array_values(array_filter($bearing->signs, static fn (Sign $s): bool => in_array($s->family, self::SEALS, true)))[0] ?? null;
        if ($seal !== null) {
            $others = array_values(
                array_diff(
                    array_column(
                        array_filter(Table::rows('suffixes'), static fn (array $r): bool => $r['family'] === $seal->family),
                        'spelling',
                    ),
                    [$seal->sign],
                ),
            );
            $out[] = new Substitute(
                $number.' '.implode(', ', array_slice($others, 0, self::SPELLINGS_SHOWN)),
                true,
                'The same seal in other makers\' letters.',
            );
        }
        if ($bearing->clearance() === 'CN' && $bearing->kind->value === 'deep_groove') {
            $out[] = new Substitute(
                "$number C3",
                true,
                'A little more play inside: right where the fit is tight or the {body} runs hot, no harm in a wheel.',
            );
        }
        if ($bearing->has('shield_both')) {
            $out[] = new Substitute("$number 2RS", true, 'Contact seals for shields: keeps water out, turns a little stiffer.');
        }
        if ($bearing->has('contact_both')) {
            $out[] = new Substitute(
                "$number 2RZ",
                $use === HubUse::Blade,
                'Seals that do not touch: turn lighter, and let water in. In the dry only.',
            );
        }
        if (! $bearing->has('stainless')) {
            $out[] = new Substitute(
                Message::of('substitute.stainless', 'Stainless {number}', ['number' => Written::of($number)]),
                true,
                'Against salt and jet washing. Softer rings: it carries somewhat less.',
            );
        }
        $out[] = new Substitute(
            Message::of('substitute.full', '{number} full complement', ['number' => Written::of($number)]),
            $use === HubUse::Pivot,
            $use === HubUse::Pivot
                ? 'More balls and no cage: carries more where it only rocks.'
                : 'No cage: the balls rub. Not for anything that spins.',
        );
        usort($out, static fn (Substitute $a, Substitute $b): int => $b->may <=> $a->may);

        return $out;
    }

    /** @return list<Substitute> */
    private function notThese(Designation $bearing, Bearing $size): array
    {
        $out = [];
        $closed = $bearing->isClosed();
        foreach ($this->table->inSameHole($size) as $other) {
            $apart = $other->width($closed)->mm - $size->width($closed)->mm;
            if (abs($apart) > $this->limits->get('match.width_differs') && ! isset($out[$other->width($closed)->mm.''])) {
                $out[$other->width($closed)->mm.''] = new Substitute(
                    $other->number,
                    false,
                    Message::of(
                        'substitute.width',
                        $apart > 0 ? 'Same bore and outside, but {apart} wider.' : 'Same bore and outside, but {apart} narrower.',
                        ['apart' => Length::mm(abs($apart))],
                    ),
                );
            }
        }
        $near = array_filter(
            $this->table->neighbours($size, $this->limits->get('substitute.near')),
            static fn (Bearing $b): bool => $b->system !== $size->system,
        );

        return [
            ...array_slice(array_values($out), 0, self::WIDTHS_SHOWN),
            ...array_map(
                static fn (Bearing $b): Substitute => new Substitute(
                    $b->number,
                    false,
                    Message::of(
                        'substitute.neighbour',
                        $b->system === 'inch' ? 'Inch neighbour: {sizes}.' : 'Metric neighbour: {sizes}.',
                        ['sizes' => Written::of($b->sizes($closed))],
                    ),
                ),
                array_slice(array_values($near), 0, self::NEIGHBOURS_SHOWN),
            ),
        ];
    }
}
