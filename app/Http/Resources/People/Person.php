<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Models\Role;
use App\Models\User;
use App\SignIn\BenchCode;
use App\SignIn\SendingRight;
use App\SignIn\TabletHere;
use Illuminate\Http\Request;

/** Who is signed in, what they may do, and the address under which others of the shop reach this server. */
final readonly class Person
{
    /**
     * @param  string  $timeZone of the shop
     * @param  string  $days how the shop writes its days, as a language tag
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $email,
        public Role $role,
        public string $shop,
        public string $units,
        public string $theme,
        public bool $maySign,
        public bool $mayKeepTools,
        public bool $mayWork,
        public bool $mayBuy,
        public bool $alone,
        public bool $prices,
        public string $address,
        public bool $timeCode,
        public int $recoveryLeft,
        public bool $benchCode,
        public bool $byBenchCode,
        public ?string $tablet,
        public ?int $lockMinutes,
        public ?string $sending,
        public string $timeZone,
        public string $days,
    ) {
    }

    public static function here(User $user, Request $request): self
    {
        $tablet = app(TabletHere::class)->find($request);

        return new self(
            $user->id,
            $user->name,
            $user->email,
            $user->role,
            $user->shop->name,
            $user->units,
            $user->theme,
            $user->role->maySign(),
            $user->role->mayKeepTools(),
            $user->role->mayWork(),
            $user->role->mayBuy(),
            $user->shop->alone,
            $user->shop->prices,
            config()->string('app.url'),
            $user->time_code_since !== null,
            count($user->recovery_codes),
            $user->bench_code !== null,
            $request->hasSession() && $request->session()->has(BenchCode::TAKEN),
            $tablet?->name,
            $tablet === null ? null : $user->shop->lock_minutes,
            SendingRight::lent($request),
            $user->shop->time_zone,
            $user->shop->daysAs(),
        );
    }
}
