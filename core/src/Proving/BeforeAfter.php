<?php

declare(strict_types=1);

namespace CleanRace\Core\Proving;

use CleanRace\Core\Checking\CheckWords;
use CleanRace\Core\Checking\Coast;
use CleanRace\Core\Checking\Spin;
use CleanRace\Core\Checking\SpunSides;
use CleanRace\Core\Checking\SpunVerdict;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** What was found when the machine came in, beside what is found now. */
final class BeforeAfter
{
    /** The step at which what was found is held beside what is found now: of this hub only what it can have. */
    public static function step(Bench $bench): Step
    {
        $card = $bench->pattern->card();
        $wheel = $card->role === HubRole::Wheel;
        $blade = $card->role === HubRole::Blade;
        $notebook = $bench->notebook;

        return Step::of(
            'prove.after',
            'Before and after',
            $card->role === HubRole::Freehub || $blade
                ? 'The same checks as when it came in, with the same hands.'
                : 'The same checks as when it came in, on the vehicle, with the same hands.',
        )
            ->with(why: 'A repair that nobody compared is only a change of parts.')
            ->on(Panel::BeforeAfter)
            ->asking(
                ...array_values(
                    array_filter([
                        Ask::choice(
                            PlacesOf::after('spin'),
                            CheckWords::of($card)->spin,
                            Option::each(Spin::class),
                            wanted: false,
                        )->after(PlacesOf::check('spin')),
                        $wheel
                            ? Ask::choice(PlacesOf::after('coast'), 'How it stops', Option::each(Coast::class), wanted: false)->after(
                                PlacesOf::check('coast'),
                            )
                            : null,
                        ...SpunSides::asks($bench, true),
                        $wheel
                            ? Ask::depth(
                                PlacesOf::after('rim_play'),
                                'Play at the rim',
                                wanted: false,
                                by: Instrument::SteelRule,
                            )->after(PlacesOf::check('rim_play'))
                            : null,
                        Ask::depth(PlacesOf::after('end_play'), 'End play', wanted: false, by: Instrument::DialGauge)->after(
                            PlacesOf::check('end_play'),
                        ),
                        $blade
                            ? Ask::depth(
                                PlacesOf::after('blade_true'),
                                'One blade tip below the other, turned half round',
                                wanted: false,
                                by: Instrument::SteelRule,
                            )->after(PlacesOf::check('blade_true'))
                            : null,
                        $blade
                            ? Ask::length(
                                PlacesOf::after('blade_height'),
                                'Blade tip to deck rim',
                                wanted: false,
                                by: Instrument::SteelRule,
                            )->after(PlacesOf::check('blade_height'))
                            : null,
                        self::captures($bench, 'chain_slack')
                            ? Ask::length(
                                PlacesOf::after('chain_slack'),
                                'Chain slack',
                                wanted: false,
                                by: Instrument::SteelRule,
                            )->after(PlacesOf::check('chain_slack'))
                            : null,
                        Ask::text(PlacesOf::after('note'), 'Feel and sound', wanted: false)->after(Places::COMPLAINT),
                    ]),
                ),
            )
            ->judged(
                self::verdict($notebook),
                $blade ? (new BladeAfter(Limits::standard()))->verdict($notebook) : null,
                (new SpunVerdict(Limits::standard()))->stillHeard($bench),
                (new SpunVerdict(Limits::standard()))->runsOut($bench, true),
            )
            ->holdingStopsOnly()
            ->optional()
            ->taking(4);
    }

    private static function captures(Bench $bench, string $what): bool
    {
        return array_filter($bench->pattern->capture(), static fn (Ask $a): bool => $a->place === PlacesOf::check($what)) !== [];
    }

    private static function verdict(Notebook $notebook): ?Verdict
    {
        [$before, $after] = [
            Spin::tryFrom($notebook->choice(PlacesOf::check('spin')) ?? ''),
            Spin::tryFrom($notebook->choice(PlacesOf::after('spin')) ?? ''),
        ];
        $play = $notebook->length(PlacesOf::after('rim_play')) ?? $notebook->length(PlacesOf::after('end_play'));
        $was = $notebook->has(PlacesOf::after('rim_play'))
            ? $notebook->length(PlacesOf::check('rim_play'))
            : $notebook->length(PlacesOf::check('end_play'));
        $figures = [
            ...$was === null ? [] : [Figure::of('play_before', 'Play before', $was)],
            ...$play === null ? [] : [Figure::of('play_after', 'Play now', $play)],
        ];
        $rough = [Spin::Rumble, Spin::Grind, Spin::Locked];

        return match (true) {
            $after === null && $play === null => null,
            in_array($after, $rough, true) => Verdict::stop(
                Message::of('after.rough', 'It is not quiet'),
                Message::of(
                    'after.rough.say',
                    'New bearings do not rumble. Seated askew, pressed through the balls, or another bearing of this machine.',
                ),
            )
                ->next(Message::of('after.rough.next', 'Listen with a rod at both sides, then look at squareness and the pair.'))
                ->showing(...$figures),
            $after === Spin::Rub => Verdict::care(
                Message::of('after.rub', 'Something rubs once a turn'),
                Message::of('after.rub.say', 'It is beside the bearing, as a pad, a seal or a guard is: find it before it leaves.'),
            )->showing(...$figures),
            $was !== null && $play !== null && $play->mm >= $was->mm && $was->mm > 0 => Verdict::care(
                Message::of('after.play', 'No less play than before'),
                Message::of('after.play.say', 'It came from elsewhere, or it is set no better: look again.'),
            )->showing(...$figures),
            $before !== null && in_array($before, $rough, true) => Verdict::go(
                Message::of('after.better', 'Quiet now'),
                Message::of('after.better.say', 'It came in rough and goes out quiet.'),
            )->showing(...$figures),
            default => Verdict::go(
                Message::of('after.good', 'As it should be'),
                Message::of('after.good.say', 'Noted beside what it was like before.'),
            )->showing(...$figures),
        };
    }
}
