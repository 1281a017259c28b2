<?php

declare(strict_types=1);

namespace App\Calculators;

use RuntimeException;

/** What is wrong with an input: one sentence a field. */
final class InputFaults extends RuntimeException
{
    /** @param  list<array{field: string, detail: string, missing?: bool}>  $faults what is missing is only not said yet */
    public function __construct(public readonly array $faults)
    {
        parent::__construct($faults[0]['detail'] ?? 'The input is not right.');
    }
}
