<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\Tablet;
use App\Models\User;
use Illuminate\Cookie\CookieJar;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** Which bench this browser stands at: told by an encrypted cookie, and only while the shop has it so. */
final readonly class TabletHere
{
    private const COOKIE = 'clean_race_tablet';

    private const DAYS = 365;

    public function __construct(private CookieJar $cookies)
    {
    }

    public function enrol(User $by, string $name): Tablet
    {
        $key = Str::random(40);
        $tablet = Tablet::query()->create(['name' => $name, 'key_hash' => hash('sha256', $key), 'enrolled_by' => $by->id])->refresh();
        $this->cookies->queue($this->cookies->make(self::COOKIE, "{$tablet->id}|$key", self::DAYS * 24 * 60));

        return $tablet;
    }

    /** Null where this browser is no bench of the shop at hand, or is one no more. */
    public function find(Request $request): ?Tablet
    {
        $kept = $request->cookie(self::COOKIE);
        if (! is_string($kept) || preg_match('/^(\d{1,18})\|(\w+)$/', $kept, $m) !== 1) {
            return null;
        }
        $tablet = Tablet::query()->whereNull('ended_at')->find($m[1]);

        return $tablet !== null && hash_equals($tablet->key_hash, hash('sha256', $m[2])) ? $tablet : null;
    }
}
