<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Belief;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** Is the ring on its ledge, and does the snap-ring groove show in full. */
#[
    Calculator('home', 'Is it home on its shoulder', 'seat', 'From depths, from hands, or both; and the groove.', [
        'width_mm' => 14,
        'ledge_depth_mm' => 23.2,
        'depth_mm' => 9.22,
        'signs' => ['note_changed', 'feeler_refused'],
        'groove_edge_depth_mm' => 9.1,
    ]),
]
final readonly class Home
{
    /** Beyond this the arithmetic alone is clear, in mm. */
    private const FAR = 0.9;

    public function __construct(private Limits $limits)
    {
    }

    /** Depths in mm from the face; two signs of the hands settle it without a reading. */
    public function work(HomeInput $input): HomeResult
    {
        $home = $input->ledgeDepth === null ? null : HomeDepth::on($input->ledgeDepth, $input->width, $input->widthMeasured);
        $toGo = $home === null || $input->depth === null ? null : $home->toGo($input->depth);
        $hands = $this->hands($input);
        $verdict = $toGo === null ? $this->byHands($input, $hands) : $this->judged($input, $toGo, $hands);
        $clear = $this->groove($input);
        if ($clear !== null && $verdict->level === Level::Go && $clear->mean < $this->limits->get('home.groove_clear')) {
            $verdict = Verdict::stop(
                Message::of('home.groove', 'The groove is not clear'),
                Message::of('home.groove.say', 'The ring must go {more} further before the snap ring can seat.', [
                    'more' => Length::mm($this->limits->get('home.groove_clear') - $clear->mean),
                ]),
            )->next(Message::of('home.groove.next', 'Look for dirt on the shoulder; drive on.'));
        }
        if ($toGo !== null) {
            $width = $input->widthMeasured->value->mm ?? $input->width->mm;
            $verdict = $verdict
                ->showing(
                    Figure::of('home_at', 'Home at', $home->depth()),
                    Figure::of('stands_at', 'Stands at', $input->depth->value),
                    Figure::of('to_go', 'Still to go', Length::mm($toGo->mean), $toGo->spread()),
                )
                ->workedOut(
                    Working::start()->line(
                        'Still to go',
                        '(shoulder − width) − depth',
                        sprintf('(%.2f − %.2f) − %.2f', $input->ledgeDepth->value->mm, $width, $input->depth->value->mm),
                        Length::mm($toGo->mean),
                    ),
                );
        }
        // Of a ring that is still on its way the groove says nothing.
        if ($clear !== null && ($toGo === null || $toGo->mean < $this->limits->get('home.near'))) {
            $verdict = $verdict->showing(Figure::of('groove_clear', 'Groove clear by', Length::mm($clear->mean)));
        }

        if ($input->grooveWidth !== null && $input->ringThickness !== null) {
            $verdict = $verdict->showing(
                Figure::of('ring_play', 'Play under the snap ring', Length::mm($input->grooveWidth->mm - $input->ringThickness->mm)),
            );
        }

        return new HomeResult(
            $home?->depth(),
            $toGo === null ? null : Length::mm($toGo->mean),
            $clear === null ? null : Length::mm($clear->mean),
            $verdict,
        );
    }

    /** Count of signs that say home; none when one of them says not. */
    private function hands(HomeInput $input): int
    {
        return in_array(HomeSign::LightUnder, $input->signs, true)
            ? 0
            : count(array_unique(array_map(static fn (HomeSign $s): string => $s->value, $input->signs)));
    }

    private function byHands(HomeInput $input, int $hands): Verdict
    {
        return match (true) {
            in_array(HomeSign::LightUnder, $input->signs, true) => $this->notHome($input, null),
            $hands >= 2 => Verdict::go(
                Message::of('home.hands', 'Home, by hand and ear'),
                Message::of('home.hands.say', 'Two signs agree that it stands on its shoulder.'),
            ),
            default => Verdict::care(
                Message::of('home.one', 'One sign that it is home'),
                Message::of('home.one.say', 'One sign may deceive. Try a feeler under the ring.'),
            )->settledBy(Message::of('home.settle', 'A depth reading against the shoulder settles it.')),
        };
    }

    private function judged(HomeInput $input, Estimate $toGo, int $hands): Verdict
    {
        [$low, $high] = $this->band($input);
        $denied = in_array(HomeSign::LightUnder, $input->signs, true);
        if ($hands >= 2 && $toGo->mean > $high + 1.5 * $toGo->spread()) {
            return Verdict::care(
                Message::of('home.clash', 'Arithmetic and hands disagree'),
                Message::of(
                    'home.clash.say',
                    'The depths say {more} to go, the hands say home. A reading is wrong, or dirt lies on the shoulder.',
                    ['more' => Length::mm($toGo->mean)],
                ),
            )->next(Message::of('home.clash.next', 'Read the ring again at four places, and slide a feeler under it.'));
        }
        if ($denied) {
            return $this->notHome($input, $toGo->mean - $toGo->spread() > $high ? Length::mm($toGo->mean) : null);
        }
        $home = $this->probability($toGo, $hands, $low, $high);
        $level = Level::within($this->limits, $home, 1 - (1 - $toGo->probabilityAtMost($high)), $toGo->mean - $toGo->spread() > $high);

        return match (true) {
            $level === Level::Go => Verdict::go(
                Message::of('home.home', 'Home'),
                Message::of('home.home.say', 'It stands on its shoulder.'),
            ),
            $level === Level::Stop => $this->notHome($input, Length::mm($toGo->mean)),
            $toGo->mean + $toGo->spread() < $low => Verdict::care(
                Message::of('home.deep', 'Deeper than the shoulder allows'),
                Message::of('home.deep.say', 'It reads {past} too deep. The shoulder was read short, or another bearing is fitted.', [
                    'past' => Length::mm(-$toGo->mean),
                ]),
            ),
            default => Verdict::care(
                Message::of('home.doubt', 'Perhaps home'),
                Message::of('home.doubt.say', 'The readings cannot tell. The note of the blows, and a feeler under the ring, can.'),
            )->settledBy(Message::of('home.doubt.settle', 'A feeler that will not go under settles it.')),
        };
    }

    private function probability(Estimate $toGo, int $hands, float $low, float $high): float
    {
        $belief = Belief::between(-1.0, 1.0, 201)->reading(new Estimate(max(-self::FAR, min(self::FAR, $toGo->mean)), $toGo->sigma));
        if ($hands >= 2) {
            $belief = $belief->band($low, $this->limits->get('home.hands_high'), abs($this->limits->get('home.hands_low')));
        }

        return $belief->probabilityAtLeast($low) - $belief->probabilityAtLeast($high);
    }

    /**
     * What "to go" may read for a ring that is home: the ring may be narrower than its number says.
     *
     * @return array{float, float}
     */
    private function band(HomeInput $input): array
    {
        $under = $this->limits->get('home.under');

        return $input->widthMeasured === null ? [-$this->limits->get('home.over'), $under] : [-$under, $under];
    }

    /** Under way it is so much to go, without alarm; a stop when work goes on without it, or when it will not go further. */
    private function notHome(HomeInput $input, ?Length $more): Verdict
    {
        $stuck = $more !== null && in_array(HomeSign::HardStop, $input->signs, true);
        if (! $input->goneOn && ! $stuck) {
            return Verdict::care(
                $more === null
                    ? Message::of('home.light', 'Not down yet')
                    : Message::of('home.to_go', '{more} to go', ['more' => $more]),
                $more === null
                    ? Message::of('home.not.light', 'Light under the ring: it does not stand on its shoulder.')
                    : Message::of('home.to_go.say', 'Steady, then a sharp rise and a dull note: that is home.'),
            );
        }

        return Verdict::stop(
            $stuck ? Message::of('home.stuck', 'It stops {more} short', ['more' => $more]) : Message::of('home.not', 'Not home yet'),
            match (true) {
                $stuck => Message::of('home.stuck.say', 'It came to a hard stop before its shoulder.'),
                $more === null => Message::of('home.not.light', 'Light under the ring: it does not stand on its shoulder.'),
                default => Message::of('home.not.say', '{more} to go. Drive on before anything else goes in.', ['more' => $more]),
            },
        )->next(
            Message::of('home.not.next', 'If it will not go further, draw it out and look for dirt or trapped grease on the shoulder.'),
        );
    }

    /** How far the proud side has passed the groove's inner edge. */
    private function groove(HomeInput $input): ?Estimate
    {
        return $input->grooveEdgeDepth === null || $input->depth === null
            ? null
            : new Estimate(
                $input->depth->value->mm - ($input->tilt->mm ?? 0.0) / 2 - $input->grooveEdgeDepth->mm,
                $input->depth->sigma(),
            );
    }
}
