<?php

declare(strict_types=1);

namespace CleanRace\Core\Proving;

use CleanRace\Core\Steps\Station;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;

/** Something that stands in the way of signing: a stop until it is put right, a care until a word is given. */
final readonly class Block
{
    /** Whether it stands in the way now. */
    public bool $open;

    /**
     * @param  ?string  $word why it may go all the same
     * @param  ?string  $part that still lies on the tray, when that is what stands in the way
     * @param  bool  $byWord whether a word lifts it; a stop is lifted by one only where somebody may decide so
     */
    public function __construct(
        public Level $level,
        public Station $station,
        public string $step,
        public Message $what,
        public ?string $word,
        public bool $byWord,
        public ?string $part = null,
    ) {
        $this->open = ! $byWord || $word === null;
    }
}
