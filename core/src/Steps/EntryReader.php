<?php

declare(strict_types=1);

namespace CleanRace\Core\Steps;

use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Catalogue\Thread;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\StackEdits;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\LookAgain;
use CleanRace\Core\Measure\Meter;
use CleanRace\Core\Measure\Typed\AngleText;
use CleanRace\Core\Measure\Typed\GaugeText;
use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Measure\Typed\TemperatureText;
use CleanRace\Core\Measure\Typed\TorqueText;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Place;

/** Turns what a person entered into what the notebook keeps, or says in one sentence what is wrong with it. */
final readonly class EntryReader
{
    private const LONGEST_TEXT = 2000;

    private const MOST_PHOTOS = 12;

    private const MOST_THINGS = 200;

    private const SYMBOLS = ['mm' => 'mm', 'nm' => 'N·m', 'c' => '°C', 'deg' => '°', 'count' => ''];

    /** Ten turns, in degrees. */
    private const MOST_TURN = 3600.0;

    /** When a cone may be judged, and what may be felt of it. */
    public const TRY_STAGES = ['open', 'one_nut', 'locked', 'clamped'];

    public const TRY_FELT = ['binds', 'gritty', 'none', 'trace', 'play'];

    /** Conditions a part may be laid down in. */
    public const CONDITIONS = ['use', 'note', 'replace'];

    public function __construct(private DesignationReader $designations = new DesignationReader())
    {
    }

    /**
     * @param  array<string, mixed>  $entry as it came
     * @param  string  $unit what a bare length is in, `mm` or `in`
     * @param  ?array<string, mixed>  $before what stands there now
     * @param  list<string>  $findings what may be seen of the part here, by name
     * @return array<string, mixed> what is kept; what was typed is kept beside what it means
     *
     * @throws InvalidInput when it is not what this place asks for, or makes no sense there
     */
    public function read(Place $place, array $entry, string $unit, ?array $before = null, array $findings = []): array
    {
        if ($place->skippable && isset($entry['skipped'])) {
            return ['skipped' => self::text($entry['skipped'])];
        }

        return match ($place->kind) {
            AskKind::Length, AskKind::Depth => self::sensible($place, 'mm', $this->length($place, $entry, $unit)),
            AskKind::Choice => ['choice' => $this->option($place, $entry['choice'] ?? null)],
            AskKind::Choices => [
                'choices' => array_map(fn (mixed $c): string => $this->option($place, $c), self::list($entry['choices'] ?? null)),
            ],
            AskKind::Tick => [
                'done' => is_bool($entry['done'] ?? null) ? $entry['done'] : throw new InvalidInput('Say whether it is done or not.'),
            ] + (is_string($entry['of'] ?? null) ? ['of' => self::text($entry['of'])] : []),
            AskKind::Text => ['text' => self::text($entry['text'] ?? null)],
            AskKind::Number => $this->number(self::text($entry['text'] ?? null)),
            AskKind::Torque => self::sensible($place, 'nm', [
                'nm' => (new TorqueText())->read(self::text($entry['typed'] ?? null))->newtonMetres,
                'typed' => self::text($entry['typed'] ?? null),
            ]),
            AskKind::Temperature, AskKind::Heat => self::sensible($place, 'c', [
                'c' => ($place->kind === AskKind::Heat ? TemperatureText::ofHub() : TemperatureText::ofShop())->read(
                    self::text($entry['typed'] ?? null),
                )->celsius,
                'typed' => self::text($entry['typed'] ?? null),
            ]),
            AskKind::Gauge => self::gauge(self::text($entry['typed'] ?? null)),
            AskKind::Thread => [
                'text' => self::text($entry['text'] ?? null),
                'pitch' => Thread::read(self::text($entry['text'] ?? null))->pitch->mm,
            ],
            AskKind::Turn => self::sensible($place, 'deg', [
                'deg' => (new AngleText())->read(self::text($entry['typed'] ?? null))->degrees,
                'typed' => self::text($entry['typed'] ?? null),
            ]),
            AskKind::Count => self::sensible($place, 'count', [
                'count' => self::count(self::text($entry['typed'] ?? null)),
                'typed' => self::text($entry['typed'] ?? null),
            ]),
            AskKind::Meter => [
                'text' => self::text($entry['text'] ?? null),
                'amount' => Meter::read(self::text($entry['text'] ?? null))->amount,
                'unit' => Meter::read(self::text($entry['text'] ?? null))->unit,
            ],
            AskKind::When => self::lookAgain(self::text($entry['text'] ?? null)),
            AskKind::ConeTry => $this->coneTry($entry, $unit),
            AskKind::Part => $this->part($findings, $entry, $before ?? []),
            AskKind::Photos => ['photos' => self::ids($entry['photos'] ?? null)],
            AskKind::Sound => SoundEntry::sound($entry),
            AskKind::Taps => SoundEntry::passes($entry),
            AskKind::Stack => StackEdits::from($before)->plus($entry, $unit)->kept(),
        };
    }

    /**
     * @param  array<string, mixed>  $entry
     * @return array<string, mixed>
     */
    private function length(Place $place, array $entry, string $unit): array
    {
        $typed = self::text($entry['typed'] ?? null);
        $length = (new LengthText($unit))->read($typed);
        if ($place->kind === AskKind::Length && $length->mm <= 0) {
            throw InvalidInput::notPositive();
        }

        return ['mm' => $length->mm, 'typed' => $typed];
    }

    /**
     * @param  array<string, mixed>  $entry
     * @return array<string, mixed>
     */
    private function coneTry(array $entry, string $unit): array
    {
        $mark = $entry['mark'] ?? null;
        if (! is_numeric($mark) || abs((float) $mark) > self::MOST_TURN) {
            throw new InvalidInput('Say where the mark of the cone stands, in degrees clockwise from 12.');
        }
        $word = static fn (string $key, array $words): string => in_array($entry[$key] ?? null, $words, true)
            ? $entry[$key]
            : throw new InvalidInput('Say when it was judged and what was felt.');
        $try = [
            'mark' => round((float) $mark, 1),
            'stage' => $word('stage', self::TRY_STAGES),
            'felt' => $word('felt', self::TRY_FELT),
        ];
        $typed = is_scalar($entry['typed'] ?? null) ? trim((string) $entry['typed']) : '';

        return $typed === '' ? $try : $try + ['mm' => max(0.0, (new LengthText($unit))->read($typed)->mm), 'typed' => $typed];
    }

    /** @return array<string, mixed> */
    private static function lookAgain(string $text): array
    {
        LookAgain::read($text);

        return ['text' => $text];
    }

    /** @throws InvalidInput when it is not a number of things */
    private static function count(string $typed): int
    {
        return ctype_digit($typed) && (int) $typed >= 1 && (int) $typed <= self::MOST_THINGS
            ? (int) $typed
            : throw new InvalidInput(sprintf('Type how many there are, from 1 to %d.', self::MOST_THINGS));
    }

    /** @return array<string, mixed> */
    private static function gauge(string $typed): array
    {
        $shown = (new GaugeText())->read($typed);

        return [$shown->unit()->value => $shown->amount(), 'typed' => $typed];
    }

    /** @return array<string, mixed> */
    private function number(string $text): array
    {
        $this->designations->read($text);

        return ['text' => $text];
    }

    /**
     * What is said of a part replaces what was said of the same; the rest stands.
     *
     * @param  list<string>  $may be seen of it, by name
     * @param  array<string, mixed>  $entry
     * @param  array<string, mixed>  $before
     * @return array<string, mixed>
     */
    private function part(array $may, array $entry, array $before): array
    {
        $state =
            PartState::tryFrom(is_string($entry['state'] ?? null) ? $entry['state'] : '') ??
            throw new InvalidInput('Say where the part is: in place, on the tray, fitted, left as it is, or scrapped.');
        $said = static fn (string $key): mixed => array_key_exists($key, $entry) ? $entry[$key] : $before[$key] ?? null;
        $condition = $said('condition');
        if ($condition !== null && ! in_array($condition, self::CONDITIONS, true)) {
            throw new InvalidInput('Say whether the part will be used, used and looked at again, or replaced.');
        }
        $words = static fn (string $key): ?string => in_array($said($key), [null, ''], true) ? null : self::text($said($key));
        $reason = $words('reason');
        if ($state === PartState::Scrapped && $reason === null) {
            throw InvalidInput::about('reason', 'Say why it is scrapped.');
        }
        $findings = array_values(array_intersect($may, array_filter((array) ($said('findings') ?? []), is_string(...))));

        return array_filter(
            [
                'state' => $state->value,
                'condition' => $condition,
                'way_round' => $words('way_round'),
                'note' => $words('note'),
                'reason' => $reason,
                'findings' => $findings,
                'photos' => self::ids($said('photos') ?? []),
                'new' => $said('new') === true && $state === PartState::Fitted ? true : null,
                'order' => $before['order'] ?? null,
            ],
            static fn (mixed $v): bool => $v !== null && $v !== [],
        );
    }

    /**
     * What was read, when such a thing can be so large.
     *
     * @param  array<string, mixed>  $read
     * @return array<string, mixed>
     */
    private static function sensible(Place $place, string $key, array $read): array
    {
        $amount = (float) $read[$key];
        if (($place->least !== null && $amount < $place->least - 1e-9) || ($place->most !== null && $amount > $place->most + 1e-9)) {
            throw InvalidInput::outside($amount, $place->least, $place->most, self::SYMBOLS[$key]);
        }

        return $read;
    }

    /** @return list<string> ids of photos */
    private static function ids(mixed $said): array
    {
        return array_slice(array_values(array_filter(self::list($said), is_string(...))), 0, self::MOST_PHOTOS);
    }

    private function option(Place $place, mixed $said): string
    {
        return is_string($said) && $place->offers($said) ? $said : throw new InvalidInput('That is not one of the answers here.');
    }

    private static function text(mixed $said): string
    {
        $text = is_int($said) || is_float($said) ? (string) $said : $said;
        if (! is_string($text) || trim($text) === '') {
            throw InvalidInput::empty();
        }
        if (mb_strlen($text) > self::LONGEST_TEXT) {
            throw new InvalidInput('That is more than 2000 characters. Shorten it.');
        }

        return trim(str_replace("\0", '', $text));
    }

    /** @return list<mixed> */
    private static function list(mixed $said): array
    {
        return is_array($said) && array_is_list($said) && count($said) <= 20 ? $said : throw new InvalidInput('Send a list of answers.');
    }
}
