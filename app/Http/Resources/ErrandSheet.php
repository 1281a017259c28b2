<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Bench\PriceListSheet;
use App\Errands\ErrandKind;
use App\Errands\ErrandState;
use App\Models\Errand;
use App\Shapes\Json;
use App\Shapes\Ready;
use App\Shapes\ShapeOf;

/** Something that is done behind the answer, and how far it is. */
final readonly class ErrandSheet
{
    /**
     * @param  int  $done of that many rows, entries or jobs; 0 of 0 while nobody knows
     * @param  ?string  $problem why it could not be done, in a sentence
     * @param  ?string  $field what it is about
     * @param  ?int  $job the job that came of it
     * @param  ?string  $file where the file lies that came of it
     */
    public function __construct(
        public string $id,
        public ErrandKind $kind,
        public ErrandState $state,
        public int $done,
        public int $of,
        public ?string $problem,
        public ?string $field,
        public ?int $job,
        public ?string $file,
        #[ShapeOf(PriceListSheet::class)] public ?Ready $prices,
    ) {
    }

    public static function of(Errand $errand): self
    {
        return new self(
            $errand->id,
            $errand->kind,
            $errand->state,
            $errand->done,
            $errand->of,
            $errand->problem['detail'] ?? null,
            $errand->problem['errors'][0]['field'] ?? null,
            $errand->answer->job ?? null,
            $errand->kind === ErrandKind::TakeAlong && $errand->state === ErrandState::Done ? "/files/along/{$errand->id}.zip" : null,
            $errand->kind === ErrandKind::ReadPrices && $errand->answer !== null
                ? new Ready(json_encode($errand->answer, JSON_THROW_ON_ERROR | Json::FLAGS))
                : null,
        );
    }
}
