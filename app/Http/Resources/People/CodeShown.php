<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use DateTimeInterface;

/** A one-time code: shown once, to whoever made it. */
final readonly class CodeShown
{
    /**
     * @param  string  $address the path and query of the page that takes it
     * @param  ?string  $mailed the address it was sent to
     */
    public function __construct(
        public PersonCard $person,
        public string $code,
        public string $address,
        public DateTimeInterface $until,
        public ?string $mailed,
    ) {
    }
}
