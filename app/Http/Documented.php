<?php

declare(strict_types=1);

namespace App\Http;

use Attribute;

/** What a controller's method takes and answers, for the OpenAPI document that is made from the code. */
#[Attribute(Attribute::TARGET_METHOD)]
final readonly class Documented
{
    /**
     * @param  ?class-string  $answers the shape of the answer; none when there is no body
     * @param  bool  $page whether a page of them is answered, with a cursor to the next
     * @param  bool  $orLater whether what takes long is answered as an errand, done behind the answer
     */
    public function __construct(
        public string $summary,
        public ?string $answers = null,
        public int $status = 200,
        public bool $page = false,
        public bool $many = false,
        public bool $orLater = false,
    ) {
    }
}
