<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Practice\Bench\Spin\Fault;
use CleanRace\Core\Sound\Finding\Heard;
use CleanRace\Core\Sound\Finding\HeardWheel;

/** One simulated recording: what its wheel has, and what is heard in it. */
final readonly class HeardScene
{
    private function __construct(
        public string $kind,
        private Fault $fault,
        public Heard $finding,
        public int $turns,
        public bool $asABearing,
    ) {
    }

    /** Of the wheel no more is kept: thousands of them are counted. */
    public static function of(string $kind, Fault $fault, HeardWheel $heard): self
    {
        $turns = $heard->turns?->turning->whole() ?? 0;

        return new self($kind, $fault, $heard->judgement->finding, $turns, $heard->judgement->asABearing);
    }

    public function is(Heard ...$findings): bool
    {
        return in_array($this->finding, $findings, true);
    }

    public function names(): bool
    {
        return $this->finding->isPart();
    }

    /** Whether the part that is named is the one that is hurt. */
    public function namesRight(): bool
    {
        return $this->is(match ($this->fault) {
            Fault::Outer => Heard::OuterRing,
            Fault::Inner => Heard::InnerRing,
            Fault::Ball => Heard::Ball,
            default => Heard::Unclear,
        }) && $this->names();
    }

    public function told(): string
    {
        return "$this->kind called {$this->finding->value}";
    }
}
