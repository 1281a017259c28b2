<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Models\User;
use DateTimeInterface;
use Laravel\Sanctum\PersonalAccessToken;

/** An access token as it is listed: never the token itself. */
final readonly class TokenCard
{
    /** @param  list<string>  $rights read, readings, work */
    public function __construct(
        public int $id,
        public string $name,
        public string $by,
        public array $rights,
        public ?DateTimeInterface $usedAt,
        public ?DateTimeInterface $until,
    ) {
    }

    public static function of(PersonalAccessToken $token, User $by): self
    {
        return new self(
            (int) $token->id,
            $token->name,
            $by->name,
            array_values($token->abilities ?? []),
            $token->last_used_at,
            $token->expires_at,
        );
    }
}
