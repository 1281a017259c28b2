<?php

declare(strict_types=1);

namespace CleanRace\Core\Tooling;

/** What a tool is. As a driver, a socket is known by the outside of its open end, not by its hexagon. */
enum ToolKind: string
{
    case Cup = 'cup';
    case Disc = 'disc';
    case Pipe = 'pipe';
    case ImpactSocket = 'impact_socket';
    case ChromeSocket = 'chrome_socket';
    case OldRing = 'old_ring';
    case SealLever = 'seal_lever';
    case RingPliersIn = 'ring_pliers_in';
    case RingPliersOut = 'ring_pliers_out';
    case Drift = 'drift';
    case SoftMallet = 'soft_mallet';
    case BlindPuller = 'puller_blind';
    case SlideHammer = 'slide_hammer';
    case Rod = 'rod';
    case Press = 'press';
    case HeatGun = 'heat_gun';
    case Thermometer = 'thermometer';
    case JawPuller = 'jaw_puller';
    case Magnet = 'magnet';
    case Cutters = 'cutters';
    case ConeSpanner = 'cone_spanner';
    case Spanner = 'spanner';
    case Socket = 'socket';
    case RingNutTool = 'ring_nut_tool';
    case CapSpanner = 'cap_spanner';
    case LockRingTool = 'lock_ring_tool';
    case ChainWhip = 'chain_whip';
    case FreewheelRemover = 'freewheel_remover';
    case Chisel = 'chisel';
    case Washer = 'washer';
    case StandRing = 'stand_ring';
    case TorqueWrench = 'torque_wrench';
    case Gauge = 'gauge';
    case Freezer = 'freezer';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Cup => 'cup',
            self::Disc => 'disc',
            self::Pipe => 'pipe',
            self::ImpactSocket => 'impact socket',
            self::ChromeSocket => 'chrome socket',
            self::OldRing => 'old ring, slit',
            self::SealLever => 'seal lever',
            self::RingPliersIn => 'internal ring pliers',
            self::RingPliersOut => 'external ring pliers',
            self::Drift => 'long square-edged punch',
            self::SoftMallet => 'soft mallet',
            self::BlindPuller => 'expanding puller',
            self::SlideHammer => 'slide hammer',
            self::Rod => 'threaded rod with nuts',
            self::Press => 'press',
            self::HeatGun => 'hot-air gun',
            self::Thermometer => 'thermometer',
            self::JawPuller => 'jaw puller',
            self::Magnet => 'magnet',
            self::Cutters => 'side cutters',
            self::ConeSpanner => 'cone spanner',
            self::Spanner => 'spanner',
            self::Socket => 'socket',
            self::RingNutTool => 'ring-nut tool',
            self::CapSpanner => 'cap spanner',
            self::LockRingTool => 'lock-ring tool',
            self::ChainWhip => 'chain whip',
            self::FreewheelRemover => 'freewheel remover',
            self::Chisel => 'chisel',
            self::Washer => 'big washer',
            self::StandRing => 'ring to stand a hub on',
            self::TorqueWrench => 'torque wrench',
            self::Gauge => 'caliper or gauge',
            self::Freezer => 'freezer',
        };
    }

    /** Whether it is a driver: something that stands on a ring and has a measured face. */
    public function isDriver(): bool
    {
        return in_array($this, [self::Cup, self::Disc, self::Pipe, self::ImpactSocket, self::ChromeSocket, self::OldRing], true);
    }
}
