<?php

declare(strict_types=1);

namespace App\Shapes;

/** A shape whose JSON schema does not follow from the types of its properties. */
interface HasSchema
{
    /** @return array<string, mixed> */
    public static function schema(Schemas $schemas): array;
}
