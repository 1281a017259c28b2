<?php

declare(strict_types=1);

namespace CleanRace\Core\Steps;

use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Verdict\HubWords;
use CleanRace\Core\Verdict\Message;

/**
 * What is ordinary at a step and was not said yet: one tap says all of it, and only the exceptions are said one by one.
 * What keeps a wheel on or stops it is never in it.
 */
final readonly class Ordinary
{
    /**
     * @param  list<Message|string>  $says what exactly the tap says, in a few words each
     * @param  list<OrdinaryAnswer>  $answers what it enters, in this order
     */
    private function __construct(public Message $label, public array $says, public array $answers)
    {
    }

    /** The same in the words of that hub. */
    public function inWordsOf(HubWords $hub): self
    {
        $said = static fn (Message|string $words): Message|string => Message::ofHub($words, $hub);

        return new self($this->label->inWordsOf($hub), array_map($said, $this->says), $this->answers);
    }

    /**
     * Of one step: null when fewer than two answers are left that one tap could give.
     *
     * @param  list<Ask>  $asks
     * @param  ?Message  $label what these are called, when not as usual
     */
    public static function ofStep(array $asks, Notebook $notebook, ?Message $label = null): ?self
    {
        return self::of($asks, $notebook, static fn (bool $off, bool $on, bool $stay): Message => $label ?? match (true) {
            $stay => Message::of('ordinary.stay', 'All of these left in, good'),
            $off => Message::of('ordinary.off', 'All of these off: good, as drawn'),
            $on => Message::of('ordinary.in', 'All of these in, as they should be'),
            default => Message::of('ordinary.all', 'All of it as it should be'),
        });
    }

    /**
     * Of a whole take-down, when more than one of its steps has something left to say.
     *
     * @param  list<Step>  $steps
     */
    public static function ofTakeDown(array $steps, Notebook $notebook): ?self
    {
        $asks = array_merge(...array_map(static fn (Step $s): array => $s->asks, $steps));
        $parts = array_filter($asks, static fn (Ask $a): bool => self::waits($a, $notebook) && $a->until === PartState::OnTray);

        return count($parts) < 2
            ? null
            : self::of(
                $asks,
                $notebook,
                static fn (): Message => Message::of('ordinary.take_down', 'The whole take-down: off, good, as drawn'),
                self::titles($steps),
            );
    }

    /**
     * @param  list<Step>  $steps
     * @return array<string, Message> what is done at a step that is done by doing it, by the place of its tick
     */
    private static function titles(array $steps): array
    {
        $titles = [];
        foreach ($steps as $step) {
            $ticks = array_filter($step->asks, static fn (Ask $a): bool => $a->kind === AskKind::Tick);
            foreach ($step->asks as $ask) {
                if ($ask->kind === AskKind::Tick) {
                    // Where several things are ticked at one step, each is called by its own name.
                    $titles[$ask->place] = count($ticks) === 1 ? $step->title : Message::plain($ask->label);
                }
            }
        }

        return $titles;
    }

    /**
     * @param  list<Ask>  $asks
     * @param  callable(bool, bool, bool): Message  $label by whether a part comes off, whether one goes in, whether all stay where they are
     * @param  array<string, Message>  $called by place, what is called otherwise than it is asked
     */
    private static function of(array $asks, Notebook $notebook, callable $label, array $called = []): ?self
    {
        $waiting = array_values(array_filter($asks, static fn (Ask $a): bool => self::waits($a, $notebook)));
        if (count($waiting) < 2) {
            return null;
        }
        $parts = array_filter($waiting, static fn (Ask $a): bool => $a->kind === AskKind::Part);
        $until = static fn (PartState $state): bool => array_filter($parts, static fn (Ask $a): bool => $a->until === $state) !== [];

        $stays = array_filter($parts, static fn (Ask $a): bool => ($a->usual()['state'] ?? null) === PartState::Stays->value);

        return new self(
            $label($until(PartState::OnTray), $until(PartState::Fitted), $parts !== [] && count($stays) === count($parts)),
            array_map(static fn (Ask $a): Message|string => $called[$a->place] ?? self::says($a, $notebook), $waiting),
            array_map(static fn (Ask $a): OrdinaryAnswer => OrdinaryAnswer::at($a->place, self::entry($a, $notebook)), $waiting),
        );
    }

    private static function waits(Ask $ask, Notebook $notebook): bool
    {
        return $ask->usual() !== null && ! $ask->borrowed && ! $ask->isEntered($notebook);
    }

    /** @return array<string, bool|string|list<string>> */
    private static function entry(Ask $ask, Notebook $notebook): array
    {
        $usual = $ask->usual() ?? [];
        if ($ask->kind !== AskKind::Part || $ask->until !== PartState::Fitted) {
            return $usual;
        }

        // What was to be replaced, and what is new whenever a hub is done, goes in new.
        return self::isNew($ask, $notebook) ? [...$usual, 'new' => true] : $usual;
    }

    private static function isNew(Ask $ask, Notebook $notebook): bool
    {
        return ($notebook->value($ask->place)['condition'] ?? null) === 'replace';
    }

    private static function says(Ask $ask, Notebook $notebook): Message|string
    {
        $label = Message::plain($ask->label);
        $usual = $ask->usual() ?? [];
        $part = static fn (string $key, string $text): Message => Message::of("ordinary.$key", $text, ['part' => $label]);
        if ($ask->kind === AskKind::Part) {
            return match (true) {
                ($usual['state'] ?? null) === PartState::Stays->value => $part('stays', '{part}: left in, good'),
                ($usual['condition'] ?? null) === 'replace' => $part('renewed', '{part}: to be renewed'),
                $ask->until === PartState::Fitted && self::isNew($ask, $notebook) => $part('new', '{part}, a new one'),
                default => $ask->label,
            };
        }
        $said = [...(array) ($usual['choices'] ?? []), ...(array) ($usual['choice'] ?? [])];
        $options = array_filter($ask->options, static fn (Option $o): bool => in_array($o->value, $said, true));

        return $said === []
            ? $ask->label
            : Message::of('ordinary.said', '{label}: {answer}', [
                'label' => $label,
                'answer' => Message::listed(array_map(static fn (Option $o): Message => Message::within($o->label), $options)),
            ]);
    }
}
