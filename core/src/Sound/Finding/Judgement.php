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
     * @param  bool  $asABearing whether it sounds as a bearing does though no part can be named
     */
    public function __construct(
        public Heard $finding,
        public array $likelihoods,
        public array $why,
        public bool $asABearing = false,
    ) {
    }

    /** The same, with more to say of it. */
    public function also(Message ...$more): self
    {
        return new self($this->finding, $this->likelihoods, [...$this->why, ...array_values($more)], $this->asABearing);
    }
}
