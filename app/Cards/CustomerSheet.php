<?php

declare(strict_types=1);

namespace App\Cards;

use App\Bench\Notes;
use App\Models\DueItem;
use App\Models\Job;
use CleanRace\Core\Checking\Cause;
use CleanRace\Core\Checking\Coast;
use CleanRace\Core\Checking\Spin;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\FrontWheel;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Sourcing\CustomerWord;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;
use Closure;

/** One page for the customer: what was wrong, what was fitted, how it turns now, and when to come back. In plain words. */
final readonly class CustomerSheet
{
    public function __construct(private Paper $paper, private Language $language)
    {
    }

    /**
     * @param  string  $size a4 or letter
     * @param  string  $units mm or in
     */
    public function pdf(Job $job, string $size, string $units): string
    {
        $words = new Words($units, $this->language);
        $notebook = Notes::notebookOf($job);
        $card = FrontWheel::of(HubPatterns::find($job->pattern), $notebook)->card();

        return (string) $this->paper
            ->rendered(
                'customer',
                [
                    'job' => $job,
                    'words' => $words,
                    'complaint' => $notebook->text(Places::COMPLAINT) ?? '',
                    'kind' => $words->of($card->name),
                    'causes' => array_map(
                        static fn (Cause $one): string => $words->of(Message::plain($one->label())),
                        array_values(array_filter(array_map(Cause::tryFrom(...), $notebook->choices(Places::CAUSE)))),
                    ),
                    'decided' => CustomerWord::decided($notebook),
                    'bearings' => self::bearings($notebook, $card, $words),
                    'before' => self::turning($notebook, PlacesOf::check(...), $words),
                    'after' => self::turning($notebook, PlacesOf::after(...), $words),
                    'due' => DueItem::query()
                        ->where('job_id', $job->id)
                        ->whereIn('kind', ['carry', 'recheck'])
                        ->orderBy('due_on')
                        ->get(),
                ],
                $size,
            )
            ->output();
    }

    /** @return list<string> what is in it now */
    private static function bearings(Notebook $notebook, PatternCard $card, Words $words): array
    {
        $fitted = [];
        foreach ([Side::Left, Side::Right] as $side) {
            $number = $notebook->text(PlacesOf::newNumber($side->value)) ?? $notebook->text(PlacesOf::number($side->value));
            if ($number !== null) {
                $fitted[] = $words->of(
                    Message::of('sheet.bearing', '{side}: {number}', [
                        'side' => Message::plain($card->sideName($side)),
                        'number' => Written::of($number),
                    ]),
                );
            }
        }

        return $fitted;
    }

    /**
     * @param  Closure(string): string  $at the place where it is told
     * @return list<string> how it turned, in the words of the checks
     */
    private static function turning(Notebook $notebook, Closure $at, Words $words): array
    {
        $play = $notebook->length($at('rim_play')) ?? $notebook->length($at('end_play'));

        $told = array_filter([
            Spin::tryFrom($notebook->choice($at('spin')) ?? '')?->label(),
            Coast::tryFrom($notebook->choice($at('coast')) ?? '')?->label(),
            $play === null ? null : Message::of('sheet.play', '{play} of play', ['play' => $play]),
        ]);

        return array_values(array_filter([...array_map($words->of(...), array_values($told)), $notebook->text($at('note'))]));
    }
}
