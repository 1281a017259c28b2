<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\AcceptedKey;
use App\Models\Job;
use App\Models\Shop;

/** The keys whose signatures count in a shop: its own, and those that its owner compared and accepted. */
final readonly class KnownKeys
{
    /** @param  array<string, string>  $names whose key it is, by the key */
    private function __construct(private array $names)
    {
    }

    public static function of(Shop $shop): self
    {
        $accepted = AcceptedKey::query()->whereNull('revoked_at')->pluck('name', 'public_key')->all();

        return new self([ShopKey::of($shop->id)->public => $shop->name] + $accepted);
    }

    /**
     * What a job that was taken in says of its signature there: checked only by a key that is known here; any other, however
     * sound, proves nothing.
     *
     * @param  ?array<string, mixed>  $origin of {@see Job}
     */
    public function said(?array $origin): ?SaidSigned
    {
        if (! is_string($origin['signed_by'] ?? null)) {
            return null;
        }
        $key = is_string($origin['key'] ?? null) ? $origin['key'] : null;
        $whose = $key === null ? null : $this->names[$key] ?? null;

        return $whose !== null
            ? new SaidSigned("Signed by {$origin['signed_by']} at $whose, checked.", true, false)
            : new SaidSigned(
                "The file from {$origin['shop']} says that {$origin['signed_by']} signed it there. Not proven.",
                false,
                $key !== null,
            );
    }
}
