<?php

declare(strict_types=1);

namespace App\Http\Resources;

use stdClass;

/** A set of bearings in a wheel, and how long it lasted when it is out again. */
final readonly class SetCard
{
    public function __construct(
        public string $wheel,
        public string $bearings,
        public string $fittedOn,
        public ?string $endedOn,
        public ?int $lastedDays,
        public ?string $lastedMeter,
        public int $jobId,
    ) {
    }

    /** @param  stdClass  $set a row of the fitted sets, days as YYYY-MM-DD */
    public static function of(stdClass $set): self
    {
        return new self(
            $set->wheel,
            $set->bearings,
            $set->fitted_on,
            $set->ended_on,
            $set->lasted_days,
            $set->lasted_meter === null ? null : number_format((float) $set->lasted_meter, 0, '.', ' ').' '.$set->meter_unit,
            $set->job_id,
        );
    }
}
