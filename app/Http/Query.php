<?php

declare(strict_types=1);

namespace App\Http;

use Attribute;

/** What a controller's method reads from the address behind the question mark. */
#[Attribute(Attribute::TARGET_METHOD | Attribute::IS_REPEATABLE)]
final readonly class Query
{
    /** @param  string  $type string, integer or boolean; a boolean is written 1 */
    public function __construct(public string $name, public string $description, public string $type = 'string')
    {
    }
}
