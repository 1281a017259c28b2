<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

use CleanRace\Core\Verdict\Message;

/** What is found, how likely each finding is, and why. */
final readonly class Judgement
{
    /**
     * @param  array<string, float>  $likelihoods by finding; together one
     * @param  non-empty-list<Message>  $why
     */
    public function __construct(
        public Heard $finding,
        public array $likelihoods,
        public array $why,
    ) {
    }
}
