<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Addendum;
use DateTimeInterface;

/** A word added to a job after its signature. */
final readonly class AddendumCard
{
    public function __construct(public string $id, public string $text, public string $by, public DateTimeInterface $madeAt)
    {
    }

    public static function of(Addendum $addendum): self
    {
        return new self($addendum->id, $addendum->text, $addendum->author->name, $addendum->made_at);
    }
}
