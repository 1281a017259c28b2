<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Catalogue\Number\CounterWords;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Hub\Lane;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\TrayItem;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Mass;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Balls\BallsInCup;
use CleanRace\Core\Mechanics\Balls\BallsInCupInput;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Sizing\Grease\Thickener;
use CleanRace\Core\Sizing\Plan\Findings;
use CleanRace\Core\Sizing\Plan\HubGrease;
use CleanRace\Core\Sizing\Plan\PartSizing;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Shown;
use CleanRace\Core\Verdict\Written;

/** What a job needs to buy, line by line. */
final readonly class BuyingList
{
    public function __construct(private Limits $limits, private DesignationReader $reader = new DesignationReader())
    {
    }

    /** @return list<ToBuy> what the tray says is bought new, what the bench needs with it, the same things in one line, bearings first */
    public function lines(Bench $bench, Findings $findings): array
    {
        $list = [];
        $kit = Kit::of($bench->notebook);
        $single = $instead = [];
        foreach ($bench->tray->items as $item) {
            $line = $this->line($bench, $findings, $item);
            if ($line !== null && ! $line->made && $kit?->brings($item->kind) === true) {
                $instead[] = $item->name;
            } else {
                $single[] = $line;
            }
        }
        $pins = $this->pins($bench);
        if ($pins !== [] && $kit?->brings(PartKind::CastleNut) === true) {
            [$pins, $instead] = [[], [...$instead, ...array_map(static fn (ToBuy $pin): Message|string => $pin->what, $pins)]];
        }
        foreach (
            [
                ...$kit === null || $instead === [] ? [] : [$kit->line($instead)],
                ...$single,
                ...$this->compound($findings, $bench),
                ...$pins,
                $this->grease($bench),
            ] as $line
        ) {
            if ($line !== null) {
                $same = Message::listed([$line->askFor, $line->note ?? ''])->inEnglish();
                $list[$same] = isset($list[$same]) ? $list[$same]->and($line) : $line;
            }
        }

        $list = array_values($list);
        usort(
            $list,
            static fn (ToBuy $a, ToBuy $b): int => self::isFirst($b) <=> self::isFirst($a),
        );

        return $list;
    }

    /** Bearings, and the kit that brings them, stand at the head. */
    private static function isFirst(ToBuy $line): bool
    {
        return in_array(explode(':', $line->key ?? '')[0], ['kit', 'bearing'], true);
    }

    private function line(Bench $bench, Findings $findings, TrayItem $item): ?ToBuy
    {
        $outside = rtrim(rtrim(number_format($findings->sizes->bearing($item->side)->outside->mm, 2, '.', ''), '0'), '.');
        $part = $bench->hub->stack->find($item->part);
        $finding = $part === null ? null : (new PartSizing($this->limits))->of($bench, $part)?->finding;
        $key = $finding?->article === null ? null : (new ArticleKey())->of($finding->article);
        $along = $finding?->askFor === null ? 'Take the old one along' : null;

        return match (true) {
            $item->state === PartState::NotThere => null,
            $part !== null && $item->condition !== 'replace' && $bench->stays($part) => null,
            $part?->kind->lane() === Lane::Around => MadeToMeasure::turned($part),
            $item->kind === PartKind::Sleeve && $bench->isStillCups() => MadeToMeasure::tube($this->limits, $bench, $item),
            $part !== null && $this->isInSet($bench, $part, $finding?->askFor) => null,
            $part !== null &&
                ! $bench->isPair() &&
                $part->kind->isRenewed() &&
                ($item->condition !== 'use' || $part->kind->isCartridge()) => new ToBuy(
                    $item->name,
                    $finding->askFor ??
                        Message::of('buy.unsized', '{kind}, not sized yet', ['kind' => Message::plain($part->kind->label())]),
                    $part->kind === PartKind::Balls ? $this->balls($bench, $part) : 1,
                    $along,
                    $key,
                ),
            $item->kind === PartKind::Bearing => $this->bearing($bench, $item),
            $item->kind === PartKind::Seal && $item->condition !== 'use' => new ToBuy(
                $item->name,
                $finding->askFor ??
                    Message::of('buy.seal', 'Oil seal, {outside} outside; shaft and width off the old one', [
                        'outside' => Written::of($outside),
                    ]),
                1,
                $along,
                $key,
            ),
            $item->kind === PartKind::SnapRing && $item->condition === 'replace' => new ToBuy(
                $item->name,
                $finding->askFor ??
                    Message::of('buy.ring', 'Internal snap ring for a {outside} bore', ['outside' => Written::of($outside)]),
                1,
                null,
                $key ?? (new ArticleKey())->of("Internal snap ring $outside"),
            ),
            $item->condition === 'replace' => new ToBuy(
                $item->name,
                $finding->askFor ?? 'By the machine\'s parts list, or made to the old one',
                1,
                'Take the old one along',
                $key,
            ),
            default => null,
        };
    }

    /** A cup whose cone is bought as the same set comes with it. */
    private function isInSet(Bench $bench, Part $cup, Message|Written|null $askFor): bool
    {
        if ($cup->kind !== PartKind::TaperCup || $askFor === null) {
            return false;
        }
        foreach ($bench->hub->stack->ofKind(PartKind::TaperCone) as $cone) {
            $item = array_values(array_filter($bench->tray->items, static fn (TrayItem $i): bool => $i->part === $cone->id))[0] ?? null;
            $finding = (new PartSizing($this->limits))->of($bench, $cone)?->finding;
            if ($cone->side === $cup->side && $item !== null && $item->condition !== 'use' && $finding?->askFor == $askFor) {
                return true;
            }
        }

        return false;
    }

    /** Loose balls are bought by the ball: as many as came out of the row, else as many as its circle takes. */
    private function balls(Bench $bench, Part $row): int
    {
        $notebook = $bench->notebook;
        $found = $notebook->number(PlacesOf::seat($row->id, 'found'));
        if ($found !== null) {
            return $found;
        }
        $circle = $notebook->length(PlacesOf::seat($row->id, 'circle'))->mm ?? $row->mm('circle');
        $ball = $notebook->length(PlacesOf::seat($row->id, 'ball'))->mm ?? $row->mm('ball');
        try {
            return (new BallsInCup($this->limits))->work(
                new BallsInCupInput(Reading::mm($circle, Instrument::DigitalCaliper), Length::mm($ball)),
            )->take;
        } catch (InvalidInput) {
            return 1;
        }
    }

    private function bearing(Bench $bench, TrayItem $item): ToBuy
    {
        try {
            $read = $this->reader->read(
                $bench->notebook->text(PlacesOf::number($item->side->value)) ??
                    ($bench->notebook->text(PlacesOf::number(Side::Left->value)) ?? ''),
            );

            return new ToBuy($item->name, CounterWords::of($read), 1, null, ArticleKey::ofBearing($read));
        } catch (InvalidInput) {
            return new ToBuy($item->name, 'Size not known yet: read the number, or caliper it', 1, null);
        }
    }

    /** @return list<ToBuy> */
    private function compound(Findings $findings, Bench $bench): array
    {
        $list = [];
        foreach ([Side::Left, Side::Right] as $side) {
            $fit = $findings->fit($side);
            if ($bench->isPair() && $fit !== null && $bench->notebook->choice(PlacesOf::remedy($side->value)) === 'compound') {
                $gap = max(0.05, -$fit->interferenceLow->mm);
                $list[] = new ToBuy(
                    Message::of('buy.for_bore', 'For the bore: {part}', ['part' => Message::within($bench->hub->bearingName($side))]),
                    Message::of('buy.compound', 'Retaining compound that fills {gap}', ['gap' => Length::mm($gap)]),
                    1,
                    'Dry and degreased',
                    'compound:'.($gap <= 0.1 ? 'thin' : ($gap <= 0.15 ? 'medium' : 'gap')),
                );
            }
        }

        return $list;
    }

    /** @return list<ToBuy> a pin is never used again */
    private function pins(Bench $bench): array
    {
        return array_map(function (Part $nut) use ($bench): ToBuy {
            $finding = (new PartSizing($this->limits))->of($bench, $nut)?->finding;

            return new ToBuy(
                Message::of('buy.for', 'For the {part}', ['part' => Message::within($nut->name)]),
                Message::headed($finding->askFor ?? 'split pin: measure its hole'),
                1,
                null,
                $finding?->article === null ? null : (new ArticleKey())->of($finding->article),
            );
        }, $bench->hub->stack->ofKind(PartKind::CastleNut));
    }

    /** Grease is bought where the bench packs it in: sealed bearings as they come bring their own. */
    private function grease(Bench $bench): ?ToBuy
    {
        $grease = (new HubGrease($this->limits))->of($bench);
        $onTray = array_filter($bench->tray->items, static fn (TrayItem $i): bool => $i->kind->isCartridge()) !== [];
        $new = Thickener::tryFrom($bench->notebook->choice(Places::GREASE_NEW) ?? '');
        $grams =
            $grease === null
                ? []
                : [
                    'grams' => Shown::of(
                        Mass::grams(
                            ceil(
                                $grease->grease->grams * 2 +
                                    ($grease->cavity->cubicCentimetres ?? 0.0) * $this->limits->get('grease.density'),
                            ),
                        ),
                        0,
                    ),
                ];

        return $grease === null || $grease->way === 'sealed' || ! $onTray
            ? null
            : new ToBuy(
                'For bearings and cavity',
                $new === null
                    ? Message::of('buy.grease', 'Grease, {grams}', $grams)
                    : Message::of('buy.grease', 'Grease, {kind}, {grams}', $grams + ['kind' => Message::plain($new->label())]),
                1,
                'Of one kind with what is in it, or all of the old washed out',
                'grease',
            );
    }
}
