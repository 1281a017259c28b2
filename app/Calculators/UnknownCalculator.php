<?php

declare(strict_types=1);

namespace App\Calculators;

use CleanRace\Core\Calculators\Registry;
use RuntimeException;

final class UnknownCalculator extends RuntimeException
{
    public function __construct(string $name)
    {
        parent::__construct(
            sprintf('There is no calculator "%s". There are: %s.', mb_substr($name, 0, 40), implode(', ', array_keys(Registry::all()))),
        );
    }
}
