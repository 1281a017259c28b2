<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Shown;
use CleanRace\Core\Verdict\Verdict;

/** What is said of a ring that must grip, or stand still: how tight, whether it lets go when warm, what contradicts. */
final readonly class GripWords
{
    private bool $inBore;

    /** @param  Estimate  $fit interference as it was decided, mm */
    public function __construct(private Limits $limits, private SeatEvidence $evidence, private Estimate $fit)
    {
        $this->inBore = $evidence->joint->seat === RingSeat::Bore;
    }

    /** It does what it is meant to. */
    public function holds(): Verdict
    {
        $still = $this->evidence->meant === SeatMeant::StandsStill;

        return Verdict::go(
            match (true) {
                $still => Message::of('fit.stands', 'Firm enough: it stands still'),
                $this->inBore => Message::of('fit.holds', 'The bore will hold it'),
                default => Message::of('fit.holds', 'The shaft will hold it'),
            },
            match (true) {
                $still => Message::of('fit.stands.say', 'The load does not turn on this ring, and ring, cover or nut keeps it.'),
                $this->evidence->feel === FitFeel::LightTaps => Message::of(
                    'fit.taps.say',
                    'It starts by hand and takes taps: it grips.',
                ),
                $this->evidence->feel === FitFeel::FirmDriving => Message::of('fit.firm.say', 'It wants firm driving: it grips well.'),
                $this->evidence->feel === FitFeel::WillNotStart => Message::of(
                    'fit.will_not_read.say',
                    'An ordinary fit is read: what will not start has a burr or dirt in its way, or leans. Clean the edge, warm it.',
                ),
                $this->inBore => Message::of('fit.holds.say', 'The ring is larger than its bore and grips.'),
                default => Message::of('fit.holds_shaft.say', 'The shaft is larger than the ring and grips it.'),
            },
        );
    }

    /** Nobody read or tried it. */
    public function unknown(): Verdict
    {
        return Verdict::care(
            Message::of('fit.unknown', 'Not measured yet'),
            Message::of('fit.unknown.say', 'Shown is what makers aim for. How the ring starts tells more than a table.'),
        )->next(
            Message::of(
                'fit.unknown.next',
                $this->inBore
                    ? 'Try the new ring where it starts, or measure the bore.'
                    : 'Try the new ring where it starts, or measure the shaft.',
            ),
        );
    }

    /** Read by a caliper, and not tried. */
    public function byCaliper(): Verdict
    {
        return Verdict::care(
            Message::of('fit.caliper', 'How does it start'),
            Message::of('fit.caliper.say', 'A caliper cannot tell a light grip from none. The hand can.'),
        )->next(Message::of('fit.caliper.next', 'Try the new ring at the mouth and say how it starts.'));
    }

    /** Not sure enough either way. */
    public function doubt(): Verdict
    {
        if ($this->evidence->meant === SeatMeant::StandsStill) {
            return Verdict::care(
                Message::of('fit.slack', 'A little loose, and it stands still'),
                Message::of('fit.slack.say', 'Ring, cover or nut must hold it: it may hammer its seat in the long run.'),
            )->next(Message::of('fit.slack.next', 'Measure it with a gauge, or set it in compound and tell the owner.'));
        }

        return Verdict::care(
            Message::of('fit.doubt', 'It may creep'),
            $this->evidence->feel === FitFeel::ThumbPush
                ? Message::of('fit.thumb.say', 'Under the thumb it slides: little or no grip.')
                : Message::of('fit.doubt.say', 'What is read and felt cannot tell a light grip from none.'),
        )->next(
            $this->isNylon()
                ? Message::of('fit.doubt.nylon', 'Measure it. In nylon no compound holds: what it sits in is replaced when it is loose.')
                : Message::of('fit.doubt.next', 'Measure it with a gauge, or use retaining compound and tell the owner.'),
        );
    }

    /** Too loose: what can be done, by how wide the gap is. */
    public function loose(): Verdict
    {
        $gap = ['gap' => Length::mm(abs($this->fit->mean))];
        if ($this->fit->mean < $this->limits->get('fit.compound_reach') || $this->isNylon()) {
            return Verdict::stop(
                Message::of('fit.worn', $this->isNylon() ? 'Too loose: replace it' : 'Too loose: sleeve it or replace it'),
                match (true) {
                    $this->isNylon() => Message::of(
                        'fit.worn.nylon',
                        'The bore is about {gap} too large, and no compound holds in nylon.',
                        $gap,
                    ),
                    $this->inBore => Message::of('fit.worn.say', 'The bore is {gap} too large, more than a compound fills.', $gap),
                    default => Message::of('fit.worn.say', 'The shaft is {gap} too small, more than a compound fills.', $gap),
                },
            )->next(
                Message::of(
                    'fit.worn.next',
                    match (true) {
                        $this->isNylon() => 'Replace what it sits in. Tell the owner before going on.',
                        $this->inBore => 'Have the bore sleeved, or fit another {body}. Tell the owner before going on.',
                        default => 'Have the shaft sleeved, or fit another. Tell the owner before going on.',
                    },
                ),
            );
        }
        if ($this->evidence->compound) {
            return Verdict::care(
                Message::of('fit.glued', 'Held by compound only'),
                Message::of(
                    'fit.glued.say',
                    $this->inBore
                        ? 'The bore is about {gap} loose. The owner must know, and heat will be needed to get it out.'
                        : 'The shaft is about {gap} loose. The owner must know, and heat will be needed to get the ring off.',
                    $gap,
                ),
            );
        }

        return Verdict::stop(
            Message::of('fit.loose', $this->inBore ? 'The bore will not hold it' : 'The shaft will not hold it'),
            Message::of(
                'fit.loose.say',
                $this->inBore
                    ? 'The bore is about {gap} too large for the ring: it will turn and wear on.'
                    : 'The shaft is about {gap} too small for the ring: it will turn and wear on.',
                $gap,
            ),
        )->next(
            Message::of(
                'fit.loose.next',
                $this->inBore
                    ? 'Retaining compound rated for {gap}, dry and degreased, and said to the owner; or a sleeve; or another {body}.'
                    : 'Retaining compound rated for {gap}, dry and degreased, and said to the owner; or a sleeve; or another shaft.',
                $gap,
            ),
        );
    }

    /** It holds, and what was seen of the wall speaks against it. */
    public function blemished(WallLook $look): Verdict
    {
        return Verdict::care(
            match ($look) {
                WallLook::BrightBand => Message::of('fit.band', 'It holds now; a ring has crept here'),
                WallLook::Pits => Message::of('fit.pits', 'It holds on what the pits left'),
                default => Message::of('fit.score', 'It holds; dress the score first'),
            },
            match ($look) {
                WallLook::BrightBand => Message::of('fit.band.say', 'A bright band is polished by a ring that turned.'),
                WallLook::Pits => Message::of(
                    'fit.pits.say',
                    'Rust ate the wall under the ring: what stands between the pits carries.',
                ),
                default => Message::of('fit.score.say', 'Its edge shaves the ring and holds it askew.'),
            },
        )->next(
            match ($look) {
                WallLook::BrightBand => Message::of(
                    'fit.band.next',
                    'Compound under the ring, or look again after the first long run.',
                ),
                WallLook::Pits => Message::of('fit.pits.next', 'Smear the seat so that water stays out; carry a note forward.'),
                default => Message::of('fit.score.next', 'Stone the raised edge flat, clean, and try the ring again.'),
            },
        );
    }

    /** A ring that holds cold and lets go when the hub is warm. */
    public function letsGoWarm(): Verdict
    {
        return Verdict::care(
            Message::of('fit.warm', 'Holds cold, lets go when hot'),
            Message::of('fit.warm.say', 'The {body} grows more than the ring: when it runs hot it may let go.'),
        )->next(Message::of('fit.warm.next', 'Retaining compound, or look again after the first long run.'));
    }

    /** Readings and hands that cannot both be right. */
    public function clash(): Verdict
    {
        return Verdict::care(
            Message::of('fit.clash', 'Readings and hands disagree'),
            Message::of('fit.clash.say', 'The readings say {read}, the hands: {felt}. One of them is wrong.', [
                'read' => Shown::of(Length::mm($this->evidence->shown ?? $this->fit->mean), 3),
                'felt' => Message::within($this->evidence->feel?->label() ?? ''),
            ]),
        )->next(Message::of('fit.clash.next', 'Clean it and measure again, at the mouth and at the bottom.'));
    }

    /** A size that no seat is made for. */
    public function farTooTight(): Verdict
    {
        $splits = $this->evidence->joint->splitsAt($this->limits) <= $this->evidence->farTooTight($this->limits) + 1e-9;

        return Verdict::stop(
            Message::of('fit.tight', 'Far too tight: do not press it'),
            $splits
                ? Message::of('fit.splits.say', '{over} of interference would split this {body}.', ['over' => $this->over()])
                : Message::of('fit.tight.say', '{over} of interference, where makers give at most {most}.', [
                    'over' => $this->over(),
                    'most' => Shown::of(Length::mm($this->evidence->most), 3),
                ]),
        )->next(
            Message::of(
                'fit.tight.next',
                $this->inBore
                    ? 'Wrong size, a burr or dirt: clean it, and measure ring and bore again.'
                    : 'Wrong size, a burr or dirt: clean it, and measure ring and shaft again.',
            ),
        );
    }

    /** Tighter than makers give, and still one that can be pressed. */
    public function tighterThanMade(): Verdict
    {
        return Verdict::care(
            Message::of('fit.tightish', 'Tighter than makers fit it'),
            Message::of('fit.tightish.say', 'About {over} of interference, where makers give at most {most}.', [
                'over' => $this->over(),
                'most' => Shown::of(Length::mm($this->evidence->most), 3),
            ]),
        )->next(
            Message::of(
                'fit.tightish.next',
                'Look for a burr or dirt, measure again; warm the {body}, and turn the bearing by hand when it is in.',
            ),
        );
    }

    /** Hands alone say it does not go in cold. */
    public function willNotStart(): Verdict
    {
        return Verdict::care(
            Message::of('fit.will_not', 'It will not start cold'),
            Message::of('fit.will_not.say', 'A tight fit, a burr, or the wrong size: hands alone cannot tell which.'),
        )->next(
            Message::of(
                'fit.will_not.next',
                $this->inBore
                    ? 'Stop hitting. Measure ring and bore, clean the burr, then warm or press.'
                    : 'Stop hitting. Measure ring and shaft, clean the burr, then warm or press.',
            ),
        );
    }

    private function over(): Quantity|Shown
    {
        return Shown::of(Length::mm($this->evidence->shown ?? $this->fit->mean), 3);
    }

    private function isNylon(): bool
    {
        return $this->inBore && $this->evidence->joint->body() === Material::Nylon;
    }
}
