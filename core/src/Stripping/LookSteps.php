<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Checking\InnerFeel;
use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\SnapRings;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** The end of a take-down: all of it cleaned and looked at, the last ball of one that burst found. */
final readonly class LookSteps
{
    public function __construct(private Bench $bench, private Stack $stack, private Ways $ways)
    {
    }

    /** @return list<PlannedStep> in order */
    public function steps(): array
    {
        $steps = [];
        $looks = Looks::ofHub($this->bench);
        $steps[] = PlannedStep::of(
            Step::of(
                'strip.look',
                'Clean and look',
                'Most of the bench time goes here. One part at a time, so that the order on the tray holds. Old grease out where it '
                    .'is dark, wet or gritty; solvent on the rag, none left in blind holes.',
            )
                ->with(
                    tool: 'Rags, brush, scuff pad',
                    caution: 'Gloves, air, no flame. Never spin a bearing with compressed air.',
                    find: 'Bright rings where it crept, rust at the lip, scores that catch a nail.',
                )
                ->asking(
                    ...$looks->asks(),
                    ...$this->locates(),
                    ...[Ask::text(Places::LOOK_NOTE, 'What was seen', wanted: false)],
                )
                ->judged($looks->verdict())
                ->taking(15),
        );
        $around = Looks::around($this->bench);
        if ($around->asks() !== []) {
            $steps[] = PlannedStep::of(
                Step::of('strip.over', 'Looked over while it is here', Looks::what($this->bench))
                    ->asking(...$around->asks())
                    ->judged($around->verdict())
                    ->ordinarily('All of it good')
                    ->optional()
                    ->taking(2),
            );
        }
        if ($this->bench->pattern->card()->use === HubUse::SlowWheel && $this->stack->cartridges() !== []) {
            $steps[] = PlannedStep::of($this->spare());
        }
        if ($this->ways->has(Condition::Burst)) {
            $steps[] = PlannedStep::of(
                Step::of(
                    'strip.last_ball',
                    'Find the last ball',
                    'Lamp and magnet through all of the {body}, then turn it over and tap it.',
                )
                    ->with(tool: 'Magnet, lamp')
                    ->asking(
                        Ask::choice(Places::BALLS_FOUND, 'Balls of it', Option::of(['all' => 'All found', 'missing' => 'Some missing'])),
                    )
                    ->judged($this->balls())
                    ->taking(3),
            );
        }

        return $steps;
    }

    /** On a light job a bearing that turns well under its dirt is worth keeping; in a wheel that carries people at speed it is not. */
    private function spare(): Step
    {
        $feel = InnerFeel::tryFrom($this->bench->notebook->choice(PlacesOf::check('inner_left')) ?? '');
        $kept = $this->bench->notebook->choice(Places::SPARE) === 'spare';

        return Step::of(
            'strip.spare',
            'The old one: a spare, or scrap',
            'Shield or seal lifted at its edge, washed, dried, turned and judged again. Smooth: packed, seal back, kept for a light job.',
        )
            ->with(
                tool: 'Fine pick, solvent, brush',
                caution: 'Never spin a bearing with compressed air.',
                find: 'Rough, rusty, notched, or a torn seal: scrap.',
            )
            ->asking(
                Ask::choice(
                    Places::SPARE,
                    'The old one is',
                    Option::of(['scrap' => 'Scrap', 'spare' => 'Washed, packed, kept as a spare']),
                    wanted: false,
                )->usually('scrap'),
            )
            ->judged(
                $kept && in_array($feel, [InnerFeel::Rough, InnerFeel::Notchy, InnerFeel::Locked], true)
                    ? Verdict::care(
                        Message::of('spare.bad', 'It was felt to be worn'),
                        Message::of('spare.bad.say', 'At Check in it turned rough, notchy or not at all: washing does not cure that.'),
                    )
                    : null,
            )
            ->advice()
            ->optional()
            ->taking(5);
    }

    /** @return list<Ask> which side locates, where no ring on one side tells */
    private function locates(): array
    {
        $card = $this->bench->pattern->card();

        return ! $card->eitherFirst || SnapRings::only($this->stack) !== null
            ? []
            : [
                Ask::choice(
                    Places::LOOK_FIRST,
                    'The shoulder that the first bearing goes down to',
                    Option::of([
                        'left' => $card->sideName(Side::Left),
                        'right' => $card->sideName(Side::Right),
                        'unseen' => 'Cannot see yet',
                    ]),
                ),
            ];
    }

    /** The balls that were collected against what such a bearing usually has; null until a number was written first. */
    public static function counted(?string $said, int $usual): ?Verdict
    {
        if ($said === null || preg_match('/^\s*(\d{1,3})\b/', $said, $found) !== 1) {
            return null;
        }
        $count = (int) $found[1];
        $words = ['count' => $count, 'usual' => $usual];

        return match (true) {
            $count < $usual - 1 => Verdict::care(
                Message::of('burst.few', '{count} of about {usual} balls', $words),
                Message::of('burst.few.say', 'Some are still in the {body}. Look for them before anything new goes in.'),
            ),
            $count > $usual + 1 => Verdict::care(
                Message::of('burst.many', '{count} balls, usual is about {usual}', $words),
                Message::of(
                    'burst.many.say',
                    'Another size, a second row, or balls of both bearings: look at the cage, it shows its pockets.',
                ),
            ),
            default => Verdict::go(
                Message::of('burst.all', '{count} balls, as many as usual', $words),
                Message::of('burst.all.say', 'Makers differ by one. Sure is what the cage shows: one ball for each pocket.'),
            ),
        };
    }

    private function balls(): ?Verdict
    {
        return $this->bench->notebook->choice(Places::BALLS_FOUND) === 'missing'
            ? Verdict::stop(
                Message::of('strip.balls_missing', 'Balls are missing'),
                Message::of('strip.balls_missing.say', 'One that stays in the {body} is driven into the new bearing.'),
            )->next(
                Message::of(
                    'strip.balls_missing.next',
                    'Magnet and lamp once more; shake the {body} out. Then say that all are found.',
                ),
            )
            : null;
    }
}
