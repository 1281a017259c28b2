<?php

declare(strict_types=1);

namespace CleanRace\Core\Calculator;

use CleanRace\Core\Checking\RockCheck;
use CleanRace\Core\Seating\DriverChoice;
use CleanRace\Core\Seating\Home;
use CleanRace\Core\Seating\SecondBearing;
use CleanRace\Core\Seating\SleeveLength;
use CleanRace\Core\Seating\Square;
use CleanRace\Core\Sizing\BearingFromCaliper;
use CleanRace\Core\Sizing\BearingNumber;
use CleanRace\Core\Sizing\BoreSurvey;
use CleanRace\Core\Sizing\ClearanceLeft;
use CleanRace\Core\Sizing\Fit;
use CleanRace\Core\Sizing\Heat;
use CleanRace\Core\Sizing\LengthReading;
use CleanRace\Core\Sizing\PressForce;
use CleanRace\Core\Sizing\SlidingFit;
use CleanRace\Core\Sourcing\MatchCheck;
use ReflectionClass;

/** Every calculator there is. To add one: write the class, and name it here. */
final class Registry
{
    /** @var list<class-string> in the order of the work */
    private const CALCULATORS = [
        LengthReading::class,
        RockCheck::class,
        BearingNumber::class,
        BearingFromCaliper::class,
        BoreSurvey::class,
        Fit::class,
        SlidingFit::class,
        Heat::class,
        PressForce::class,
        ClearanceLeft::class,
        MatchCheck::class,
        DriverChoice::class,
        Square::class,
        Home::class,
        SleeveLength::class,
        SecondBearing::class,
    ];

    /** @return array<string, class-string> by name */
    public static function all(): array
    {
        $all = [];
        foreach (self::CALCULATORS as $class) {
            $all[self::about($class)->name] = $class;
        }

        return $all;
    }

    /** @param  class-string  $class */
    public static function about(string $class): Calculator
    {
        return (new ReflectionClass($class))->getAttributes(Calculator::class)[0]->newInstance();
    }
}
