<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Tables\Table;

/** What a part of a hub is. What each kind is called, where it lies and which sizes it has stands in part_kinds.csv. */
enum PartKind: string
{
    case Axle = 'axle';
    case Housing = 'housing';
    case Bearing = 'bearing';
    case DoubleRow = 'double_row';
    case FlangedBearing = 'flanged_bearing';
    case AngularBearing = 'angular_bearing';
    case Bush = 'bush';
    case TaperCone = 'taper_cone';
    case TaperCup = 'taper_cup';
    case Cup = 'cup';
    case Cone = 'cone';
    case Balls = 'balls';
    case Seal = 'seal';
    case Felt = 'felt';
    case DustCap = 'dust_cap';
    case RingNut = 'ring_nut';
    case SnapRing = 'snap_ring';
    case Clip = 'clip';
    case Sleeve = 'sleeve';
    case Washer = 'washer';
    case Spacer = 'spacer';
    case Collar = 'collar';
    case EndCap = 'end_cap';
    case LockNut = 'lock_nut';
    case CastleNut = 'castle_nut';
    case HubFlange = 'hub_flange';
    case Freehub = 'freehub';
    case ORing = 'o_ring';
    case Nipple = 'nipple';
    case SeatRing = 'seat_ring';
    case AxleBush = 'axle_bush';

    /** How people say it. */
    public function label(): string
    {
        return $this->row()['label'];
    }

    /** Where such a part lies between axle and housing, by part_kinds.csv. */
    public function lane(): Lane
    {
        return Lane::from($this->row()['lane']);
    }

    /** @return list<string> names of the sizes such a part must have */
    public function sizes(): array
    {
        return explode(' ', $this->row()['sizes']);
    }

    /** @return list<string> names of the sizes it may have besides */
    public function otherSizes(): array
    {
        return array_values(array_filter(explode(' ', $this->row()['may'])));
    }

    /** @return array<string, string> the ways round it may lie: how each is kept, and how it is said; the first is the usual one */
    public function ways(): array
    {
        $ways = [];
        foreach (array_filter(explode('|', $this->row()['ways'])) as $way) {
            [$kept, $said] = [...explode('=', $way, 2), $way];
            $ways[$kept] = $said;
        }

        return $ways;
    }

    /** How a way round is said; as it was written where it is none of these. */
    public function wayRound(string $kept): string
    {
        return $this->ways()[$kept] ?? $kept;
    }

    /** Whether a new one is the rule when the hub is done. */
    public function isRenewed(): bool
    {
        return $this->row()['renewed'] === '1';
    }

    /**
     * What is entered of such a part when all is as it should be: on the tray, good or what is always new to be renewed, as
     * drawn; or fitted.
     *
     * @return ?array<string, string> null when it keeps a wheel on: then it is always said by itself
     */
    public function usualEntry(PartState $until): ?array
    {
        $way = array_key_first($this->ways());

        return match (true) {
            $this->row()['alone'] === '1' => null,
            $until === PartState::Fitted => ['state' => $until->value],
            default => ['state' => $until->value, 'condition' => $this->row()['off']] + ($way === null ? [] : ['way_round' => $way]),
        };
    }

    /** Whether a hub of this kind may be built without it: any fastener, cap, spacer, seal, pin, clip. */
    public function mayLack(): bool
    {
        $rolls = [self::Cup, self::Cone, self::Balls, self::TaperCup, self::TaperCone, self::Bush];

        return ! $this->isCartridge() && ! in_array($this, [self::Axle, self::Housing, ...$rolls], true);
    }

    /** A rolling bearing that comes as one piece. */
    public function isCartridge(): bool
    {
        return in_array($this, [self::Bearing, self::DoubleRow, self::FlangedBearing, self::AngularBearing], true);
    }

    /** What sits in its seat by a press fit: a bearing, its bush, its cup. */
    public function isPressed(): bool
    {
        return $this->isCartridge() || in_array($this, [self::Bush, self::TaperCup, self::Cup], true);
    }

    /** What closes a bearing in, or holds it, on its own side. */
    public function closes(): bool
    {
        return in_array($this, [self::Seal, self::Felt, self::DustCap, self::SnapRing], true);
    }

    /** Which of its sizes it takes up along the axle. */
    public function alongSize(): string
    {
        return match ($this) {
            self::Balls => 'ball',
            self::ORing => 'section',
            default => in_array('width', $this->sizes(), true) ? 'width' : 'length',
        };
    }

    /** @return array<string, string> */
    private function row(): array
    {
        return Table::keyed('part_kinds')[$this->value];
    }
}
