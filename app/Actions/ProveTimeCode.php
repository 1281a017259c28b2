<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Logged;
use App\Models\User;
use App\SignIn\OneTimeCode;
use App\SignIn\TimeCode;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Takes the code that somebody's device shows, or one of their recovery codes: each once. */
final readonly class ProveTimeCode
{
    public const RECOVERY = 10;

    public function __construct(private NoteInLog $note)
    {
    }

    public function __invoke(User $user, string $typed): bool
    {
        return DB::transaction(function () use ($user, $typed): bool {
            // Two who type the same code at once: one of them is too late.
            $user = User::query()->lockForUpdate()->findOrFail($user->id);
            if ($user->time_code_secret === null) {
                return false;
            }
            $step = TimeCode::taken($user->time_code_secret, $typed, Carbon::now()->getTimestamp(), $user->time_code_step);
            if ($step !== null) {
                return $user->forceFill(['time_code_step' => $step])->save();
            }
            $hash = self::hashed($typed);
            $left = array_values(array_filter($user->recovery_codes, static fn (string $one): bool => ! hash_equals($one, $hash)));
            if (count($left) === count($user->recovery_codes)) {
                return false;
            }
            ($this->note)($user->shop_id, Logged::RecoveryUsed, $user, detail: count($left).' left');

            return $user->forceFill(['recovery_codes' => $left])->save();
        });
    }

    /** @return list<string> ten recovery codes as they are shown; their hashes are put to the person, not saved yet */
    public function recovery(User $user): array
    {
        $codes = array_map(static fn (): string => OneTimeCode::shown(OneTimeCode::made()), range(1, self::RECOVERY));
        $user->forceFill(['recovery_codes' => array_map(self::hashed(...), $codes)]);

        return $codes;
    }

    /** A recovery code has fifty bits: a keyed hash keeps it as well as a slow one. */
    private static function hashed(string $code): string
    {
        return hash_hmac('sha256', OneTimeCode::read($code), config()->string('app.key'));
    }
}
