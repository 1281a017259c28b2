<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Http\Conflicts\Conflict;
use App\Models\Tablet;
use App\Models\User;
use Illuminate\Cache\RateLimiter;
use Illuminate\Contracts\Hashing\Hasher;

/**
 * Four to six digits by which a person takes over at a bench. They are few: after five misses at a bench the password is
 * asked for there, and they guard what is done at the bench, nothing that belongs to the shop or to an account.
 */
final readonly class BenchCode
{
    public const PATTERN = '/^\d{4,6}$/';

    /** Where a session keeps that it was taken over by a code. */
    public const TAKEN = 'by_bench_code';

    private const MISSES = 5;

    /** Until the person signs in by password there, or for so long, in seconds. */
    private const FORGOTTEN = 12 * 3600;

    public function __construct(private RateLimiter $limiter, private Hasher $hasher)
    {
    }

    /**
     * Whether the code is that of the person. A miss is counted.
     *
     * @throws Conflict when the password is to be typed at this bench first
     */
    public function fits(User $person, ?Tablet $tablet, string $typed): bool
    {
        $key = self::key($person, $tablet);
        if ($this->limiter->tooManyAttempts($key, self::MISSES)) {
            throw Conflict::passwordWanted();
        }
        if ($person->bench_code !== null && $this->hasher->check($typed, $person->bench_code)) {
            $this->limiter->clear($key);

            return true;
        }
        $this->limiter->hit($key, self::FORGOTTEN);

        return false;
    }

    /** Whoever typed the password has shown who they are: misses at this bench are forgotten. */
    public function forget(User $person, ?Tablet $tablet): void
    {
        $this->limiter->clear(self::key($person, $tablet));
    }

    private static function key(User $person, ?Tablet $tablet): string
    {
        return "bench-code.{$person->id}.".($tablet->id ?? 'away');
    }
}
