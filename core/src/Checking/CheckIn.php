<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use BackedEnum;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
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
        return StationReport::of(
            Station::CheckIn,
            [
                Step::of('check.complaint', 'The complaint', 'In the customer\'s words, as far as it can be written.')
                    ->asking(
                        Ask::text(Places::COMPLAINT, 'What the customer says'),
                        Ask::choices(Places::COMPLAINT_KINDS, 'It comes to', Option::each(ComplaintKind::class), wanted: false),
                        Ask::meter(Places::METER, 'Meter of the machine'),
                    )
                    ->advice(),
                Step::of(
                    'check.rock',
                    'Rock it, spin it, listen',
                    'Wheel off the ground, load off. Free the caliper first: a dragging pad is the commonest false alarm.',
                )
                    ->with(
                        tool: 'Hands; a rod on the fork end to listen',
                        caution: 'On a stand that cannot tip. Fingers clear of disc and spokes.',
                        why: 'Coasting alone proves nothing: a freshly packed bearing stops soon, a dry one coasts long and sings.',
                    )
                    ->asking(...$this->checks())
                    ->judged($this->verdict($bench), $this->sides($bench))
                    ->advice(),
                Step::of('check.capture', 'Measure before you strip', 'These cannot be had once it is apart. A rule is enough.')
                    ->with(why: 'Spacers swapped side to side put the wheel off centre, and nobody remembers which was which.')
                    ->asking(...$bench->pattern->capture())
                    ->asking(
                        ...array_map(
                            Ask::photos(...),
                            array_values(array_filter($bench->pattern->capture(), static fn (Ask $a): bool => $a->picture !== null)),
                        ),
                    )
                    ->on(Panel::Captures)
                    ->advice(),
            ],
            $bench->notebook,
        );
    }

    /** @param  class-string<BackedEnum>  $enum */
    private static function tap(string $id, string $label, string $enum, bool $wanted = false): Ask
    {
        return Ask::choice(PlacesOf::check($id), $label, Option::each($enum), $wanted);
    }

    /** @return list<Ask> */
    private function checks(): array
    {
        return [
            self::tap('caliper', 'Caliper', CaliperState::class, true),
            self::tap('rock_3_9', 'Rocked at 3 and 9', Rock::class, true),
            self::tap('rock_12_6', 'Rocked at 12 and 6', Rock::class, true),
            self::tap('spin', 'Spun by hand', Spin::class, true),
            self::tap('seals', 'At the seals', SealLook::class),
            self::tap('brake_held', 'Rocked with the brake held', BrakeHeld::class),
            self::tap('end_float', 'Pushed and pulled along the axle', EndFloat::class),
            self::tap('listen', 'Heard with a rod', Listen::class),
            self::tap('coast', 'How it stops', Coast::class),
            self::tap('inner_left', 'Left inner ring, by finger', InnerFeel::class),
            self::tap('inner_right', 'Right inner ring, by finger', InnerFeel::class),
            Ask::choice(
                Places::BROKEN,
                'Seen: cracked, missing or blue parts',
                Option::of(['yes' => 'Yes', 'no' => 'No']),
                wanted: false,
            ),
            Ask::choice(
                Places::SIDES,
                'To be done',
                Option::of(['both' => 'Both sides', 'one' => 'Only the bad one']),
                wanted: false,
                hint: 'Usual: both. Same age, same water, and the wheel is apart.',
            ),
            Ask::text(Places::SIDES_REASON, 'Why only one', wanted: false),
        ];
    }

    private function sides(Bench $bench): ?Verdict
    {
        $chosen = $bench->notebook->choice(Places::SIDES) ?? ($bench->habits['sides'] ?? 'both');
        $reason = $bench->notebook->text(Places::SIDES_REASON);

        return match (true) {
            $chosen !== 'one' => null,
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
            return (new RockCheck($this->limits))->work(
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
                ),
            )->verdict;
        } catch (InvalidInput) {
            return null;
        }
    }
}
