<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\Tablet;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/**
 * What lets a tablet of several hands send the readings of each in their own name, whoever stands there when the network
 * comes back: a token that adds readings and does nothing else. Told once, to the tablet where its person came in.
 */
final class SendingRight
{
    private const CALLED = 'Sends at ';

    private const DAYS = 30;

    private const TOLD = 'sending_right';

    public static function lend(Request $request, User $person, Tablet $tablet): void
    {
        self::end($person, $tablet);
        $right = $person->createToken(self::CALLED.$tablet->name, [TokenRight::Readings->value], Carbon::now()->addDays(self::DAYS));
        $request->attributes->set(self::TOLD, $right->plainTextToken);
    }

    /** The right that was lent in this request; null where none was. */
    public static function lent(Request $request): ?string
    {
        $right = $request->attributes->get(self::TOLD);

        return is_string($right) ? $right : null;
    }

    /** Ends it at one tablet, or everywhere: what waits there waits for its person. */
    public static function end(User $person, ?Tablet $tablet = null): void
    {
        $person
            ->tokens()
            ->where('name', 'like', $tablet === null ? self::CALLED.'%' : addcslashes(self::CALLED.$tablet->name, '%_\\'))
            ->delete();
    }
}
