<?php

declare(strict_types=1);

namespace Ops\Mutate;

/** One small change to a file of core, of the kind that a slip makes. */
final readonly class Edit
{
    /**
     * @param  string  $file below the root
     * @param  string  $class that the file holds; empty for a table
     * @param  int  $at offset in bytes
     * @param  int  $nth of those in the file that read alike, so that two can be told apart
     */
    public function __construct(
        public string $file,
        public string $class,
        public int $line,
        public int $at,
        public string $before,
        public string $after,
        public string $around,
        public int $nth = 0,
    ) {
    }

    /** What it is known by, wherever it comes to stand in its file. */
    public function key(): string
    {
        return implode('|', [$this->file, $this->around, $this->before, $this->after, $this->nth]);
    }

    public function applied(string $source): string
    {
        return substr_replace($source, $this->after, $this->at, strlen($this->before));
    }

    public function says(): string
    {
        $short = static fn (string $text): string => mb_strimwidth((string) preg_replace('/\s+/', ' ', $text), 0, 70, '…');

        return sprintf('%s:%d  %s  →  %s', $this->file, $this->line, $short($this->before), $short($this->after));
    }
}
