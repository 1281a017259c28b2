<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Conversion;

use CleanRace\Core\Verdict\Verdict;

/** Cartridges that could stand where cups stood, the best first, and what is made for the best. */
final readonly class ConversionResult
{
    /**
     * @param  list<Cartridge>  $cartridges
     * @param  list<PieceToMake>  $pieces for the one that was chosen, else for the first of them
     */
    public function __construct(public array $cartridges, public array $pieces, public Verdict $verdict)
    {
    }
}
