<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\LookOver;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** What is looked at once a hub is apart: of the hub what carries its bearings, and beside it what is looked over while it is here. */
final readonly class Looks
{
    /** What stops a wheel or steers it is never said along with others. */
    private const BY_ITSELF = ['pads', 'boots'];

    /**
     * @param  array<string, Message>  $labels what is looked at, by the place where it is judged
     * @param  list<string>  $wanted places without which the looking is not done
     * @param  list<string>  $alone places that are said by themselves
     */
    private function __construct(
        private Bench $bench,
        private array $labels,
        private array $wanted,
        private array $alone,
        private bool $ofHub,
    ) {
    }

    /** Bores, groove and axle: new bearings are put into no seat that does not hold them. */
    public static function ofHub(Bench $bench): self
    {
        $card = $bench->pattern->card();
        $bore = static fn (Side $side): Message => Message::of('look.bore', '{side} bore', ['side' => Message::plain($card->side($side))]);
        $stack = $bench->hub->stack;
        $bores =
            count($stack->cartridges()) === 1
                ? [Places::LOOK_BORE_LEFT => Message::plain('Bore')]
                : [Places::LOOK_BORE_LEFT => $bore(Side::Left), Places::LOOK_BORE_RIGHT => $bore(Side::Right)];

        return new self(
            $bench,
            [
                ...$bores,
                ...self::hasShoulder($stack) ? [Places::LOOK_SHOULDER => Message::plain('Shoulder of the bore')] : [],
                ...$stack->one(PartKind::Sleeve) === null || $bench->isStillCups()
                    ? []
                    : [Places::LOOK_TUBE => Message::plain('Ends of the spacer tube')],
                ...$stack->ofKind(PartKind::SnapRing) === [] ? [] : [Places::LOOK_GROOVE => Message::plain('Ring groove')],
                Places::LOOK_AXLE => Message::plain('Axle or shaft'),
            ],
            array_keys($bores),
            [],
            true,
        );
    }

    private static function hasShoulder(Stack $stack): bool
    {
        $housing = $stack->one(PartKind::Housing);

        return $housing !== null && ($housing->mm('ledge_left') > 0 || $housing->mm('ledge_right') > 0) && $stack->cartridges() !== [];
    }

    /** What is not of the hub. */
    public static function around(Bench $bench): self
    {
        $there = LookOver::possible($bench->pattern);
        $alone = array_filter($there, static fn (LookOver $o): bool => in_array($o->name, self::BY_ITSELF, true));

        return new self(
            $bench,
            array_combine(
                array_map(static fn (LookOver $o): string => $o->place(), $there),
                array_map(static fn (LookOver $o): Message => Message::plain($o->label), $there),
            ),
            [],
            array_map(static fn (LookOver $o): string => $o->place(), array_values($alone)),
            false,
        );
    }

    /** What is looked for around the hub, in one sentence for each. */
    public static function what(Bench $bench): Message
    {
        return Message::listed(
            array_map(
                static fn (LookOver $o): Message => Message::of('look.over', '{what}: {look}.', [
                    'what' => Message::plain($o->label),
                    'look' => Message::within($o->look),
                ]),
                LookOver::possible($bench->pattern),
            ),
            ' ',
        );
    }

    /** @return list<Ask> */
    public function asks(): array
    {
        $judged = Option::of(['use' => 'Use', 'note' => 'Use, and look again', 'replace' => 'Repair or replace']);
        $asks = [];
        foreach ($this->labels as $place => $label) {
            $ask = Ask::choice($place, $label, $judged, wanted: in_array($place, $this->wanted, true));
            $asks[] = in_array($place, $this->alone, true) ? $ask : $ask->usually('use');
        }

        return $asks;
    }

    /** @return list<Message> what is used and looked at again */
    public function noted(): array
    {
        return $this->said('note');
    }

    /** What is to be repaired or replaced; null when nothing is. */
    public function verdict(): ?Verdict
    {
        $bad = $this->said('replace');
        if ($bad === []) {
            return null;
        }
        $things = ['things' => Message::listed([$bad[0], ...array_map(Message::within(...), array_slice($bad, 1))])];

        return $this->ofHub
            ? Verdict::stop(
                Message::of('look.mend', 'To be mended first: {things}', $things),
                Message::of('look.mend.say', 'What does not hold a bearing spoils the new one.'),
            )->next(Message::of('look.mend.next', 'Mended, or new: look again, and say *Use*.'))
            : Verdict::care(
                Message::of('look.replace', 'To be replaced: {things}', $things),
                Message::of('look.replace.say', 'It is beside the bearing. The customer hears of it before the machine goes back.'),
            );
    }

    /** @return list<Message> what was judged so */
    private function said(string $judgement): array
    {
        $places = array_filter(
            array_keys($this->labels),
            fn (string $place): bool => $this->bench->notebook->choice($place) === $judgement,
        );

        return array_values(array_map(fn (string $place): Message => $this->labels[$place], $places));
    }
}
