<?php

declare(strict_types=1);

namespace CleanRace\Core\Calculator;

use CleanRace\Core\Checking\RockCheck;
use CleanRace\Core\Seating\BallsInCup;
use CleanRace\Core\Seating\DrawRod;
use CleanRace\Core\Seating\DriverChoice;
use CleanRace\Core\Seating\ForceWatch;
use CleanRace\Core\Seating\HeatClock;
use CleanRace\Core\Seating\Home;
use CleanRace\Core\Seating\NextTool;
use CleanRace\Core\Seating\PressTrace;
use CleanRace\Core\Seating\SeatingTrend;
use CleanRace\Core\Seating\SecondBearing;
use CleanRace\Core\Seating\SleeveLength;
use CleanRace\Core\Seating\SleeveToMake;
use CleanRace\Core\Seating\Square;
use CleanRace\Core\Seating\SupportChoice;
use CleanRace\Core\Setting\AxleEnds;
use CleanRace\Core\Setting\AxleFloat;
use CleanRace\Core\Setting\ConeCoach;
use CleanRace\Core\Setting\ConePlay;
use CleanRace\Core\Setting\TaperNut;
use CleanRace\Core\Setting\TorqueSetting;
use CleanRace\Core\Setting\WheelCentre;
use CleanRace\Core\Sizing\BallFinder;
use CleanRace\Core\Sizing\BearingFromCaliper;
use CleanRace\Core\Sizing\BearingNumber;
use CleanRace\Core\Sizing\BoreSurvey;
use CleanRace\Core\Sizing\ClearanceLeft;
use CleanRace\Core\Sizing\Conversion;
use CleanRace\Core\Sizing\Fit;
use CleanRace\Core\Sizing\Grease;
use CleanRace\Core\Sizing\Heat;
use CleanRace\Core\Sizing\LengthReading;
use CleanRace\Core\Sizing\ORingFinder;
use CleanRace\Core\Sizing\PressFit;
use CleanRace\Core\Sizing\PressForce;
use CleanRace\Core\Sizing\Question;
use CleanRace\Core\Sizing\RingHeat;
use CleanRace\Core\Sizing\SealFinder;
use CleanRace\Core\Sizing\ShaftFit;
use CleanRace\Core\Sizing\SlidingFit;
use CleanRace\Core\Sizing\SnapRingFinder;
use CleanRace\Core\Sizing\SplitPinFinder;
use CleanRace\Core\Sizing\TaperSet;
use CleanRace\Core\Sourcing\BearingsOrAssembly;
use CleanRace\Core\Sourcing\MatchCheck;
use CleanRace\Core\Sourcing\MatchPart;
use ReflectionClass;

/** Every calculator there is, by the name it says of itself. To add one: write the class, and name it here. */
final class Registry
{
    /** @var array<string, class-string> in the order of the work */
    private const CALCULATORS = [
        'question' => Question::class,
        'length' => LengthReading::class,
        'rock-check' => RockCheck::class,
        'bearing-number' => BearingNumber::class,
        'bearing-from-caliper' => BearingFromCaliper::class,
        'taper-set' => TaperSet::class,
        'seal' => SealFinder::class,
        'snap-ring' => SnapRingFinder::class,
        'balls' => BallFinder::class,
        'split-pin' => SplitPinFinder::class,
        'o-ring' => ORingFinder::class,
        'bore-survey' => BoreSurvey::class,
        'press-fit' => PressFit::class,
        'fit' => Fit::class,
        'shaft-fit' => ShaftFit::class,
        'sliding-fit' => SlidingFit::class,
        'heat' => Heat::class,
        'ring-heat' => RingHeat::class,
        'press-force' => PressForce::class,
        'clearance-left' => ClearanceLeft::class,
        'conversion' => Conversion::class,
        'grease' => Grease::class,
        'match-check' => MatchCheck::class,
        'match-part' => MatchPart::class,
        'bearings-or-assembly' => BearingsOrAssembly::class,
        'driver' => DriverChoice::class,
        'next-tool' => NextTool::class,
        'support' => SupportChoice::class,
        'draw-rod' => DrawRod::class,
        'heat-clock' => HeatClock::class,
        'square' => Square::class,
        'seating-trend' => SeatingTrend::class,
        'force-watch' => ForceWatch::class,
        'press-trace' => PressTrace::class,
        'home' => Home::class,
        'sleeve-length' => SleeveLength::class,
        'sleeve-to-make' => SleeveToMake::class,
        'second-bearing' => SecondBearing::class,
        'balls-in-cup' => BallsInCup::class,
        'axle-ends' => AxleEnds::class,
        'cone-play' => ConePlay::class,
        'cone-coach' => ConeCoach::class,
        'taper-nut' => TaperNut::class,
        'axle-float' => AxleFloat::class,
        'wheel-centre' => WheelCentre::class,
        'torque' => TorqueSetting::class,
    ];

    /** @return array<string, class-string> by name */
    public static function all(): array
    {
        return self::CALCULATORS;
    }

    /** @param  class-string  $class */
    public static function about(string $class): Calculator
    {
        return (new ReflectionClass($class))->getAttributes(Calculator::class)[0]->newInstance();
    }
}
