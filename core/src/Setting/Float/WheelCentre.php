<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Float;

use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\SideNames;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** Spacers that put the rim in the middle of the fork. */
#[
    Calculator('wheel-centre', 'Rim in the middle', 'set', 'Both spacers, from the fork or from a trial fit.', [
        'fork_mm' => 100,
        'face_left_mm' => 36,
        'face_right_mm' => 30,
    ]),
]
final readonly class WheelCentre
{
    /** @param  SideNames  $sides what the sides of the wheel are called */
    public function __construct(private Limits $limits, private SideNames $sides = new SideNames())
    {
    }

    /** Lengths in mm: the two spacers whose sum stays and whose difference moves the rim. */
    public function work(WheelCentreInput $input): WheelCentreResult
    {
        [$left, $right, $rim, $off] = $input->gapLeft !== null ? $this->fromTrial($input) : $this->fromFork($input);
        $middle = max($this->limits->get('centre.near'), $off);
        if ($input->gapLeft !== null && abs($rim) <= $middle && min($left, $right) < 0) {
            // As near the middle as a rule tells, and nothing left to take away: what is in it stays.
            [$left, $right] = [$left + $rim, $right - $rim];
        }
        $stacks = array_map(fn (float $mm): array => $mm <= 0 ? [] : $this->stack($input->washers, $mm), [$left, $right]);
        $words = [
            'left' => Length::mm($left),
            'right' => Length::mm($right),
            'wide' => Length::mm(-min($left, $right)),
            'rim' => Length::mm(abs($rim)),
            'left_side' => $this->sides->headed(Side::Left),
            'right_side' => $this->sides->headed(Side::Right),
        ];
        $verdict = match (true) {
            min($left, $right) < ($input->gapLeft === null ? -$this->limits->get('centre.near') : 0.0) - 1e-9 => Verdict::stop(
                Message::of('centre.wide', 'The {side} is {wide} too wide', $words + [
                    'side' => $this->sides->within($left < $right ? Side::Left : Side::Right),
                ]),
                Message::of(
                    'centre.wide.say',
                    'No spacer is left to take away there: hub, lock nut or brake plate stands too far out.',
                    $words,
                ),
            )->next(Message::of('centre.wide.next', 'Look for a spacer on the wrong side; else the hub does not belong in this fork.')),
            $input->gapLeft !== null && abs($rim) <= $middle => Verdict::go(
                Message::of('centre.right', 'In the middle'),
                Message::of('centre.right.say', 'Within what a rule tells at the rim.'),
            ),
            $input->gapLeft !== null => Verdict::care(
                Message::of('centre.move', 'The rim stands {rim} towards the {side}', $words + [
                    'side' => $this->sides->within($rim > 0 ? Side::Right : Side::Left),
                ]),
                Message::of('centre.spacers', 'Spacers. {left_side}: {left}, {right_side}: {right}.', $words),
            )->next(Message::of('centre.move.next', 'The same goes off one side and onto the other: the sum stays.')),
            default => Verdict::go(
                Message::of('centre.cut', '{left_side} {left}, {right_side} {right}', $words),
                Message::of(
                    'centre.cut.say',
                    'Faces square and deburred. Try the wheel in and read both gaps before the nut is tightened.',
                ),
            ),
        };

        return new WheelCentreResult(
            Length::mm($left),
            Length::mm($right),
            Length::mm($rim),
            self::named($stacks[0]),
            self::named($stacks[1]),
            $verdict
                ->showing(
                    Figure::of('spacer_left', $this->spacer(Side::Left), Length::mm($left), $off),
                    Figure::of('spacer_right', $this->spacer(Side::Right), Length::mm($right), $off),
                )
                ->workedOut(
                    $input->gapLeft !== null
                        ? Working::start()->line(
                            'Rim off the middle',
                            '(left gap − right gap) / 2',
                            sprintf('(%.1f − %.1f) / 2', $input->gapLeft->value->mm, $input->gapRight->value->mm ?? 0.0),
                            Length::mm($rim),
                        )
                        : Working::start()
                            ->line($this->spacer(Side::Left), 'W/2 − a left + e', '', Length::mm($left))
                            ->line($this->spacer(Side::Right), 'W/2 − a right − e', '', Length::mm($right)),
                ),
        );
    }

    private function spacer(Side $side): Message
    {
        return Message::of('centre.spacer', 'Spacer, {side}', ['side' => $this->sides->within($side)]);
    }

    /** @return array{float, float, float, float} left, right, how far the rim stands to the right, ± */
    private function fromTrial(WheelCentreInput $input): array
    {
        [$l, $r] = [self::there($input->gapLeft), self::there($input->gapRight)];
        $rim = ($l->value->mm - $r->value->mm) / 2;

        return [($input->spacerLeft->mm ?? 0.0) - $rim, ($input->spacerRight->mm ?? 0.0) + $rim, $rim, hypot($l->sigma(), $r->sigma())];
    }

    /** @return array{float, float, float, float} */
    private function fromFork(WheelCentreInput $input): array
    {
        [$fork, $left, $right] = [self::there($input->fork), self::there($input->faceLeft), self::there($input->faceRight)];
        $e = $input->offset->mm ?? 0.0;

        return [
            $fork->value->mm / 2 - $left->value->mm + $e,
            $fork->value->mm / 2 - $right->value->mm - $e,
            0.0,
            2 * hypot($fork->sigma() / 2, max($left->sigma(), $right->sigma())),
        ];
    }

    /**
     * @param  list<WasherStock>  $washers
     * @return list<float>
     */
    private function stack(array $washers, float $length): array
    {
        $near = $this->limits->get('centre.near');

        return Washers::nearest($washers, $length, $length - $near, $length + $near);
    }

    /**
     * @param  list<float>  $stack
     * @return list<string>
     */
    private static function named(array $stack): array
    {
        return array_map(static fn (float $mm): string => rtrim(rtrim(sprintf('%.2f', $mm), '0'), '.').' mm', $stack);
    }

    private static function there(?Reading $reading): Reading
    {
        return $reading ??
            throw InvalidInput::about(
                'fork_mm',
                'Give the fork and both faces; or the wheel tried in: both gaps and the spacers that are in it.',
            );
    }
}
