<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Devices\PressingState;
use App\Models\Pressing;
use App\Shapes\Ready;
use App\Shapes\ShapeOf;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Seating\Press\PressSample;
use CleanRace\Core\Seating\Press\PressSetup;
use CleanRace\Core\Seating\Press\PressTraceResult;

/** A ring that goes in under the press gauge, from a sample on. */
final readonly class PressingSheet
{
    /**
     * @param  int  $count how many samples came so far
     * @param  list<PressSample>  $samples those after the ones that are known already
     */
    public function __construct(
        public string $id,
        public PressingState $state,
        public int $count,
        #[ShapeOf(PressSetup::class)] public Ready $setup,
        public array $samples,
        #[ShapeOf(PressTraceResult::class)] public ?Ready $result,
    ) {
    }

    public static function of(Pressing $pressing, int $after): self
    {
        /** @var list<array{float, float}> $samples */
        $samples = json_decode($pressing->samples, true, flags: JSON_THROW_ON_ERROR);

        return new self(
            $pressing->id,
            $pressing->state,
            $pressing->count,
            new Ready($pressing->setup),
            array_map(
                static fn (array $s): PressSample => new PressSample(Length::mm($s[0]), Force::newtons($s[1])),
                array_slice($samples, $after),
            ),
            $pressing->result === null ? null : new Ready($pressing->result),
        );
    }
}
