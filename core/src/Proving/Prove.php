<?php

declare(strict_types=1);

namespace CleanRace\Core\Proving;

use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** The last station: the checks that end a job, and what still stands in the way of signing it. */
final readonly class Prove
{
    /** The station as it stands, with what blocks the signature. */
    public function report(Bench $bench, Blocks $blocks): StationReport
    {
        $checks = LastChecks::of($bench);
        $yesNo = Option::of(['pass' => 'Passed', 'fail' => 'Not passed']);
        $words = $blocks->byWord();
        $carried = CarriedForward::line($bench);

        return StationReport::of(
            Station::Prove,
            array_values(
                array_filter([
                    Step::of('prove.checks', 'The last checks', LastChecks::after($bench->pattern->card()))
                        ->with(caution: LastChecks::caution($bench->pattern->card()))
                        ->asking(
                            ...array_map(
                                static fn (string $id, string $label): Ask => LastChecks::isByItself($id)
                                    ? Ask::choice(PlacesOf::prove($id), $label, $yesNo)
                                    : Ask::choice(PlacesOf::prove($id), $label, $yesNo)->usually('pass'),
                                array_keys($checks),
                                array_values($checks),
                            ),
                        )
                        ->judged($this->checks($bench))
                        ->taking(6),
                    BeforeAfter::step($bench),
                    self::secondWanted($bench->habits)
                        ? Step::of(
                            Places::SECOND,
                            'A second pair of eyes',
                            'Somebody else looks it over and says so under their own name. Whoever signs cannot be the one.',
                        )
                            ->asking(
                                Ask::choice(Places::SECOND, 'Looked over', Option::of(['pass' => 'Good to go', 'fail' => 'Not yet'])),
                            )
                            ->judged($this->second($bench))
                            ->taking(3)
                        : null,
                    $words === []
                        ? null
                        : Step::of('prove.words', 'Say why each caution is acceptable', 'One line for each caution that is still open.')
                            ->asking(
                                ...array_map(
                                    static fn (Block $b): Ask => Ask::text(
                                        PlacesOf::word($b->step),
                                        Message::listed([$b->station->label(), $b->what], ': '),
                                    ),
                                    $words,
                                ),
                            )
                            ->advice(),
                    Step::of('prove.carry', 'Carry forward', 'What the next one at it should know, and when to look.')
                        ->with(
                            ...$carried === null
                                ? []
                                : ['find' => Message::of('carried', 'Carried by itself: {line}.', ['line' => Message::within($carried)])],
                        )
                        ->asking(
                            Ask::text(Places::CARRY, 'Note for next time', wanted: false),
                            Ask::plain(AskKind::When, Places::CARRY_WHEN, 'Look again', hint: 'a day, 6 months, spring, 12 000 km'),
                        )
                        ->advice()
                        ->optional(),
                    Step::of('prove.sign', 'Sign it off', 'The record is closed with your name. Nothing in it changes after.')
                        ->on(Panel::SignOff)
                        ->judged($bench->signed ? self::signed() : $this->mayBeSigned($blocks))
                        ->advice()
                        ->markedDone($bench->signed),
                ]),
            ),
            $bench->notebook,
        );
    }

    private function mayBeSigned(Blocks $blocks): Verdict
    {
        $open = $blocks->open();
        if ($open === []) {
            return Verdict::go(
                Message::of('sign.ready', 'Ready to sign'),
                Message::of('sign.ready.say', 'Nothing on the tray, nothing stopped, every care answered.'),
            );
        }
        $stops = array_filter($open, static fn (Block $b): bool => $b->level === Level::Stop);

        return Verdict::of(
            $stops === [] ? Level::Care : Level::Stop,
            Message::of('sign.blocked', 'Not yet'),
            Message::counted('sign.blocked.say', count($open), 'One thing stands in the way.', '{count} things stand in the way.'),
        );
    }

    /**
     * Whether a shop has a second person look before anything is signed.
     *
     * @param  array<string, string>  $habits by name
     */
    public static function secondWanted(array $habits): bool
    {
        return ($habits['second_check'] ?? 'none') === 'required';
    }

    private function second(Bench $bench): ?Verdict
    {
        return match ($bench->notebook->choice(Places::SECOND)) {
            'pass' => Verdict::go(
                Message::of('second_look.pass', 'Looked over'),
                Message::of('second_look.pass.say', 'Under another name than the one that signs.'),
            ),
            'fail' => Verdict::stop(
                Message::of('second_look.fail', 'The second person says: not yet'),
                Message::of('second_look.fail.say', 'Settle it between you, then look again.'),
            ),
            default => null,
        };
    }

    private static function signed(): Verdict
    {
        return Verdict::go(Message::of('sign.signed', 'Signed'), Message::of('sign.signed.say', 'The record is closed.'));
    }

    private function checks(Bench $bench): ?Verdict
    {
        $checks = LastChecks::of($bench);
        $answers = array_map(static fn (string $id): ?string => $bench->notebook->choice(PlacesOf::prove($id)), array_keys($checks));
        if (array_filter($answers) === []) {
            return null;
        }
        $failed = array_keys(array_filter(array_combine(array_keys($checks), $answers), static fn (?string $a): bool => $a === 'fail'));

        return match (true) {
            $failed !== [] => Verdict::stop(
                Message::of('prove.failed', 'Not ready to go out'),
                Message::of('prove.failed.say', 'Not passed: {what}.', [
                    'what' => Message::listed(
                        array_map(static fn (string $id): Message => Message::within($checks[$id] ?? $id), $failed),
                        '; ',
                    ),
                ]),
            ),
            in_array(null, $answers, true) => Verdict::care(
                Message::of('prove.some', 'Checks are missing'),
                Message::of('prove.some.say', 'Go through all of them.'),
            ),
            default => Verdict::go(
                Message::of('prove.passed', 'All checks passed'),
                Message::of('prove.passed.say', 'Every check of the list is passed.'),
            ),
        };
    }
}
