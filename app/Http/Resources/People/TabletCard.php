<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Models\Tablet;
use DateTimeInterface;

/** A bench at which several people work. */
final readonly class TabletCard
{
    /** @param  bool  $here whether it is this browser */
    public function __construct(public int $id, public string $name, public string $by, public DateTimeInterface $since, public bool $here)
    {
    }

    public static function of(Tablet $tablet, ?int $here): self
    {
        return new self($tablet->id, $tablet->name, $tablet->enroller->name, $tablet->created_at, $tablet->id === $here);
    }
}
