<?php

declare(strict_types=1);

namespace CleanRace\Core\Proving;

use CleanRace\Core\Checking\Coast;
use CleanRace\Core\Checking\Spin;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** What was found when the machine came in, beside what is found now. */
final class BeforeAfter
{
    /** The step at which what was found is held beside what is found now. */
    public static function step(Notebook $notebook): Step
    {
        return Step::of('prove.after', 'Before and after', 'The same checks as when it came in, on the vehicle, with the same hands.')
            ->with(why: 'A repair that nobody compared is only a change of parts.')
            ->on(Panel::BeforeAfter)
            ->asking(
                Ask::choice(PlacesOf::after('spin'), 'Spun by hand', Option::each(Spin::class), wanted: false)->after(
                    PlacesOf::check('spin'),
                ),
                Ask::choice(PlacesOf::after('coast'), 'How it stops', Option::each(Coast::class), wanted: false)->after(
                    PlacesOf::check('coast'),
                ),
                Ask::depth(PlacesOf::after('rim_play'), 'Play at the rim', wanted: false, by: Instrument::SteelRule)->after(
                    PlacesOf::check('rim_play'),
                ),
                Ask::depth(PlacesOf::after('end_play'), 'End play', wanted: false, by: Instrument::DialGauge)->after(
                    PlacesOf::check('end_play'),
                ),
                Ask::text(PlacesOf::after('note'), 'Feel and sound', wanted: false)->after(Places::COMPLAINT),
            )
            ->judged(self::verdict($notebook))
            ->holdingStopsOnly()
            ->optional()
            ->taking(4);
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
                Message::of('after.rub.say', 'Disc, pad or seal: not the bearing, but find it before it leaves.'),
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
