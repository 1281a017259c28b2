<?php

declare(strict_types=1);

namespace CleanRace\Core\Steps;

use CleanRace\Core\Hub\Finding;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Notebook\PlaceTable;
use CleanRace\Core\Verdict\Message;

/** Something to enter: where it is kept, what it is called, how it is entered. */
final readonly class Ask
{
    /** What is answered here, wherever it is asked: `depth`, `eye`, `feel`; empty where nobody tells it apart. */
    public string $role;

    /** The seat that it is about: left or right of a pair, or the part that sits there; null when it is about none. */
    public ?string $seat;

    /**
     * @param  list<Option>  $options
     * @param  list<Finding>  $findings what may be seen of a part of that kind
     * @param  ?string  $picture of where the instrument stands; such an ask may be skipped with a reason
     * @param  ?string  $before the place where the same was said when the wheel came in
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
    ) {
        $known = PlaceTable::find($place);
        $this->role = $known->role ?? '';
        $this->seat = $known?->seat;
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
    public static function choices(
        string $place,
        Message|string $label,
        array $options,
        bool $wanted = true,
        Message|string|null $hint = null,
    ): self {
        return new self($place, AskKind::Choices, $label, $wanted, $options, hint: $hint);
    }

    /** Something that is done by doing it. */
    public static function tick(string $place, Message|string $label): self
    {
        return new self($place, AskKind::Tick, $label, true);
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

    /** Changes to the parts of the hub. */
    public static function stack(): self
    {
        return new self(Places::HUB, AskKind::Stack, 'Parts of the hub', false);
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

    /** How many. */
    public static function count(string $place, Message|string $label, bool $wanted = false): self
    {
        return new self($place, AskKind::Count, $label, $wanted);
    }

    /** What a machine's meter shows. */
    public static function meter(string $place, Message|string $label): self
    {
        return new self($place, AskKind::Meter, $label, false, hint: '12 400 km, or 320 h');
    }

    /** When something is to be looked at again. */
    public static function when(string $place, Message|string $label): self
    {
        return new self($place, AskKind::When, $label, false, hint: 'a day, 6 months, spring, 12 000 km');
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
        );
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
        unset($all['role'], $all['seat']);

        /** @var array{place: string, kind: AskKind, label: string, wanted: bool} $all */
        return new self(...$all);
    }

    /** Whether something that counts as an answer is kept at its place: of a part, that it is where it is to be. */
    public function isEntered(Notebook $notebook): bool
    {
        $entry = $notebook->value($this->place);

        return match ($this->kind) {
            AskKind::Tick => $notebook->done($this->place),
            AskKind::Part => in_array(
                $entry['state'] ?? null,
                [
                    $this->until?->value,
                    PartState::Fitted->value,
                    PartState::NotThere->value,
                    PartState::Stays->value,
                    ...$this->until === PartState::OnTray ? [PartState::Scrapped->value] : [],
                ],
                true,
            ),
            AskKind::Choices => $notebook->choices($this->place) !== [],
            default => $entry !== null,
        };
    }
}
