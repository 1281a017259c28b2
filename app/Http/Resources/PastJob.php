<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DateTimeInterface;

/** One job in a machine's history. */
final readonly class PastJob
{
    /** @param  list<string>  $fitted numbers of the bearings fitted */
    public function __construct(
        public int $id,
        public int $number,
        public string $wheel,
        public DateTimeInterface $openedAt,
        public ?DateTimeInterface $signedAt,
        public ?string $signedBy,
        public array $fitted,
        public ?string $carried,
        public ?string $lookAgain,
    ) {
    }
}
