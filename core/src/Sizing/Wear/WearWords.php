<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Wear;

use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Fit\WallLook;
use CleanRace\Core\Verdict\Message;

/** What is said of a pattern of wear: what it is, how it comes about, and what it means for the fit. */
final class WearWords
{
    /** What the pattern is called. */
    public function headline(?string $pattern, SurveyedWall $wall): Message
    {
        return match ($pattern) {
            'oval' => $wall === SurveyedWall::Bore
                ? Message::of('survey.oval', 'The bore is oval')
                : Message::of('survey.oval_shaft', 'The shaft is out of round'),
            'mouth_opened' => Message::of('survey.mouth', 'The mouth is opened out'),
            'mouth_corroded' => Message::of('survey.corroded', 'The mouth is eaten by rust'),
            'worn_inside' => Message::of('survey.inside', 'Worn inside, tight at the mouth'),
            'crept' => Message::of('survey.crept', 'Worn by a ring that turned in it'),
            'stepped' => Message::of('survey.stepped', 'The shaft is stepped'),
            'grooved' => Message::of('survey.grooved', 'The lip has cut a groove'),
            default => Message::of('survey.true', 'Round and straight, as far as measured'),
        };
    }

    /** No wear shows, and the instrument is too coarse to say that there is none. */
    public function byCaliper(): Message
    {
        return Message::of('survey.caliper', 'Round and straight as far as this tells');
    }

    /** What was read: the mean in mm, of how many readings. */
    public function sentence(?string $pattern, Reading $mean, int $count): Message
    {
        return match ($pattern) {
            null => Message::counted('survey.true.say', $count, 'One diameter: {mean}.', 'Mean {mean} from {count} diameters.', [
                'mean' => $mean->value,
            ]),
            'worn_inside' => Message::of('survey.inside.say', 'It grips at the lip and is loose below: the ring has been creeping.'),
            'mouth_corroded' => Message::of(
                'survey.corroded.say',
                'Water stood behind the seal. Below the rust the wall may still hold.',
            ),
            'crept' => Message::of('survey.crept.say', 'A ring has turned here and polished the wall.'),
            'stepped' => Message::of('survey.stepped.say', 'A ring has turned or rocked on it: the next one would do the same.'),
            'grooved' => Message::of('survey.grooved.say', 'A new lip in an old groove leaks.'),
            default => Message::of('survey.worn.say', 'A ring pressed here is held in places only.'),
        };
    }

    /** What to do about the pattern; null when there is nothing to do. */
    public function next(?string $pattern, BoreSurveyInput $input): ?Message
    {
        return match ($pattern) {
            null => null,
            'grooved' => Message::of(
                'survey.grooved.next',
                'Run the lip on a fresh place: seat the seal a little in or out, turn the collar, or sleeve the track.',
            ),
            'stepped' => Message::of('survey.stepped.next', 'Take the fit from the smallest place. Another shaft, or a sleeve on it.'),
            'mouth_corroded' => Message::of(
                'survey.corroded.next',
                'Take the fit from below the rust; smear the seat so that water stays out.',
            ),
            default => Message::of('survey.next', 'Take the fit from the loosest place; think of a sleeve, or a new part.'),
        };
    }

    /** What would tell it better. */
    public function settledBy(SurveyedWall $wall): Message
    {
        return $wall === SurveyedWall::Bore
            ? Message::of('survey.settle', 'A bore gauge would settle it.')
            : Message::of('survey.settle_shaft', 'A micrometer would settle it.');
    }

    /**
     * @param  list<WallLook>  $look
     * @return list<Message>
     */
    public function seen(array $look): array
    {
        return array_map(
            static fn (WallLook $l): Message => Message::of(
                'survey.seen.'.$l->value,
                match ($l) {
                    WallLook::BrightBand => 'A bright band: something turned there.',
                    WallLook::Pits => 'Pits: rust ate the wall, what stands between them still carries.',
                    WallLook::ScoreCaught => 'A score that catches a nail holds a ring off, or lets water by.',
                    WallLook::RustAtLip => 'Rust at the lip: water stood there.',
                    WallLook::GripsAtMouth => 'Gripped at the mouth only: loose below.',
                    WallLook::EvenGrey => 'Even and grey: it has held still.',
                },
            ),
            $look,
        );
    }
}
