<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

/** What a rolling bearing is, by how its balls or rollers run. */
enum BearingKind: string
{
    case DeepGroove = 'deep_groove';
    case DoubleRow = 'double_row';
    case DoubleRowAngular = 'double_row_angular';
    case AngularContact = 'angular_contact';
    case SelfAligning = 'self_aligning';
    case Cylindrical = 'cylindrical';
    case Taper = 'taper';
    case Insert = 'insert';
    case HubUnit = 'hub_unit';

    /** One of them, at the head of a sentence. */
    public function one(): string
    {
        return match ($this) {
            self::DeepGroove => 'A deep-groove ball bearing',
            self::DoubleRow => 'A double-row ball bearing',
            self::DoubleRowAngular => 'A double-row angular-contact ball bearing',
            self::AngularContact => 'An angular-contact ball bearing',
            self::SelfAligning => 'A self-aligning ball bearing',
            self::Cylindrical => 'A cylindrical roller bearing',
            self::Taper => 'A taper roller bearing',
            self::Insert => 'An insert bearing for a carrier',
            self::HubUnit => 'A hub unit',
        };
    }

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::DeepGroove => 'deep-groove ball bearing',
            self::DoubleRow => 'double-row ball bearing',
            self::DoubleRowAngular => 'double-row angular-contact ball bearing',
            self::AngularContact => 'angular-contact ball bearing',
            self::SelfAligning => 'self-aligning ball bearing',
            self::Cylindrical => 'cylindrical roller bearing',
            self::Taper => 'taper roller bearing',
            self::Insert => 'insert bearing for a carrier',
            self::HubUnit => 'hub unit',
        };
    }

    /** Whether it takes the load along the axle one way only, so that its way round matters. */
    public function isOneWay(): bool
    {
        return $this === self::AngularContact || $this === self::Taper;
    }
}
