<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\User;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/**
 * How often a password or a code may be tried. From a browser in which the person signed in before, their own tries
 * alone count; from any other, those on the account from everywhere and those of the address too. So nobody guesses
 * for long, and nobody locks out those who work behind the same address.
 */
final readonly class Tries
{
    private const MINUTE = 60;

    private const HOUR = 3600;

    /** Failed tries a minute on one account from one address, or from one known browser. */
    private const ACCOUNT = 5;

    /** Failed tries a minute of one address on any accounts. */
    private const ADDRESS = 30;

    /** Failed tries an hour on one account from anywhere. */
    private const ACCOUNT_HOURLY = 100;

    public function __construct(private RateLimiter $limiter, private KnownDevice $devices)
    {
    }

    /** @throws TooManyRequestsHttpException with the seconds to wait */
    public function mustBeLeft(Request $request, string $account, ?User $user): void
    {
        foreach ($this->counted($request, $account, $user) as $key => [$most]) {
            if ($this->limiter->tooManyAttempts($key, $most)) {
                $seconds = max(1, $this->limiter->availableIn($key));
                $said = $seconds <= self::MINUTE ? 'a minute' : ceil($seconds / self::MINUTE).' minutes';
                throw new TooManyRequestsHttpException($seconds, "Too many tries. Wait $said, then try again.");
            }
        }
    }

    public function failed(Request $request, string $account, ?User $user): void
    {
        foreach ($this->counted($request, $account, $user) as $key => [, $seconds]) {
            $this->limiter->hit($key, $seconds);
        }
    }

    /** A good try clears what was counted of this person here; what others tried elsewhere stays counted. */
    public function worked(Request $request, string $account, ?User $user): void
    {
        $this->limiter->clear((string) array_key_first($this->counted($request, $account, $user)));
    }

    /** @return non-empty-array<string, array{int, int}> most tries, and in how many seconds */
    private function counted(Request $request, string $account, ?User $user): array
    {
        $device = $this->devices->markOf($request, $user);
        if ($device !== null) {
            return [
                "tries.device.$device" => [self::ACCOUNT, self::MINUTE],
                "tries.device-hour.$device" => [self::ACCOUNT_HOURLY, self::HOUR],
            ];
        }
        $account = hash('xxh128', mb_strtolower(trim($account)));

        return [
            "tries.here.$account.{$request->ip()}" => [self::ACCOUNT, self::MINUTE],
            "tries.account.$account" => [self::ACCOUNT_HOURLY, self::HOUR],
            "tries.address.{$request->ip()}" => [self::ADDRESS, self::MINUTE],
        ];
    }
}
