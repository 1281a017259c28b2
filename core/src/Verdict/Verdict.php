<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

/**
 * The one shape of every judgement: level, a headline, one plain sentence, the figures that matter, why, what to
 * do next, what would settle it, and how it was worked out.
 */
final readonly class Verdict
{
    /**
     * @param  list<Figure>  $figures
     * @param  list<Message>  $why
     */
    private function __construct(
        public Level $level,
        public Message $headline,
        public Message $sentence,
        public array $figures = [],
        public array $why = [],
        public ?Message $next = null,
        public ?Message $settledBy = null,
        public Working $working = new Working([]),
        public ?VerdictKind $kind = null,
    ) {
    }

    public static function of(Level $level, Message $headline, Message $sentence): self
    {
        return new self($level, $headline, $sentence);
    }

    public static function go(Message $headline, Message $sentence): self
    {
        return new self(Level::Go, $headline, $sentence);
    }

    public static function care(Message $headline, Message $sentence): self
    {
        return new self(Level::Care, $headline, $sentence);
    }

    public static function stop(Message $headline, Message $sentence): self
    {
        return new self(Level::Stop, $headline, $sentence);
    }

    /** What it is of, where a page shows more of it than its words. */
    public function about(VerdictKind $kind): self
    {
        return $this->with(['kind' => $kind]);
    }

    public function showing(Figure ...$figures): self
    {
        return $this->with(['figures' => [...$this->figures, ...array_values($figures)]]);
    }

    public function because(Message ...$why): self
    {
        return $this->with(['why' => [...$this->why, ...array_values($why)]]);
    }

    public function next(?Message $next): self
    {
        return $this->with(['next' => $next]);
    }

    /** The one check or instrument that would settle the matter alone. */
    public function settledBy(?Message $what): self
    {
        return $this->with(['settledBy' => $what]);
    }

    public function workedOut(Working $working): self
    {
        return $this->with(['working' => $this->working->then($working)]);
    }

    /** @param  array<string, mixed>  $changed */
    private function with(array $changed): self
    {
        /** @var array{level: Level, headline: Message, sentence: Message} $all */
        $all = [...get_object_vars($this), ...$changed];

        return new self(...$all);
    }
}
