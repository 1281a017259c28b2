<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\JobFile\ShopKey;
use App\Models\AcceptedKey;
use DateTimeInterface;

/** The key of another shop. */
final readonly class KeyCard
{
    /**
     * @param  ?int  $id of one that was accepted
     * @param  string  $name whose it is; of one that is not accepted, whose a file says it is
     * @param  int  $jobs how many jobs were taken in under it
     */
    public function __construct(
        public ?int $id,
        public string $key,
        public string $fingerprint,
        public string $name,
        public int $jobs,
        public ?string $by,
        public ?DateTimeInterface $acceptedAt,
    ) {
    }

    public static function of(AcceptedKey $key, int $jobs): self
    {
        return new self(
            $key->id,
            $key->public_key,
            ShopKey::fingerprint($key->public_key),
            $key->name,
            $jobs,
            $key->acceptor->name,
            $key->accepted_at,
        );
    }
}
