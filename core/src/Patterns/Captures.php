<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Side;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** What is measured before a hub comes apart. Each says where the caliper goes, and may be skipped with a reason. */
final class Captures
{
    /** @param  string  $picture where the instrument stands, as the drawing knows it */
    public static function length(string $id, string $label, string $picture, ?string $hint = null): Ask
    {
        return Ask::length(PlacesOf::check($id), $label, wanted: false, hint: $hint)->captured($picture);
    }

    /** A depth in mm, read with the depth rod before the hub comes apart. */
    public static function depth(string $id, string $label, string $picture, ?string $hint = null): Ask
    {
        return Ask::depth(PlacesOf::check($id), $label, wanted: false, hint: $hint)->captured($picture);
    }

    /** Something to be written down before the hub comes apart. */
    public static function text(string $id, string $label, ?string $hint = null): Ask
    {
        return Ask::text(PlacesOf::check($id), $label, wanted: false, hint: $hint)->captured('photo');
    }

    /**
     * What was not measured before, and now cannot be: each with why.
     *
     * @return list<Message>
     */
    public static function missed(Pattern $pattern, Notebook $notebook): array
    {
        $missed = [];
        foreach ($pattern->capture() as $ask) {
            $why = $notebook->value($ask->place)['skipped'] ?? null;
            if ($ask->picture !== null && is_string($why)) {
                $missed[] = Message::of('capture.missed', '{what}: not measured before it came apart ({why}).', [
                    'what' => Message::plain($ask->label),
                    'why' => Written::of($why),
                ]);
            }
        }

        return $missed;
    }

    /** On which side a snap ring is seen, by the hub's own names of its sides. */
    public static function ringSide(PatternCard $card): Ask
    {
        return Ask::choice(Places::RING_SIDE, 'Snap ring seen on', self::ringSides($card));
    }

    /** @return list<Option> */
    public static function ringSides(PatternCard $card): array
    {
        return Option::of([
            'left' => $card->sideName(Side::Left),
            'right' => $card->sideName(Side::Right),
            'both' => 'Both',
            'none' => 'None here',
            'unseen' => 'Cannot see yet',
        ]);
    }

    /** Which way an arrow of rotation points. */
    public static function rotation(string $label = 'Rotation arrow points'): Ask
    {
        return Ask::choice(
            PlacesOf::check('rotation'),
            $label,
            Option::of(['forward' => 'Forward at the top', 'back' => 'Back at the top', 'none' => 'No arrow']),
            wanted: false,
        )->captured('rotation');
    }
}
