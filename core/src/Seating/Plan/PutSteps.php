<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Seating\Home\SecondBearing;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Message;

/** The step at which parts that are not pressed go in: its words, what is asked at it, what is judged of it. */
final readonly class PutSteps
{
    public function __construct(private Bench $bench, private SeatingRun $run, private SealsIn $sealsIn)
    {
    }

    /** @param  non-empty-list<Part>  $parts that go in together, the first as the pattern puts it */
    public function step(string $id, array $parts, Put $put): Step
    {
        $part = $parts[0];
        $usual = PutIn::usual($part->kind);
        $words = $put->words;
        $isCover = PutIn::isCover($part);
        $title =
            count($parts) > 1
                ? ($isCover
                    ? 'Seals and covers in'
                    : $usual['title'])
                : match ($part->kind) {
                    PartKind::Sleeve => $usual['title'],
                    PartKind::SnapRing => 'Snap ring in',
                    default => '{part} in',
                };
        if (
            $id === 'seat.seals' &&
            count($parts) > 1 &&
            array_filter($parts, static fn (Part $p): bool => $p->kind !== PartKind::Seal) === []
        ) {
            $title = 'Seals, both sides';
        }
        $detail =
            $words['detail'] ??
            match (true) {
                $part->kind !== PartKind::Seal => $usual['detail'],
                $this->isAlone() => 'After the bearing, so that nothing hits it. Lip greased, spring inward, flush or to the depth '
                    .'measured before.',
                $this->sealsIn !== SealsIn::AfterBoth => $this->sealsIn->detail(),
                default => $usual['detail'],
            };
        $why = $part->kind === PartKind::SnapRing && $this->isAlone() ? 'It holds the bearing.' : $usual['why'];
        $step = Step::of($id, $title, $detail, ['part' => Message::plain($part->name)])
            ->with(
                ...array_filter([
                    'tool' => $words['tool'] ?? $usual['tool'],
                    'why' => $words['why'] ?? $why,
                    'caution' => $words['caution'] ?? $usual['caution'],
                    'find' => $words['find'] ?? '',
                    'part' => $part->id,
                ]),
            )
            ->asking(...array_map(static fn (Part $p): Ask => Ask::part($p, PartState::Fitted), $parts))
            ->taking((int) $usual['minutes'] + count($parts) - 1);

        return match (true) {
            $part->kind === PartKind::SnapRing => $this->ring($step, $part),
            $part->kind === PartKind::Sleeve => $step
                ->on(Panel::Sleeve)
                ->asking(
                    Ask::choice(
                        Places::LOOK_THROUGH,
                        Message::plain('Looked through the {body}'),
                        Option::of(['seen' => 'Spacer tube seen', 'not_seen' => 'Not seen']),
                    )->usually('seen'),
                )
                ->judged(
                    $this->bench->notebook->choice(Places::LOOK_THROUGH) === 'not_seen' ? SecondBearing::sleeveMissing() : null,
                    $this->run->pair->sleeveToMake(),
                ),
            $part->kind === PartKind::Balls => $step
                ->on(Panel::Balls)
                ->asking(...BallRow::asks($part))
                ->judged($this->run->balls($part)->result?->verdict)
                ->holdingStopsOnly(),
            $isCover => $this->covers($step, $parts),
            default => $step,
        };
    }

    /** Whether there is but one bearing: nothing else is driven after it. */
    private function isAlone(): bool
    {
        return count($this->bench->hub->stack->cartridges()) === 1;
    }

    private function ring(Step $step, Part $ring): Step
    {
        $place = $step->id.'_seated';

        return $step
            ->asking(Ask::choice($place, 'In its groove', Option::of(['all_round' => 'All round', 'not_all' => 'Not all round']))
                ->usually('all_round'))
            ->ordinarily('In, and seen in its groove all round')
            ->judged(SeatVerdicts::ring($this->bench->notebook->choice($place)));
    }

    /** @param  list<Part>  $parts */
    private function covers(Step $step, array $parts): Step
    {
        foreach ($parts as $part) {
            if ($part->kind !== PartKind::Seal) {
                continue;
            }
            $place = PlacesOf::seat($part->id, 'depth');
            $step = $step
                ->asking(
                    Ask::depth(
                        $place,
                        Message::of('seal.below', '{seal}, below the face', ['seal' => Message::plain($part->name)]),
                        wanted: false,
                    ),
                )
                ->judged(
                    SeatVerdicts::sealDepth(
                        $part,
                        $this->bench->notebook->reading($place),
                        $this->bench->notebook->reading('check.'.$part->id),
                    ),
                );
        }

        return $step->holdingStopsOnly();
    }
}
