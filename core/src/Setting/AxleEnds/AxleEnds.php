<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\AxleEnds;

use CleanRace\Core\Catalogue\Thread;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\SideNames;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** The axle in the middle, or where it was: how far to turn it, and whether a quick-release can close on it. */
#[
    Calculator('axle-ends', 'Axle in the middle', 'set', 'How far it is turned, and whether it stays inside the dropout.', [
        'left_mm' => 4.2,
        'right_mm' => 6.6,
        'thread' => 'M10 × 1',
        'dropout_mm' => 7,
        'quick_release' => true,
    ]),
]
final readonly class AxleEnds
{
    /** @param  SideNames  $sides what its ends are called */
    public function __construct(private Limits $limits, private SideNames $sides = new SideNames())
    {
    }

    /** Lengths in mm; the move and the turns of the thread it takes. */
    public function work(AxleEndsInput $input): AxleEndsResult
    {
        $thread = Thread::read($input->thread);
        [$left, $right] = [$input->left->value->mm, $input->right->value->mm];
        // What was unlike before stays unlike; else both ends alike.
        $unlike = ($input->beforeLeft->mm ?? 0.0) - ($input->beforeRight->mm ?? 0.0);
        $move = ($left - $right - $unlike) / 2;
        [$wantLeft, $wantRight] = [$left - $move, $right + $move];
        $turns = abs($move) / $thread->pitch->mm;
        $off = hypot($input->left->halfWidth->mm, $input->right->halfWidth->mm) / 2;
        $longest = $input->dropout === null ? null : $input->dropout->mm - $this->limits->get('axle.inside_dropout');
        $tooLong = $input->quickRelease && $longest !== null && max($wantLeft, $wantRight) > $longest;
        $words = [
            'move' => Length::mm(abs($move)),
            'turns' => Written::of(sprintf('%.1f', $turns)),
            'longest' => Length::mm($longest ?? 0),
            'out' => Length::mm(max($wantLeft, $wantRight)),
        ];

        $verdict = match (true) {
            $tooLong => Verdict::stop(
                Message::of('axle_ends.long', 'The quick-release would close on the axle'),
                Message::of(
                    'axle_ends.long.say',
                    'In its place it stands {out} out; it must stay below {longest}, or the lever clamps the axle and not the frame.',
                    $words,
                ),
            )->next(
                Message::of('axle_ends.long.next', 'Measure the axle and the dropouts again; a shorter axle, or the right spacers.'),
            ),
            abs($move) <= max($this->limits->get('axle.middle'), $off) => Verdict::go(
                $unlike === 0.0 ? Message::of('axle_ends.middle', 'In the middle') : Message::of('axle_ends.as_before', 'As it was'),
                Message::of('axle_ends.middle.say', 'Both ends stand as they should, within {off}.', [
                    'off' => Length::mm(max($this->limits->get('axle.middle'), $off)),
                ]),
            ),
            default => Verdict::care(
                Message::of('axle_ends.move', 'Move it {move} towards the {side}', $words + [
                    'side' => $this->sides->within($move > 0 ? Side::Right : Side::Left),
                ]),
                Message::of('axle_ends.move.say', 'That is {turns} turns of the axle, before anything is locked.', $words),
            ),
        };

        return new AxleEndsResult(
            Length::mm($move),
            $turns,
            Length::mm($wantLeft),
            Length::mm($wantRight),
            $verdict
                ->showing(
                    Figure::of('want_left', $this->inPlace(Side::Left), Length::mm($wantLeft), $off),
                    Figure::of('want_right', $this->inPlace(Side::Right), Length::mm($wantRight), $off),
                )
                ->workedOut(
                    Working::start()
                        ->line(
                            'Move',
                            $unlike === 0.0 ? '(left − right) / 2' : '(left − right − what it was unlike before) / 2',
                            sprintf('(%.2f − %.2f%s) / 2', $left, $right, $unlike === 0.0 ? '' : sprintf(' − %.2f', $unlike)),
                            Length::mm($move),
                        )
                        ->line(
                            'Turns',
                            'move / pitch',
                            sprintf('%.2f / %.3f', abs($move), $thread->pitch->mm),
                            sprintf('%.2f', $turns),
                        ),
                ),
        );
    }

    private function inPlace(Side $side): Message
    {
        return Message::of('axle_ends.in_place', '{side}, in place', ['side' => $this->sides->headed($side)]);
    }
}
