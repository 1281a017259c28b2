<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use LogicException;

/** Rows of a shop were asked for and nobody said of which: a fault of the program, answered with no row at all. */
final class NoShopNamed extends LogicException
{
    public static function here(): self
    {
        return new self('Nobody is signed in and no shop is named: whose rows are meant?');
    }
}
