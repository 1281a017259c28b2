<?php

declare(strict_types=1);

namespace App\SignIn;

use Illuminate\Http\Request;

/** What an access token may do, in the name of its person and never more than they may. */
enum TokenRight: string
{
    /** Looks at jobs, machines, tools, the shelf; works calculators. */
    case Read = 'read';

    /** Adds readings, photos and press traces to jobs. */
    case Readings = 'readings';

    /** Opens jobs, keeps machines, tools, shelf and orders. */
    case Work = 'work';

    /** What is done by a person who is there: signing, people, passwords, tokens, the shop itself, its log. */
    private const NEVER = [
        'api/v1/session*',
        'api/v1/people*',
        'api/v1/tokens*',
        'api/v1/tablets*',
        'api/v1/log',
        'api/v1/shop*',
        'api/v1/time-code*',
        'api/v1/jobs/*/signature',
        'api/v1/jobs/*/addenda',
        'api/v1/jobs/file',
    ];

    private const ADDS = ['api/v1/jobs/*/records', 'api/v1/jobs/*/photos', 'api/v1/jobs/*/traces'];

    private const ASKS = ['api/v1/calculators/*', 'api/v1/ask', 'api/v1/jobs/*/preview'];

    /** What a request needs; null where no token will do. */
    public static function for(Request $request): ?self
    {
        return match (true) {
            $request->is(...self::NEVER) => null,
            $request->isMethodSafe(), $request->is(...self::ASKS) => self::Read,
            $request->isMethod('POST') && $request->is(...self::ADDS) => self::Readings,
            default => self::Work,
        };
    }
}
