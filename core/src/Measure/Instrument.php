<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** What a length was read with. Half-widths are what a careful person gets at a bench, in mm. */
enum Instrument: string
{
    case SteelRule = 'steel_rule';
    case Vernier = 'vernier';
    case DigitalCaliper = 'digital_caliper';
    case CaliperCompared = 'caliper_compared';
    case DepthCaliper = 'depth_caliper';
    case Micrometer = 'micrometer';
    case BoreGauge = 'bore_gauge';
    case DepthMicrometer = 'depth_micrometer';
    case DialGauge = 'dial_gauge';
    case Feeler = 'feeler';

    /** Half-width of the band the true size lies in. */
    public function halfWidth(): Length
    {
        return Length::mm(
            match ($this) {
                self::SteelRule => 0.5,
                self::Vernier, self::DepthCaliper => 0.05,
                self::DigitalCaliper => 0.03,
                self::Feeler, self::CaliperCompared => 0.02,
                self::DepthMicrometer, self::DialGauge => 0.01,
                self::Micrometer, self::BoreGauge => 0.005,
            },
        );
    }

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::SteelRule => 'steel rule',
            self::Vernier => 'vernier caliper',
            self::DigitalCaliper => 'digital caliper',
            self::CaliperCompared => 'caliper, set on the new ring',
            self::DepthCaliper => 'depth rod of a caliper',
            self::Micrometer => 'micrometer',
            self::BoreGauge => 'bore gauge',
            self::DepthMicrometer => 'depth micrometer',
            self::DialGauge => 'dial gauge',
            self::Feeler => 'feeler',
        };
    }
}
