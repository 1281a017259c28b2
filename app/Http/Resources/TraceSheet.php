<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PressTrace;
use CleanRace\Core\Seating\Press\PressSample;
use CleanRace\Core\Seating\Press\PressSetup;
use CleanRace\Core\Seating\Press\PressTrace as Reader;
use CleanRace\Core\Seating\Press\PressTraceResult;
use CleanRace\Core\Tables\Limits;

/** A trace with what it shows. */
final readonly class TraceSheet
{
    /** @param  list<PressSample>  $samples */
    public function __construct(
        public string $id,
        public string $seat,
        public string $source,
        public string $madeAt,
        public PressSetup $setup,
        public array $samples,
        public PressTraceResult $result,
    ) {
    }

    public static function of(PressTrace $trace, PressSetup $setup): self
    {
        $samples = $trace->curve();

        return new self(
            $trace->id,
            $trace->seat,
            $trace->source,
            $trace->made_at->toIso8601String(),
            $setup,
            $samples,
            (new Reader(Limits::standard()))->work($setup->input($samples, true)),
        );
    }
}
