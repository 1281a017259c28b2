<?php

declare(strict_types=1);

namespace App\Shapes;

use Attribute;

/** Of what class the JSON is that a property holds ready. */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final readonly class ShapeOf
{
    /** @param  class-string  $class */
    public function __construct(public string $class)
    {
    }
}
