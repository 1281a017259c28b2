<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Conversion;

use CleanRace\Core\Measure\Length;

/** A bearing that could stand where a cup stood, and what has to be made for it. */
final readonly class Cartridge
{
    /**
     * @param  ?Length  $shimLeft wall of a ring round it in the left seat; null when it grips by itself
     * @param  ?Length  $bush wall of a bush between axle and bore; null when the axle fills it
     * @param  bool  $thin whether a wall is too thin to stand
     * @param  string  $sealed its number with a seal on each side: such a hub has no seals of its own
     * @param  list<string>  $made the parts that are made for it: a ring for each seat that is too wide, bushes for both sides of the axle
     */
    public function __construct(
        public string $number,
        public Length $bore,
        public Length $outside,
        public Length $width,
        public ?Length $shimLeft,
        public ?Length $shimRight,
        public ?Length $bush,
        public bool $thin,
        public string $sizes,
        public array $made,
        public string $sealed,
    ) {
    }

    /** How many pieces have to be made for it. */
    public function pieces(): int
    {
        return count(array_filter([$this->shimLeft, $this->shimRight, $this->bush]));
    }
}
