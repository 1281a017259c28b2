<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingKind;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\SnapRings;
use CleanRace\Core\Hub\UsualPart;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;

/** What a pair of bearings in a hub measures. Depths are from the hub face on their own side. */
final readonly class HubSizes
{
    /** @param  list<string>  $measured names of those that somebody read; the others are what such hubs usually have */
    public function __construct(
        public Bearing $left,
        public Bearing $right,
        public Length $leftWidth,
        public Length $rightWidth,
        public Length $overFaces,
        public Length $ledgeDepth,
        public Length $sleeveLength,
        public Length $hubOutside,
        public Length $sealWidth,
        public Length $grooveEdge,
        public Length $grooveWidth,
        public Length $ringThickness,
        public bool $twoLedges,
        public Side $first,
        public array $measured,
    ) {
    }

    private const GROOVE_PLAY = 0.1;

    private const USUAL_SEAL = 7.0;

    /** From the parts of a hub with bearings of one piece; with one of them, it stands for both sides. */
    public static function of(Hub $hub, Notebook $notebook): self
    {
        $cartridges = $hub->stack->cartridges();
        $left = $cartridges[0] ?? UsualPart::besides($hub->stack, PartKind::Bearing, null);
        $right = $cartridges === [] ? $left : $cartridges[count($cartridges) - 1];
        $first = $hub->first;
        $firstWidth = ($first === Side::Right ? $right : $left)->mm('width');
        $housing = $hub->stack->one(PartKind::Housing) ?? UsualPart::besides($hub->stack, PartKind::Housing, null);
        $ledge = max($firstWidth, $housing->mm('ledge_'.($first === Side::Right ? 'right' : 'left')));
        $ring = $hub->stack->one(PartKind::SnapRing)?->mm('width') ?? SnapRings::thickness($left->mm('outside'));
        $asked = [
            'over_faces' => Places::OVER_FACES,
            'ledge_depth' => Places::LEDGE_DEPTH,
            'sleeve_length' => Places::SLEEVE_LENGTH,
            'hub_outside' => Places::HUB_OUTSIDE,
            'groove_edge' => Places::GROOVE_EDGE,
        ];

        return new self(
            self::size($left, $notebook, Side::Left),
            self::size($right, $notebook, Side::Right),
            $left->sizes['width'],
            $right->sizes['width'],
            $housing->sizes['length'],
            Length::mm($ledge),
            $hub->stack->find('sleeve')->sizes['length'] ?? Length::mm(max(5.0, $housing->mm('length') - 2 * $ledge)),
            $housing->sizes['outside'],
            $hub->stack->one(PartKind::Seal)->sizes['width'] ?? Length::mm(self::USUAL_SEAL),
            $notebook->length(Places::GROOVE_EDGE) ?? Length::mm($ledge - $firstWidth - self::GROOVE_PLAY),
            Length::mm($ring + self::GROOVE_PLAY),
            Length::mm($ring),
            $notebook->choice(Places::LEDGES) === 'two',
            $first === Side::Right ? Side::Right : Side::Left,
            array_keys(array_filter($asked, $notebook->has(...))),
        );
    }

    /** The table's size when the number or the three sizes name one; else a size of its own. */
    private static function size(Part $part, Notebook $notebook, Side $side): Bearing
    {
        $table = new BearingTable();
        try {
            $number = $notebook->text(PlacesOf::number($side->value)) ?? $notebook->text(PlacesOf::number(Side::Left->value));
            $read = $number === null ? null : (new DesignationReader())->read($number)->size;
        } catch (InvalidInput) {
            $read = null;
        }

        return $read ??
            ($table->measuring($part->mm('bore'), $part->mm('outside'), $part->mm('width')) ??
                Bearing::measured(
                    $part->kind === PartKind::DoubleRow ? BearingKind::DoubleRow : BearingKind::DeepGroove,
                    $part->sizes['bore'],
                    $part->sizes['outside'],
                    $part->sizes['width'],
                ));
    }

    /** The bearing on that side, by its number or its sizes. */
    public function bearing(Side $side): Bearing
    {
        return $side === Side::Right ? $this->right : $this->left;
    }

    /** Its width in mm, as it is sealed. */
    public function width(Side $side): Length
    {
        return $side === Side::Right ? $this->rightWidth : $this->leftWidth;
    }

    /** Depth at which the second bearing rests on the sleeve, when the first is home. */
    public function secondRest(): Length
    {
        return Length::mm(
            $this->overFaces->mm - $this->ledgeDepth->mm - $this->sleeveLength->mm - $this->width($this->first->other())->mm,
        );
    }
}
