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

    /** A judgement: what it comes to in a few words, and one sentence. */
    public static function of(Level $level, Message $headline, Message $sentence): self
    {
        return new self($level, $headline, $sentence);
    }

    /** Carry on. */
    public static function go(Message $headline, Message $sentence): self
    {
        return new self(Level::Go, $headline, $sentence);
    }

    /** Carry on with your eyes open. */
    public static function care(Message $headline, Message $sentence): self
    {
        return new self(Level::Care, $headline, $sentence);
    }

    /** Do not go on. */
    public static function stop(Message $headline, Message $sentence): self
    {
        return new self(Level::Stop, $headline, $sentence);
    }

    /** What it is of, where a page shows more of it than its words. */
    public function about(VerdictKind $kind): self
    {
        return $this->with(['kind' => $kind]);
    }

    /** The same with these figures too. */
    public function showing(Figure ...$figures): self
    {
        return $this->with(['figures' => [...$this->figures, ...array_values($figures)]]);
    }

    /** The same with these reasons too. */
    public function because(Message ...$why): self
    {
        return $this->with(['why' => [...$this->why, ...array_values($why)]]);
    }

    /** The same with what to do next. */
    public function next(?Message $next): self
    {
        return $this->with(['next' => $next]);
    }

    /** The one check or instrument that would settle the matter alone. */
    public function settledBy(?Message $what): self
    {
        return $this->with(['settledBy' => $what]);
    }

    /** The same with how it was reached. */
    public function workedOut(Working $working): self
    {
        return $this->with(['working' => $this->working->then($working)]);
    }

    /** The same in the words of that hub. */
    public function inWordsOf(HubWords $hub): self
    {
        return $this->with([
            'headline' => $this->headline->inWordsOf($hub),
            'sentence' => $this->sentence->inWordsOf($hub),
            'figures' => array_map(static fn (Figure $f): Figure => $f->inWordsOf($hub), $this->figures),
            'why' => array_map(static fn (Message $m): Message => $m->inWordsOf($hub), $this->why),
            'next' => $this->next?->inWordsOf($hub),
            'settledBy' => $this->settledBy?->inWordsOf($hub),
            'working' => $this->working->inWordsOf($hub),
        ]);
    }

    /** @param  array<string, mixed>  $changed */
    private function with(array $changed): self
    {
        /** @var array{level: Level, headline: Message, sentence: Message} $all */
        $all = [...get_object_vars($this), ...$changed];

        return new self(...$all);
    }
}
