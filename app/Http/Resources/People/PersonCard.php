<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Models\Role;
use App\Models\User;
use DateTimeInterface;

/** A person of the shop, as others see them. */
final readonly class PersonCard
{
    /**
     * @param  ?string  $email only to the owner
     * @param  bool  $waits whether they have still to choose a password
     */
    public function __construct(
        public int $id,
        public string $name,
        public ?string $email,
        public Role $role,
        public bool $waits,
        public ?DateTimeInterface $leftAt,
        public bool $timeCode,
    ) {
    }

    public static function of(User $user, bool $toOwner): self
    {
        return new self(
            $user->id,
            $user->name,
            $toOwner ? $user->email : null,
            $user->role,
            $user->joined_at === null,
            $user->left_at,
            $user->time_code_since !== null,
        );
    }
}
