<?php

declare(strict_types=1);

namespace App\Shapes;

use Attribute;

/** Of what class the JSON is that a property holds ready. */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final readonly class ShapeOf
{
    /**
     * @param  class-string  $class
     * @param  bool  $many whether it is a list of them
     */
    public function __construct(public string $class, public bool $many = false)
    {
    }
}
