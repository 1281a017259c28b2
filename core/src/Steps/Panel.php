<?php

declare(strict_types=1);

namespace CleanRace\Core\Steps;

/** The instrument a step is worked with. */
enum Panel: string
{
    case Answers = 'answers';
    case Clock = 'clock';
    case Bearing = 'bearing';
    case PartSize = 'part_size';
    case Survey = 'survey';
    case Conversion = 'conversion';
    case Driver = 'driver';
    case HeatClock = 'heat_clock';
    case Sleeve = 'sleeve';
    case Tray = 'tray';
    case Tools = 'tools';
    case Captures = 'captures';
    case BuyingList = 'buying_list';
    case Match = 'match';
    case Assembly = 'assembly';
    case Balls = 'balls';
    case AxleEnds = 'axle_ends';
    case Cone = 'cone';
    case Taper = 'taper';
    case AxleFloat = 'axle_float';
    case Centre = 'centre';
    case Torques = 'torques';
    case BeforeAfter = 'before_after';
    case Kind = 'kind';
    case SignOff = 'sign_off';
}
