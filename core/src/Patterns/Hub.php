<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Catalogue\BearingKind;
use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Hub\Layout;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Hub\StackEdits;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Message;

/** The hub of one job: what its pattern usually has, as somebody changed it, with what was read of it. */
final readonly class Hub
{
    private function __construct(public Pattern $pattern, public Stack $stack, public Side $first, public StackEdits $edits)
    {
    }

    /** The pattern's usual parts, changed and measured as the notebook says. */
    public static function of(Pattern $pattern, Notebook $notebook): self
    {
        $edits = StackEdits::from($notebook->value(Places::HUB));
        $first = $pattern->firstSide($notebook);

        $stack = $edits->onto(self::asBuilt($pattern, $notebook));

        return new self($pattern, self::measured($stack, $first, $notebook), $first, $edits);
    }

    /** Its parts as it was built, before anybody changed one. */
    public static function asBuilt(Pattern $pattern, Notebook $notebook): Stack
    {
        return AlsoPart::onto($pattern->stack($notebook), $pattern, $notebook);
    }

    /** Where every part of it lies, in mm from the left face. */
    public function layout(): Layout
    {
        return Layout::of($this->stack);
    }

    /** The bearing of a pair on that side, by the name that people of this hub give it. */
    public function bearingName(Side $side): Message|string
    {
        $cartridges = $this->stack->cartridges();
        $part = $side === Side::Right ? end($cartridges) : reset($cartridges);

        return $part === false
            ? Message::of('hub.bearing', '{side} bearing', ['side' => Message::plain($this->pattern->card()->side($side))])
            : $part->name;
    }

    /** Readings and bearing numbers say more than what such hubs usually have. */
    private static function measured(Stack $stack, Side $first, Notebook $notebook): Stack
    {
        $ledge = 'ledge_'.$first->value;
        $housing = $stack->one(PartKind::Housing);
        $other = 'ledge_'.$first->other()->value;
        [$before, $beyond] = [self::width($stack, $first), self::width($stack, $first->other())];
        $stack = MadeParts::measured(self::numbered($stack, $notebook), $notebook);
        if ($housing === null) {
            return $stack;
        }
        $read = static fn (string $place): ?float => $notebook->length($place)?->mm;
        $sizes = array_filter(
            ['length' => $read(Places::OVER_FACES), 'outside' => $read(Places::HUB_OUTSIDE), $ledge => $read(Places::LEDGE_DEPTH)],
            static fn (?float $mm): bool => $mm !== null,
        );
        // A wider bearing on the same ledge wants a deeper one: it was built for it.
        if (! isset($sizes[$ledge]) && $housing->mm($ledge) > 0) {
            $sizes[$ledge] = $housing->mm($ledge) + self::width($stack, $first) - $before;
        }
        if ($housing->mm($ledge) > 0 && $housing->mm($other) > 0) {
            $sizes[$other] = $housing->mm($other) + self::width($stack, $first->other()) - $beyond;
        }
        $wider = $housing;
        foreach ($sizes as $size => $mm) {
            $wider = $wider->resized($size, Length::mm($mm));
        }
        $stack = $stack->with($wider);
        $sleeve = $stack->find('sleeve');
        $length = $read(Places::SLEEVE_LENGTH);
        if ($sleeve === null || ($length === null && $sizes === [])) {
            return $stack;
        }
        // Not read: as long as between its ledges, when the housing moved under it; where it has one, the other bearing is alike.
        $deeper = $wider->mm($ledge) - $housing->mm($ledge);
        $grown =
            $wider->mm('length') -
            $housing->mm('length') -
            $deeper -
            ($housing->mm($other) > 0 ? $wider->mm($other) - $housing->mm($other) : $deeper);

        return $stack->with($sleeve->resized('length', Length::mm($length ?? max(5.0, $sleeve->mm('length') + $grown))));
    }

    private static function numbered(Stack $stack, Notebook $notebook): Stack
    {
        $cartridges = $stack->cartridges();
        foreach ($cartridges as $i => $part) {
            $number =
                $notebook->text(PlacesOf::sized($part->id)) ??
                (count($cartridges) > 2
                    ? null
                    : $notebook->text(PlacesOf::number(($i === 0 ? Side::Left : Side::Right)->value)) ??
                        $notebook->text(PlacesOf::number(Side::Left->value)));
            $read = $number === null ? null : self::read($number);
            if ($read?->size === null) {
                continue;
            }
            $stack = $stack->with(
                $part
                    ->resized('bore', $read->size->bore)
                    ->resized('outside', $read->size->outside)
                    ->resized('width', $read->size->width($read->isClosed())),
            );
        }

        foreach ($stack->ofKind(PartKind::TaperCone, PartKind::TaperCup) as $part) {
            $stack = $stack->with(self::taper($stack, $part, $notebook));
        }

        return $stack;
    }

    /** A cone or cup by its number or that of its mate, as the set has it; what a caliper read goes before. */
    private static function taper(Stack $stack, Part $part, Notebook $notebook): Part
    {
        $isCone = $part->kind === PartKind::TaperCone;
        $mates = array_filter(
            $stack->ofKind($isCone ? PartKind::TaperCup : PartKind::TaperCone),
            static fn (Part $p): bool => $p->side === $part->side,
        );
        $mate = array_values($mates)[0] ?? null;
        $number = $notebook->text(PlacesOf::sized($part->id)) ?? ($mate === null ? null : $notebook->text(PlacesOf::sized($mate->id)));
        $size = $number === null ? null : self::read($number)?->size;
        if ($size !== null && $size->kind === BearingKind::Taper) {
            $set = array_column(Table::rows('taper_sets'), null, 'number')[$size->number] ?? [];
            $width = (float) ($set[$isCone ? 'cone_width_mm' : 'cup_width_mm'] ?? 0);
            $part = $part
                ->resized($isCone ? 'bore' : 'outside', $isCone ? $size->bore : $size->outside)
                ->resized('width', $width > 0 ? Length::mm($width) : $part->sizes['width']);
        }
        foreach ($isCone ? ['bore', 'width'] : ['outside', 'width'] as $what) {
            $read = $notebook->length(PlacesOf::sizedBy($part->id, $what));
            $part = $read === null ? $part : $part->resized($what, $read);
        }

        return $part;
    }

    private static function read(string $number): ?Designation
    {
        try {
            return (new DesignationReader())->read($number);
        } catch (InvalidInput) {
            return null;
        }
    }

    private static function width(Stack $stack, Side $first): float
    {
        $cartridges = $stack->cartridges();
        $one = $first === Side::Right ? end($cartridges) : reset($cartridges);

        return $one === false ? 0.0 : $one->mm('width');
    }
}
