<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** A number that knows its unit. */
interface Quantity
{
    /** The number, in {@see self::unit()}. */
    public function amount(): float;

    /** The unit its amount is in. */
    public function unit(): Unit;
}
