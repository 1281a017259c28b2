<?php

declare(strict_types=1);

namespace CleanRace\Core\Calculators;

use CleanRace\Core\Checking\RockCheck;
use CleanRace\Core\Mechanics\Balls\BallsInCup;
use CleanRace\Core\Mechanics\Drivers\DriverChoice;
use CleanRace\Core\Mechanics\Drivers\NextTool;
use CleanRace\Core\Mechanics\Drivers\SupportChoice;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\ShaftFit;
use CleanRace\Core\Mechanics\Fit\SlidingFit;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeft;
use CleanRace\Core\Mechanics\Pressing\DrawRod;
use CleanRace\Core\Mechanics\Pressing\PressFit;
use CleanRace\Core\Mechanics\Pressing\PressForce;
use CleanRace\Core\Mechanics\Squareness\SeatingTrend;
use CleanRace\Core\Mechanics\Squareness\Square;
use CleanRace\Core\Mechanics\Warmth\Heat;
use CleanRace\Core\Mechanics\Warmth\HeatClock;
use CleanRace\Core\Mechanics\Warmth\RingHeat;
use CleanRace\Core\Seating\Home\Home;
use CleanRace\Core\Seating\Home\SecondBearing;
use CleanRace\Core\Seating\Home\SleeveLength;
use CleanRace\Core\Seating\Home\SleeveToMake;
use CleanRace\Core\Seating\Press\ForceWatch;
use CleanRace\Core\Seating\Press\PressTrace;
use CleanRace\Core\Setting\AxleEnds\AxleEnds;
use CleanRace\Core\Setting\Cones\ConeCoach;
use CleanRace\Core\Setting\Cones\ConePlay;
use CleanRace\Core\Setting\Float\AxleFloat;
use CleanRace\Core\Setting\Float\WheelCentre;
use CleanRace\Core\Setting\Tapers\TaperNut;
use CleanRace\Core\Setting\Torque\TorqueSetting;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliper;
use CleanRace\Core\Sizing\Bearing\BearingNumber;
use CleanRace\Core\Sizing\Conversion\Conversion;
use CleanRace\Core\Sizing\Finder\LengthReading;
use CleanRace\Core\Sizing\Finder\Question;
use CleanRace\Core\Sizing\Grease\Grease;
use CleanRace\Core\Sizing\SmallParts\BallFinder;
use CleanRace\Core\Sizing\SmallParts\ORingFinder;
use CleanRace\Core\Sizing\SmallParts\SealFinder;
use CleanRace\Core\Sizing\SmallParts\SnapRingFinder;
use CleanRace\Core\Sizing\SmallParts\SplitPinFinder;
use CleanRace\Core\Sizing\SmallParts\TaperSet;
use CleanRace\Core\Sizing\Wear\BoreSurvey;
use CleanRace\Core\Sound\Listen\Listen;
use CleanRace\Core\Sound\Orders\DefectOrders;
use CleanRace\Core\Sound\SpinDown\SpinDown;
use CleanRace\Core\Sourcing\BearingsOrAssembly;
use CleanRace\Core\Sourcing\MatchCheck;
use CleanRace\Core\Sourcing\MatchPart;
use CleanRace\Core\Verdict\Calculator;
use ReflectionClass;

/** Every calculator there is, by the name it says of itself. To add one: write the class, and name it here. */
final class Registry
{
    /** @var array<string, class-string> in the order of the work */
    private const CALCULATORS = [
        'question' => Question::class,
        'length' => LengthReading::class,
        'rock-check' => RockCheck::class,
        'defect-orders' => DefectOrders::class,
        'listen' => Listen::class,
        'spin-down' => SpinDown::class,
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
