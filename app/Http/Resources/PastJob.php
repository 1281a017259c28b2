<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Bench\History;
use App\JobFile\KnownKeys;
use App\JobFile\SaidSigned;
use DateTimeImmutable;
use DateTimeInterface;
use stdClass;

/** One job in a machine's history. */
final readonly class PastJob
{
    /**
     * @param  list<string>  $fitted numbers of the bearings fitted
     * @param  ?string  $closedFor why it was closed without a signature
     */
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
        public ?string $closedFor,
        public ?SaidSigned $saidSigned,
    ) {
    }

    /** @param  stdClass  $job of {@see History} */
    public static function of(stdClass $job, ?KnownKeys $keys): self
    {
        return new self(
            $job->id,
            $job->number,
            $job->wheel,
            new DateTimeImmutable($job->created_at),
            $job->signed_at === null ? null : new DateTimeImmutable($job->signed_at),
            $job->signed_by,
            $job->fitted ?? [],
            $job->carried,
            $job->look_again,
            $job->dropped_for,
            $keys?->said($job->origin === null ? null : (array) $job->origin),
        );
    }
}
