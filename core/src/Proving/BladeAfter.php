<?php

declare(strict_types=1);

namespace CleanRace\Core\Proving;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** A blade as it hangs again: its tips in one plane, and as high as it was. */
final readonly class BladeAfter
{
    public function __construct(private Limits $limits)
    {
    }

    /** @return ?Verdict null while neither was measured now */
    public function verdict(Notebook $notebook): ?Verdict
    {
        $apart = $notebook->length(PlacesOf::after('blade_true'));
        $height = $notebook->length(PlacesOf::after('blade_height'));
        $was = $notebook->length(PlacesOf::check('blade_height'));
        if ($apart === null && $height === null) {
            return null;
        }
        $moved = $height === null || $was === null ? null : Length::mm($height->mm - $was->mm);
        $figures = [
            ...$apart === null ? [] : [Figure::of('blade_apart', 'Tips apart', $apart)],
            ...$moved === null ? [] : [Figure::of('blade_moved', 'Height against before', $moved)],
        ];

        $verdict = match (true) {
            $apart !== null && $apart->mm > $this->limits->get('blade.true') => Verdict::stop(
                Message::of('blade.apart', 'Its tips run {apart} apart', ['apart' => $apart]),
                Message::of('blade.apart.say', 'A bent blade, a bent shaft, or a bearing not home. It shakes the deck to pieces.'),
            )->next(Message::of('blade.apart.next', 'Turn the blade by half on its adapter: what goes with it is the blade.')),
            $moved !== null && abs($moved->mm) > $this->limits->get('blade.height') => Verdict::care(
                Message::of('blade.moved', 'It hangs {moved} from where it hung', ['moved' => $moved]),
                Message::of('blade.moved.say', 'A spacer on the wrong side, a bearing not home, or another blade.'),
            ),
            default => Verdict::go(
                Message::of('blade.level', 'The blade hangs as it did'),
                Message::of('blade.level.say', 'Tips in one plane, height met again.'),
            ),
        };

        return $verdict->showing(...$figures);
    }
}
