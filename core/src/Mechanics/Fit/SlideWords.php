<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** What is said of a shaft or stub that must slide in its ring. */
final readonly class SlideWords
{
    /** @param  Estimate  $fit shaft less bore, mm */
    public function __construct(private SeatEvidence $evidence, private Estimate $fit)
    {
    }

    /** As it should. */
    public function right(): Verdict
    {
        return Verdict::go(
            Message::of('slide.go', 'It slides as it should'),
            $this->evidence->meant === SeatMeant::Clamped
                ? Message::of('slide.clamped.say', 'It goes on by hand or light taps; the nut clamps it.')
                : Message::of('slide.go.say', 'The {shaft} passes by hand and is not worn.'),
        );
    }

    /** Nobody read or tried it. */
    public function unknown(): Verdict
    {
        return Verdict::care(
            Message::of('slide.unknown', 'Not tried yet'),
            Message::of('slide.unknown.say', 'Pass it through the new ring by hand, or measure where it carries.'),
        );
    }

    /** More than the thumb where the thumb should do. */
    public function tapped(): Verdict
    {
        return Verdict::care(
            Message::of('slide.tapped', 'It should go by hand'),
            Message::of('slide.tapped.say', 'Light taps are more than a free {shaft} needs: a burr, rust, or something askew on its way.'),
        )->settledBy(Message::of('slide.tight.settle', 'Passing the {shaft} by hand settles it.'));
    }

    /** Wants blows. */
    public function driven(): Verdict
    {
        return Verdict::care(
            Message::of('slide.driven', 'It wants driving where it should slide'),
            Message::of('slide.driven.say', 'Burr, rust, a bend, or something askew on its way. Do not drive it through.'),
        )->next(
            Message::of('slide.driven.next', 'Clean it and try again by hand; roll the {shaft} on a flat plate; look through the {body}.'),
        );
    }

    /** Wants blows, and a second sign says why. */
    public function stuck(): Verdict
    {
        return Verdict::stop(
            Message::of('slide.stuck', 'Do not drive it through'),
            Message::of('slide.stuck.say', 'Hands and what is read or seen of it agree: it is too large, burred or rusted here.'),
        )->next(Message::of('slide.stuck.next', 'Dress or polish it until it passes by hand, or fit another.'));
    }

    /** Past all use. */
    public function wornOut(): Verdict
    {
        return Verdict::stop(
            Message::of('slide.worn', 'The {shaft} is worn out'),
            Message::of('slide.worn.say', 'It is {gap} smaller than the bore. Fit another.', $this->gap()),
        );
    }

    /** Looser than it should be. */
    public function worn(): Verdict
    {
        return Verdict::care(
            Message::of('slide.loose', 'The {shaft} is worn'),
            Message::of('slide.loose.say', 'It is {gap} smaller than the bore. Carry a note forward.', $this->gap()),
        );
    }

    /** Reads as large as its ring. */
    public function tight(): Verdict
    {
        return Verdict::care(
            Message::of('slide.tight', 'It may not slide'),
            Message::of('slide.tight.say', 'The {shaft} reads as large as the bore: rust, a burr or a bend. Clean it and try by hand.'),
        )->settledBy(Message::of('slide.tight.settle', 'Passing the {shaft} by hand settles it.'));
    }

    /** Between tight and loose lies less than the reading tells. */
    public function doubt(): Verdict
    {
        return Verdict::care(
            Message::of('slide.doubt', 'The reading cannot tell'),
            Message::of('slide.doubt.say', 'Between tight and loose lies less than this instrument reads. Pass the {shaft} by hand.'),
        )->settledBy(Message::of('slide.doubt.settle', 'A micrometer settles it.'));
    }

    /** @return array<string, Length> */
    private function gap(): array
    {
        return ['gap' => Length::mm(abs($this->evidence->shown ?? $this->fit->mean))];
    }
}
