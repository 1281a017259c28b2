<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Orders;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** Where each part of a bearing would speak. */
final readonly class DefectOrdersResult
{
    /**
     * @param  bool  $guessed whether the balls are as such bearings usually have them, and not from a list
     * @param  list<DefectOrder>  $orders outer ring, inner ring, ball, cage
     */
    public function __construct(public int $balls, public Length $ball, public bool $guessed, public array $orders, public Verdict $verdict)
    {
    }
}
