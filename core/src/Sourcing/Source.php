<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Catalogue\CounterWords;
use CleanRace\Core\Catalogue\DesignationReader;
use CleanRace\Core\Hub\Ask;
use CleanRace\Core\Hub\Panel;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Places;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Station;
use CleanRace\Core\Hub\StationReport;
use CleanRace\Core\Hub\Step;
use CleanRace\Core\Hub\TrayItem;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Sizing\Findings;
use CleanRace\Core\Sizing\PartSizing;
use CleanRace\Core\Tooling\Bench;
use CleanRace\Core\Verdict\Limits;

/** The fourth station: what to buy, and whether what came matches what came out. */
final readonly class Source
{
    public function __construct(private Limits $limits, private DesignationReader $reader = new DesignationReader)
    {
    }

    public function report(Bench $bench, Findings $findings): StationReport
    {
        return StationReport::of(Station::Source, [
            Step::of('source.list', 'The list to buy', 'By number, a counter has it for a fraction of the machine maker\'s price.')
                ->on(Panel::BuyingList)->ticked('Everything is here')->advice(),
            ...($bench->isPair() ? [$this->match($bench, Side::Left), $this->match($bench, Side::Right)] : []),
        ], $bench->notebook);
    }

    /** @return list<ToBuy> */
    public function toBuy(Bench $bench, Findings $findings): array
    {
        $list = [];
        foreach ($bench->tray->items as $item) {
            $line = $this->line($bench, $findings, $item);
            if ($line !== null) {
                $key = $line->askFor.$line->note;
                $list[$key] = new ToBuy(isset($list[$key]) ? $list[$key]->what.', '.lcfirst($line->what) : $line->what, $line->askFor, ($list[$key]->quantity ?? 0) + 1, $line->note);
            }
        }

        return [...array_values($list), ...$this->compound($findings, $bench)];
    }

    private function line(Bench $bench, Findings $findings, TrayItem $item): ?ToBuy
    {
        $sizes = $findings->sizes;
        $outside = rtrim(rtrim(number_format($sizes->bearing($item->side)->outside->mm, 2, '.', ''), '0'), '.');

        $part = $bench->hub->stack->find($item->part);
        $noted = $part === null ? null : (new PartSizing($this->limits))->of($bench, $part)?->finding->askFor;

        return match (true) {
            $part !== null && ! $bench->isPair() && $part->kind->isRenewed() && ($item->condition !== 'use' || $part->kind->isCartridge()) => new ToBuy($item->name, $noted ?? $part->kind->label().', not sized yet', 1, $noted === null ? 'Take the old one along' : null),
            $item->kind === PartKind::Bearing => new ToBuy($item->name, $this->words($bench, $item->side), 1, null),
            $item->kind === PartKind::Seal && $item->condition !== 'use' => new ToBuy($item->name, $noted ?? "Oil seal, $outside outside; shaft and width off the old one", 1, $noted === null ? 'Take the old one along' : null),
            $item->kind === PartKind::SnapRing && $item->condition === 'replace' => new ToBuy($item->name, $noted ?? "Internal snap ring for a $outside bore", 1, null),
            $item->condition === 'replace' => new ToBuy($item->name, 'By the machine\'s parts list, or made to the old one', 1, 'Take the old one along'),
            default => null,
        };
    }

    private function words(Bench $bench, Side $side): string
    {
        try {
            return CounterWords::of($this->reader->read($bench->notebook->text(Places::number($side)) ?? $bench->notebook->text(Places::number(Side::Left)) ?? ''));
        } catch (Nonsense) {
            return 'Size not known yet: read the number, or caliper it';
        }
    }

    /** @return list<ToBuy> */
    private function compound(Findings $findings, Bench $bench): array
    {
        $list = [];
        foreach ([Side::Left, Side::Right] as $side) {
            $fit = $findings->fit($side);
            if ($fit !== null && $bench->notebook->choice(Places::remedy($side->value)) === 'compound') {
                $list[] = new ToBuy('For the '.$side->value.' bore', sprintf('Retaining compound that fills %.2f mm', max(0.05, -$fit->interferenceLow->mm)), 1, 'Dry and degreased');
            }
        }

        return $list;
    }

    private function match(Bench $bench, Side $side): Step
    {
        $at = 'source.'.$side->value;

        return Step::of("$at.match", 'Match the '.$side->value.' bearing', 'Old beside new, before anything is pressed.')
            ->with(why: 'The counter hands over the wrong one more often than anyone says: one seal for two, inch for metric, same bore and outside but other width.', part: 'bearing_'.$side->value)
            ->on(Panel::Match)
            ->asking(
                Ask::number(Places::newNumber($side), 'On the new one', hint: '6204 DDU'),
                Ask::length("$at.bore", 'Bore of the new one', wanted: false),
                Ask::length("$at.outside", 'Outside of the new one', wanted: false),
                Ask::length("$at.width", 'Width of the new one', wanted: false),
            )->judged($this->compared($bench, $side)?->verdict);
    }

    public function compared(Bench $bench, Side $side): ?MatchCheckResult
    {
        $old = $bench->notebook->text(Places::number($side)) ?? $bench->notebook->text(Places::number(Side::Left));
        $new = $bench->notebook->text(Places::newNumber($side));
        if ($old === null || $new === null) {
            return null;
        }
        $read = static fn (string $what) => $bench->notebook->reading("source.{$side->value}.$what");
        try {
            return (new MatchCheck($this->limits))->work(new MatchCheckInput($old, $new, $read('bore'), $read('outside'), $read('width')));
        } catch (Nonsense) {
            return null;
        }
    }
}
