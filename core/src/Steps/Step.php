<?php

declare(strict_types=1);

namespace CleanRace\Core\Steps;

use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Verdict\HubWords;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Written;

/** One step of a station: what to do, with what, why, what can hurt, what to enter, and what is judged of it. */
final readonly class Step
{
    /**
     * @param  list<Ask>  $asks
     * @param  list<Verdict>  $verdicts the one that matters most first
     * @param  bool  $holds whether its verdicts count when the job is signed
     * @param  int  $handMinutes of hand time
     * @param  int  $waitMinutes of waiting that follows: soaking, cooling
     * @param  bool  $optional whether its station is settled without it
     * @param  bool  $onlyStops when it holds, whether a care is only advice
     * @param  list<Message>  $waitsFor what has to be done before it and is not
     * @param  ?Ordinary  $ordinary what one tap says of it
     * @param  bool  $lingers whether more than is wanted is usually entered at it
     * @param  bool  $settles whether it is through once its judgement is go, although nothing of it is wanted for itself
     * @param  bool  $through whether all that is usually entered at it is entered, although nothing of it is wanted for itself
     * @param  ?Message  $usualLabel what its ordinary answers are called, when not as usual
     * @param  bool  $judges whether what is entered at it is judged here, once there is enough of it
     * @param  bool  $leadsOn whether the next step follows by itself once it is done: nothing is left to read or to add
     */
    private function __construct(
        public string $id,
        public Message $title,
        public ?Message $detail = null,
        public ?Message $tool = null,
        public ?Message $why = null,
        public ?Message $caution = null,
        public ?Message $find = null,
        public ?string $part = null,
        public Panel $panel = Panel::Answers,
        public array $asks = [],
        public array $verdicts = [],
        public bool $done = false,
        public bool $holds = true,
        public bool $onlyStops = false,
        public int $handMinutes = 0,
        public int $waitMinutes = 0,
        public bool $optional = false,
        public array $waitsFor = [],
        public ?Ordinary $ordinary = null,
        private bool $lingers = false,
        private bool $settles = false,
        private bool $through = false,
        private ?Message $usualLabel = null,
        public bool $leadsOn = false,
        public bool $judges = false,
    ) {
    }

    /** @param  array<string, Quantity|Message|Written|int>  $values for the places in title and detail */
    public static function of(string $id, Message|string $title, Message|string|null $detail = null, array $values = []): self
    {
        return new self(
            $id,
            self::words("$id.title", $title, $values),
            $detail === null ? null : self::words("$id.detail", $detail, $values),
        );
    }

    /**
     * The tool, the reason, what can hurt, what to look for, and the part that lights up.
     *
     * @param  array<string, Quantity|Message|Written|int>  $values for the places in these words
     */
    public function with(
        Message|string|null $tool = null,
        Message|string|null $why = null,
        Message|string|null $caution = null,
        Message|string|null $find = null,
        ?string $part = null,
        array $values = [],
    ): self {
        $words = array_filter(compact('tool', 'why', 'caution', 'find'), static fn (Message|string|null $text): bool => $text !== null);
        $said = [];
        foreach ($words as $name => $text) {
            $said[$name] = self::words("{$this->id}.$name", $text, $values);
        }

        return $this->changed($part === null ? $said : $said + ['part' => $part]);
    }

    /**
     * Words of the step with what stands in them, and no more.
     *
     * @param  array<string, Quantity|Message|Written|int>  $values
     */
    private static function words(string $key, Message|string $text, array $values): Message
    {
        if ($text instanceof Message) {
            return $text;
        }

        return Message::of(
            $key,
            $text,
            array_filter($values, static fn (string $place): bool => str_contains($text, '{'.$place.'}'), ARRAY_FILTER_USE_KEY),
        );
    }

    /** The same, asking these too. */
    public function asking(Ask ...$asks): self
    {
        return $this->changed(['asks' => [...$this->asks, ...array_values($asks)]]);
    }

    /** A step that is done by doing it. */
    public function ticked(string $label = 'Done'): self
    {
        return $this->asking(Ask::tick(PlacesOf::done($this->id), $label));
    }

    /** A step that is done by doing it, and always said by itself: it keeps a wheel on, or keeps someone whole. */
    public function tickedByItself(string $label): self
    {
        return $this->asking(Ask::tick(PlacesOf::done($this->id), $label)->byItself());
    }

    /** The same, worked with that instrument. */
    public function on(Panel $panel): self
    {
        return $this->changed(['panel' => $panel]);
    }

    /** The same, with these judgements; what is null was not judged. */
    public function judged(?Verdict ...$verdicts): self
    {
        $all = [...$this->verdicts, ...array_values(array_filter($verdicts))];
        // What stops the work is seen first, whatever was judged before it.
        usort($all, static fn (Verdict $a, Verdict $b): int => ($b->level === Level::Stop) <=> ($a->level === Level::Stop));

        return $this->changed(['verdicts' => $all, 'judges' => $this->judges || $verdicts !== []]);
    }

    /** The same, taking so many minutes of hands, and of waiting after them. */
    public function taking(int $hand, int $wait = 0): self
    {
        return $this->changed(['handMinutes' => $hand, 'waitMinutes' => $wait]);
    }

    /** The same, where no judgement stands in the way of signing. */
    public function advice(): self
    {
        return $this->changed(['holds' => false]);
    }

    /** The same, where only a stop stands in the way of signing. */
    public function holdingStopsOnly(): self
    {
        return $this->changed(['onlyStops' => true]);
    }

    /** What has to be done before it, and is not yet. */
    public function after(Message ...$missing): self
    {
        return $this->changed(['waitsFor' => array_values($missing)]);
    }

    /** Its station does not wait for it. */
    public function optional(): self
    {
        return $this->changed(['optional' => true]);
    }

    /** The same, as the notebook has it: done or not, and what is left of it to say in one tap. */
    public function standing(bool $done, Notebook $notebook): self
    {
        $wants = array_filter($this->asks, static fn (Ask $a): bool => $a->wanted) !== [];
        $good = in_array($this->worst(), [null, Level::Go], true);
        $through = $wants ? $good : ($this->through && $good) || ($this->settles && $this->worst() === Level::Go);

        return $this->changed([
            'done' => $done,
            'ordinary' => Ordinary::ofStep($this->asks, $notebook, $this->usualLabel),
            'leadsOn' => $done && $through && ! $this->lingers,
        ]);
    }

    /** The same, through once its judgement is go: what decides it was entered, and no more is wanted. */
    public function settledByGo(bool $entered): self
    {
        return $this->changed(['settles' => $entered]);
    }

    /** The same, through once all that is usually entered at it is entered. */
    public function throughOnce(bool $entered): self
    {
        return $this->changed(['through' => $entered]);
    }

    /** The same, its ordinary answers called otherwise than usual. */
    public function ordinarily(Message|string $label): self
    {
        return $this->changed(['usualLabel' => self::words("{$this->id}.ordinary", $label, [])]);
    }

    /** The same, where more than is wanted is usually entered: it waits for a word before the next follows. */
    public function lingering(bool $lingers = true): self
    {
        return $this->changed(['lingers' => $lingers]);
    }

    /** The same, done or not. */
    public function markedDone(bool $done): self
    {
        return $this->changed(['done' => $done]);
    }

    /** The same in the words of that hub. */
    public function inWordsOf(HubWords $hub): self
    {
        return $this->changed([
            'title' => $this->title->inWordsOf($hub),
            'detail' => $this->detail?->inWordsOf($hub),
            'tool' => $this->tool?->inWordsOf($hub),
            'why' => $this->why?->inWordsOf($hub),
            'caution' => $this->caution?->inWordsOf($hub),
            'find' => $this->find?->inWordsOf($hub),
            'asks' => array_map(static fn (Ask $a): Ask => $a->inWordsOf($hub), $this->asks),
            'verdicts' => array_map(static fn (Verdict $v): Verdict => $v->inWordsOf($hub), $this->verdicts),
            'waitsFor' => array_map(static fn (Message $m): Message => $m->inWordsOf($hub), $this->waitsFor),
            'ordinary' => $this->ordinary?->inWordsOf($hub),
        ]);
    }

    /** The worst of its judgements; null when there is none. */
    public function worst(): ?Level
    {
        return array_reduce(
            $this->verdicts,
            static fn (?Level $l, Verdict $v): Level => $l === null ? $v->level : $l->worse($v->level),
            null,
        );
    }

    /** What of its judgement still counts at the end: none when it was advice. */
    public function open(): ?Verdict
    {
        if (! $this->holds) {
            return null;
        }
        foreach ($this->verdicts as $verdict) {
            if (
                $verdict->level === $this->worst() &&
                ($verdict->level === Level::Stop || ($verdict->level === Level::Care && ! $this->onlyStops))
            ) {
                return $verdict;
            }
        }

        return null;
    }

    /** @param  array<string, mixed>  $changed */
    private function changed(array $changed): self
    {
        /** @var array{id: string, title: Message} $all */
        $all = [...get_object_vars($this), ...$changed];

        return new self(...$all);
    }
}
