<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Models\User;
use Illuminate\Cookie\CookieJar;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/**
 * Whether somebody signed in from this browser before. Whoever guesses passwords from elsewhere, or beside it on the
 * same network, cannot lock them out of it.
 */
final readonly class KnownDevice
{
    private const COOKIE = 'clean_race_known';

    private const DAYS = 365;

    /** Most people of one tablet that it remembers. */
    private const PEOPLE = 20;

    public function __construct(private CookieJar $cookies)
    {
    }

    /** Marks this browser as one from which that person signed in. */
    public function knows(Request $request, User $user): void
    {
        $marks = [$user->id => Str::random(16)] + self::marks($request);
        $this->cookies->queue(
            $this->cookies->make(
                self::COOKIE,
                json_encode(array_slice($marks, 0, self::PEOPLE, true), JSON_THROW_ON_ERROR),
                self::DAYS * 24 * 60,
            ),
        );
    }

    /** What tells this browser from others for that person; null when they never signed in from it. */
    public function markOf(Request $request, ?User $user): ?string
    {
        return $user === null ? null : self::marks($request)[$user->id] ?? null;
    }

    /** @return array<int, string> by person; the cookie is encrypted, so that nobody writes one but us */
    private static function marks(Request $request): array
    {
        $kept = $request->cookie(self::COOKIE);
        $marks = is_string($kept) ? json_decode($kept, true) : null;

        return is_array($marks)
            ? array_filter($marks, static fn (mixed $mark, mixed $id): bool => is_string($mark) && is_int($id), ARRAY_FILTER_USE_BOTH)
            : [];
    }
}
