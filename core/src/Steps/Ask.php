<?php

declare(strict_types=1);

namespace CleanRace\Core\Steps;

use CleanRace\Core\Hub\Finding;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Notebook\PlaceTable;
use CleanRace\Core\Verdict\HubWords;
use CleanRace\Core\Verdict\Message;

/** Something to enter: where it is kept, what it is called, how it is entered. */
final readonly class Ask
{
    /** What is answered here, wherever it is asked: `depth`, `eye`, `feel`; empty where nobody tells it apart. */
    public string $role;

    /** The seat that it is about: left or right of a pair, or the part that sits there; null when it is about none. */
    public ?string $seat;

    /** The id of the part that it is about; null when it is about none, or the seat of one. */
    public ?string $part;

    /**
     * @param  list<Option>  $options
     * @param  list<Finding>  $findings what may be seen of a part of that kind
     * @param  ?string  $picture of where the instrument stands; such an ask may be skipped with a reason
     * @param  ?string  $before the place where the same was said when the wheel came in
     * @param  ?array<string, bool|string|list<string>>  $usual the entry when all is as it should be; null when it is always said by
     *   itself
     * @param  bool  $mayLack whether such a hub may be built without the part
     * @param  bool  $leave whether the part is looked at and left where it is, unless something is wrong with it
     * @param  ?string  $stamp what a tick is said of, as names parted by commas: it is asked anew once there is another among them
     * @param  ?string  $at where it stands on the instrument: an hour of the clock, or a depth and an hour; of
     *   photos, the place they are of
     */
    private function __construct(
        public string $place,
        public AskKind $kind,
        public Message|string $label,
        public bool $wanted,
        public array $options = [],
        public ?Instrument $instrument = null,
        public ?string $at = null,
        public Message|string|null $hint = null,
        public ?PartState $until = null,
        public bool $borrowed = false,
        public ?string $picture = null,
        public array $findings = [],
        public ?string $before = null,
        public bool $leave = false,
        public bool $mayLack = false,
        private ?array $usual = null,
        public ?string $stamp = null,
    ) {
        $known = PlaceTable::find($place);
        $this->role = $known->role ?? '';
        [$this->seat, $this->part] = [$known?->seat, $known?->part];
    }

    /** A size: more than zero. */
    public static function length(
        string $place,
        Message|string $label,
        Instrument $by = Instrument::DigitalCaliper,
        bool $wanted = true,
        ?string $at = null,
        Message|string|null $hint = null,
    ): self {
        return new self($place, AskKind::Length, $label, $wanted, instrument: $by, at: $at, hint: $hint);
    }

    /** A depth: may be zero or less. */
    public static function depth(
        string $place,
        Message|string $label,
        bool $wanted = true,
        ?string $at = null,
        Message|string|null $hint = null,
        Instrument $by = Instrument::DepthCaliper,
    ): self {
        return new self($place, AskKind::Depth, $label, $wanted, instrument: $by, at: $at, hint: $hint);
    }

    /** @param  list<Option>  $options */
    public static function choice(
        string $place,
        Message|string $label,
        array $options,
        bool $wanted = true,
        Message|string|null $hint = null,
    ): self {
        return new self($place, AskKind::Choice, $label, $wanted, $options, hint: $hint);
    }

    /** @param  list<Option>  $options any number of them */
    public static function choices(string $place, Message|string $label, array $options, bool $wanted = true, ?string $hint = null): self
    {
        return new self($place, AskKind::Choices, $label, $wanted, $options, hint: $hint);
    }

    /** Something that is done by doing it. */
    public static function tick(string $place, Message|string $label): self
    {
        return new self($place, AskKind::Tick, $label, true, usual: ['done' => true]);
    }

    /** Something to be written down. */
    public static function text(string $place, Message|string $label, bool $wanted = true, Message|string|null $hint = null): self
    {
        return new self($place, AskKind::Text, $label, $wanted, hint: $hint);
    }

    /** Photos of what is measured at a place. */
    public static function photos(self $of): self
    {
        return new self($of->place.'.photos', AskKind::Photos, $of->label, false, at: $of->place);
    }

    /** A bearing number. */
    public static function number(string $place, Message|string $label, bool $wanted = true, Message|string|null $hint = null): self
    {
        return new self($place, AskKind::Number, $label, $wanted, hint: $hint);
    }

    /** A torque: N·m, ft-lb or in-lb as typed. */
    public static function torque(string $place, Message|string $label, bool $wanted = true): self
    {
        return new self($place, AskKind::Torque, $label, $wanted, hint: 'N·m, or write ft-lb');
    }

    /** A temperature of the shop, °C or °F as typed. */
    public static function temperature(string $place, Message|string $label, bool $wanted = true): self
    {
        return new self($place, AskKind::Temperature, $label, $wanted, hint: '°C, or write F');
    }

    /** The temperature of something that was warmed. */
    public static function heat(string $place, Message|string $label): self
    {
        return new self($place, AskKind::Heat, $label, false, hint: '°C, or write F');
    }

    /** What a press gauge, a load cell or a torque wrench shows. */
    public static function gauge(string $place, Message|string $label): self
    {
        return new self($place, AskKind::Gauge, $label, false, hint: '35 bar, 2.4 kN, 6 Nm');
    }

    /** A screw thread. */
    public static function thread(string $place, Message|string $label, bool $wanted = false): self
    {
        return new self($place, AskKind::Thread, $label, $wanted, hint: 'M10 × 1, or 3/8-26');
    }

    /** How far something is turned. */
    public static function turn(string $place, Message|string $label, bool $wanted = false): self
    {
        return new self($place, AskKind::Turn, $label, $wanted, hint: 'degrees, 8 min, 1/4 turn');
    }

    /** Entered as its kind is, with nothing more to say of it: how many, a recording, a machine's meter. */
    public static function plain(AskKind $kind, string $place, Message|string $label, bool $wanted = false, ?string $hint = null): self
    {
        return new self($place, $kind, $label, $wanted, hint: $hint);
    }

    /** One try of a cone: its mark, when it was judged, what was felt, the play at the rim. */
    public static function coneTry(string $place, Message|string $label, bool $wanted): self
    {
        return new self($place, AskKind::ConeTry, $label, $wanted, instrument: Instrument::DigitalCaliper);
    }

    /** A part to lay on the tray, or to fit: asked until it is there. */
    public static function part(Part $part, PartState $until): self
    {
        return new self(
            PlacesOf::part($part->id),
            AskKind::Part,
            $part->name,
            true,
            Option::of($part->kind->ways()),
            until: $until,
            findings: $until === PartState::OnTray ? Finding::of($part->kind) : [],
            mayLack: $until === PartState::OnTray && $part->kind->mayLack(),
            usual: $part->kind->usualEntry($until),
        );
    }

    /** The same in the words of that hub. */
    public function inWordsOf(HubWords $hub): self
    {
        return $this->changed([
            'label' => Message::ofHub($this->label, $hub),
            'hint' => $this->hint === null ? null : Message::ofHub($this->hint, $hub),
            'options' => array_map(static fn (Option $o): Option => $o->inWordsOf($hub), $this->options),
        ]);
    }

    /** The same by another label. */
    public function called(Message|string $label): self
    {
        return $this->changed(['label' => $label]);
    }

    /** A part that is looked at, and left in when it is good. */
    public function leftIn(): self
    {
        return $this->changed([
            'leave' => true,
            'usual' => $this->usual === null ? null : ['state' => PartState::Stays->value, 'condition' => 'use'],
        ]);
    }

    /** The same, with the answer that is given when all is as it should be. */
    public function usually(string ...$said): self
    {
        return $this->changed(['usual' => $this->kind === AskKind::Choices ? ['choices' => array_values($said)] : ['choice' => $said[0]]]);
    }

    /** Never said along with others: it keeps a wheel on, or stops it. */
    public function byItself(): self
    {
        return $this->changed(['usual' => null]);
    }

    /** @return ?array<string, bool|string|list<string>> what is entered when all is as it should be; null when it is said by itself */
    public function usual(): ?array
    {
        return $this->usual;
    }

    /** Measured before the hub comes apart; the picture shows where the instrument stands. */
    public function captured(string $picture): self
    {
        return $this->changed(['picture' => $picture]);
    }

    /** Asked at an earlier step as well: shown here, but no sign that this step was begun. */
    public function borrowed(): self
    {
        return $this->changed(['borrowed' => true, 'wanted' => false]);
    }

    /** The same as was said at another place, when the wheel came in. */
    public function after(string $before): self
    {
        return $this->changed(['before' => $before]);
    }

    /** @param  array<string, mixed>  $changed */
    private function changed(array $changed): self
    {
        $all = [...get_object_vars($this), ...$changed];
        // What its place says follows from it.
        unset($all['role'], $all['seat'], $all['part']);

        /** @var array{place: string, kind: AskKind, label: string, wanted: bool} $all */
        return new self(...$all);
    }

    /** The same tick, said of these things: names parted by commas. */
    public function saidOf(string $stamp): self
    {
        return $this->changed(['stamp' => $stamp]);
    }

    /** Whether something that counts as an answer is kept at its place: of a part, that it is where it is to be. */
    public function isEntered(Notebook $notebook): bool
    {
        return match ($this->kind) {
            AskKind::Tick => $notebook->doneOf($this->place, $this->stamp),
            AskKind::Part => PartState::tryFrom($notebook->value($this->place)['state'] ?? '')?->answers($this->until) === true,
            AskKind::Choices => $notebook->choices($this->place) !== [],
            default => $notebook->has($this->place),
        };
    }
}
