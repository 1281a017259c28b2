<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use BackedEnum;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** The first station: what the customer says, what the checks say, and what must be measured before anything comes apart. */
final readonly class CheckIn
{
    public function __construct(private Limits $limits)
    {
    }

    /** The station as it stands: what the customer says, the checks, what must be measured before. */
    public function report(Bench $bench): StationReport
    {
        $words = CheckWords::of($bench->pattern->card());

        return StationReport::of(
            Station::CheckIn,
            [
                Step::of('check.complaint', 'The complaint', 'In the customer\'s words, as far as it can be written.')
                    ->asking(
                        Ask::text(Places::COMPLAINT, 'What the customer says'),
                        Ask::choices(Places::COMPLAINT_KINDS, 'It comes to', self::complaints($bench->pattern->card()), wanted: false),
                        Ask::plain(AskKind::Meter, Places::METER, 'Meter of the machine', hint: '12 400 km, or 320 h'),
                        ...FittingAsks::built($bench),
                    )
                    ->advice(),
                Step::of('check.rock', 'Rock it, spin it, listen', $words->detail)
                    ->with(tool: $words->tool, caution: $words->caution, why: $words->why)
                    ->asking(...$this->checks($bench, $words))
                    ->judged($this->verdict($bench), $this->sides($bench), (new SpunVerdict($this->limits))->runsOut($bench, false))
                    ->advice(),
                Step::of('check.capture', 'Measure before you strip', 'These cannot be had once it is apart. A rule is enough.')
                    ->with(why: $words->lost)
                    ->asking(...FittingAsks::of($bench), ...$bench->pattern->capture(), ...[FittingAsks::fasteners()])
                    ->asking(
                        ...array_map(
                            Ask::photos(...),
                            array_values(array_filter($bench->pattern->capture(), static fn (Ask $a): bool => $a->picture !== null)),
                        ),
                    )
                    ->on(Panel::Captures)
                    ->throughOnce($captured = $this->isCaptured($bench))
                    // What is wanted of it is said at once; what cannot be had later is not left for that.
                    ->lingering(! $captured)
                    ->advice(),
            ],
            $bench->notebook,
        );
    }

    /** @return list<Option> what can be complained of such a hub */
    private static function complaints(PatternCard $card): array
    {
        return array_values(
            array_filter(
                Option::each(ComplaintKind::class),
                static fn (Option $o): bool => ComplaintKind::from($o->value)->isOf($card),
            ),
        );
    }

    /** Whether all that can be had only now is measured, or skipped with a reason. */
    private function isCaptured(Bench $bench): bool
    {
        $open = array_filter($bench->pattern->capture(), static fn (Ask $a): bool => ! $a->isEntered($bench->notebook));

        return $open === [];
    }

    /** @param  class-string<BackedEnum>  $enum */
    private static function tap(string $id, string $label, string $enum, bool $wanted = false): Ask
    {
        return Ask::choice(PlacesOf::check($id), $label, Option::each($enum), $wanted);
    }

    /** @return list<Ask> what such a hub can be asked: no brake where there is none, no side where it has but one */
    private function checks(Bench $bench, CheckWords $words): array
    {
        $card = $bench->pattern->card();
        $braked = $card->isBraked();
        $wheel = $card->role === HubRole::Wheel;
        $sealed = $bench->hub->stack->ofKind(PartKind::Seal, PartKind::Felt, PartKind::DustCap) !== [];

        return array_values(
            array_filter([
                $braked ? self::tap('caliper', 'Brake', CaliperState::class, true) : null,
                Ask::choice(PlacesOf::check('rock_3_9'), $words->rock, self::rocked($card)),
                $wheel ? Ask::choice(PlacesOf::check('rock_12_6'), 'Rocked at 12 and 6', self::rocked($card)) : null,
                self::tap('spin', $words->spin, Spin::class, true),
                $sealed ? self::tap('seals', 'At the seals', SealLook::class) : null,
                $braked ? self::tap('brake_held', 'Rocked with the brake held', BrakeHeld::class) : null,
                self::tap('end_float', 'Pushed and pulled lengthways', EndFloat::class),
                $this->isPaired($bench)
                    ? Ask::choice(PlacesOf::check('listen'), 'Heard with a rod', self::louder($card), wanted: false)
                    : null,
                ...SpunSides::asks($bench),
                $wheel ? self::tap('coast', 'How it stops', Coast::class) : null,
                ...$this->innerRings($bench),
                Ask::choice(
                    Places::BROKEN,
                    'Seen: cracked, missing or blue parts',
                    Option::of(['yes' => 'Yes', 'no' => 'No']),
                    wanted: false,
                ),
                Ask::choices(
                    Places::CAUSE,
                    'Why it failed, as far as is seen',
                    array_map(
                        static fn (Cause $one): Option => new Option($one->value, $one->label()),
                        Cause::possible($bench->hub->stack),
                    ),
                    wanted: false,
                ),
                ...$this->isPaired($bench)
                    ? [
                        Ask::choice(
                            Places::SIDES,
                            'To be done',
                            Option::of(['both' => 'Both sides', 'one' => 'Only the bad one']),
                            wanted: false,
                            hint: 'Usual: both. Same age, same water, and it is apart.',
                        ),
                        ...$bench->doesOne()
                            ? [
                                Ask::choice(Places::BAD_SIDE, 'The bad one', $this->ends($bench)),
                                Ask::text(Places::SIDES_REASON, 'Why only one', wanted: false),
                            ]
                            : [],
                    ]
                    : [],
            ]),
        );
    }

    /** Whether it runs in two bearings, one at each end. */
    private function isPaired(Bench $bench): bool
    {
        return ! $bench->pattern->card()->converted && count($this->rings($bench)) > 1;
    }

    /** @return list<Part> one for each end that a bearing may be good or bad at; balls come out of both whatever is done */
    private function rings(Bench $bench): array
    {
        return [...$bench->hub->stack->cartridges(), ...$bench->hub->stack->ofKind(PartKind::TaperCup, PartKind::Bush)];
    }

    /** @return list<Option> its two ends, by the names of their bearings */
    private function ends(Bench $bench): array
    {
        return array_map(
            static fn (Part $ring): Option => new Option($ring->side->value, $ring->name),
            array_values(array_filter($this->rings($bench), static fn (Part $p): bool => $p->side !== Side::Middle)),
        );
    }

    /** @return list<Ask> cartridges have an inner ring that a finger turns once the axle is out; each by its own name */
    private function innerRings(Bench $bench): array
    {
        $asks = [];
        $rings = $bench->isStillCups() ? [] : $bench->hub->stack->cartridges();
        foreach ($rings as $i => $ring) {
            $asks[] = Ask::choice(
                PlacesOf::check($i === 0 ? 'inner_left' : 'inner_right'),
                Message::of('check.inner', 'By a finger in it: {part}', ['part' => Message::within($ring->name)]),
                Option::each(InnerFeel::class),
                wanted: false,
            );
        }

        return array_slice($asks, 0, 2);
    }

    /** @return list<Option> play further in is only where there is something further in */
    private static function rocked(PatternCard $card): array
    {
        if ($card->role !== HubRole::Wheel) {
            return Option::of([Rock::None->value => Rock::None->label(), Rock::AtHub->value => 'Play']);
        }
        $steered = $card->machine->isSteered();

        return array_values(
            array_filter(Option::each(Rock::class), static fn (Option $o): bool => $steered || $o->value !== Rock::FurtherIn->value),
        );
    }

    /** @return list<Option> where it is louder, by this hub's own sides */
    private static function louder(PatternCard $card): array
    {
        $louder = static fn (Side $side): Message => Message::of('check.louder', 'Louder: {side}', [
            'side' => Message::within($card->sideName($side)),
        ]);

        return array_map(
            static fn (Option $o): Option => match ($o->value) {
                'left' => new Option('left', $louder(Side::Left)),
                'right' => new Option('right', $louder(Side::Right)),
                default => $o,
            },
            Option::each(Listen::class),
        );
    }

    private function sides(Bench $bench): ?Verdict
    {
        $reason = $bench->notebook->text(Places::SIDES_REASON);

        return match (true) {
            ! $this->isPaired($bench), ! $bench->doesOne() => null,
            $reason === null => Verdict::care(
                Message::of('sides.why', 'One side only: say why'),
                Message::of('sides.why.say', 'The other is as old and stood in the same water. A reason is kept with the job.'),
            ),
            default => Verdict::go(
                Message::of('sides.one', 'One side only'),
                Message::of('sides.one.say', 'The good one is greased, its seal looked at, and a note carried forward.'),
            ),
        };
    }

    private function verdict(Bench $bench): ?Verdict
    {
        $n = $bench->notebook;
        $seen = static fn (string $id, string $enum): mixed => $enum::tryFrom($n->choice(PlacesOf::check($id)) ?? '');
        $stack = $bench->hub->stack;
        try {
            $asked = array_map(
                static fn (Ask $a): string => substr($a->place, strlen('check.')),
                $this->checks($bench, CheckWords::of($bench->pattern->card())),
            );

            return (new RockCheck($this->limits, TriedHub::of($bench, $this->isPaired($bench), $asked)))->work(
                new RockCheckInput(
                    $seen('rock_3_9', Rock::class),
                    $seen('rock_12_6', Rock::class),
                    $seen('spin', Spin::class),
                    $seen('caliper', CaliperState::class),
                    $seen('seals', SealLook::class),
                    $seen('brake_held', BrakeHeld::class),
                    $seen('end_float', EndFloat::class),
                    $seen('listen', Listen::class),
                    $seen('coast', Coast::class),
                    $seen('inner_left', InnerFeel::class),
                    $seen('inner_right', InnerFeel::class),
                    array_values(array_filter(array_map(ComplaintKind::tryFrom(...), $n->choices(Places::COMPLAINT_KINDS)))),
                    $stack->ofKind(PartKind::Cone, PartKind::TaperCone) !== [],
                    $stack->ofKind(PartKind::Freehub) !== [] || $stack->one(PartKind::Housing)?->form === 'spline',
                    $n->choice(Places::BROKEN) === 'yes',
                    HubSuspects::without($bench),
                    SpunSides::heard($bench, Side::Left),
                    SpunSides::heard($bench, Side::Right),
                    SpunSides::heard($bench, Side::Middle),
                ),
            )->verdict;
        } catch (InvalidInput) {
            return null;
        }
    }
}
