<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** Does the sleeve match the span, and if it is short, does the axle pull the inner rings in too far. */
#[
    Calculator('sleeve-length', 'Spacer tube against the span', 'seat', 'For a hub with a shoulder on both sides.', [
        'span_mm' => 57.6,
        'sleeve_length_mm' => 57.65,
        'bore_mm' => 20,
        'outside_mm' => 47,
        'clearance_left_mm' => 0.005,
    ]),
]
final readonly class SleeveLength
{
    /** Ball diameter as a share of the section, for single-row deep groove. */
    private const BALL_SHARE = 0.3;

    /** Groove radii leave this share of the ball diameter: (fi + fe − 1). */
    private const CONFORMITY = 0.04;

    public function __construct(private Limits $limits)
    {
    }

    /** Lengths in mm: the tube minus the span, against what clearance and preload allow. */
    public function work(SleeveLengthInput $input): SleeveLengthResult
    {
        $gap = $input->sleeveLength->estimate()->minus($input->span->estimate());
        $ball = self::BALL_SHARE * ($input->outside->mm - $input->bore->mm);
        $axial = 2 * sqrt(self::CONFORMITY * $ball * $input->clearanceLeft->mm);
        $tight = count(array_filter($input->feel, static fn (PairFeel $f): bool => $f->meansTooFar()));
        $drags = $tight >= 2 || ($tight === 1 && $gap->mean < -$axial);
        $free = in_array(PairFeel::ClampedFree, $input->feel, true);
        $inside =
            $gap->probabilityAtMost($this->limits->get('sleeve.want_high')) -
            $gap->probabilityAtMost($this->limits->get('sleeve.rattle_low'));
        $bearable = 1 - $gap->probabilityAtMost(-$axial);
        $level = $drags
            ? Level::Stop
            : ($free && $gap->mean >= -$axial
                ? Level::Go
                : Level::within($this->limits, $inside, $bearable, $gap->mean + $gap->spread() < -$axial));
        $values = [
            'gap' => Length::mm(abs($gap->mean)),
            'shim' => Length::mm(abs(min(0.0, $gap->mean)) + $this->limits->get('sleeve.shim_extra')),
        ];
        $verdict = match (true) {
            ! $drags && $tight === 1 => Verdict::care(
                Message::of('second.tight_once', 'Tight: try it once more'),
                Message::of('second.tight_once.say', 'One sign alone may be a burr, a dry seal or a bearing not yet level.'),
            )->settledBy(Message::of('sleeve.settle', 'Turning the clamped pair settles it.')),
            $level === Level::Go => Verdict::go(
                Message::of('sleeve.fits', 'The spacer tube matches'),
                Message::of('sleeve.fits.say', 'Clamped by the {shaft}, the inner rings sit on the spacer tube.'),
            ),
            $level === Level::Stop && $gap->mean >= $this->limits->get('sleeve.rattle_low') => Verdict::stop(
                Message::of('sleeve.drags', 'It drags when clamped'),
                Message::of(
                    'sleeve.drags.say',
                    'By its length the spacer tube would do: look for a spacer tube askew, a burr on its ends, or a wrong reading.',
                ),
            ),
            $level === Level::Stop => Verdict::stop(
                Message::of('sleeve.short', 'The spacer tube is too short'),
                Message::of(
                    'sleeve.short.say',
                    'It is {gap} shorter than the span: the {shaft} pulls the inner rings in until they bind.',
                    $values,
                ),
            )->next(Message::of('sleeve.short.next', 'New spacer tube, or a shim of {shim}. Never a loose nut.', $values)),
            $gap->mean > $this->limits->get('sleeve.want_high') => Verdict::care(
                Message::of('sleeve.long', 'The spacer tube is long'),
                Message::of(
                    'sleeve.long.say',
                    'The second outer ring stops about {gap} short of its shoulder, held by its press fit only.',
                    $values,
                ),
            ),
            default => Verdict::care(
                Message::of('sleeve.doubt', 'Close: try it clamped'),
                Message::of('sleeve.doubt.say', 'The readings cannot tell. Clamp the inner rings with the {shaft} and turn.'),
            )->settledBy(Message::of('sleeve.settle', 'Turning the clamped pair settles it.')),
        };

        return new SleeveLengthResult(
            Length::mm($gap->mean),
            Length::mm($axial),
            $verdict
                ->showing(
                    Figure::of('sleeve_gap', 'Spacer tube minus span', Length::mm($gap->mean), $gap->spread()),
                    Figure::of('allowed_short', 'Allowed to be short by', Length::mm($axial), null, 3),
                )
                ->workedOut(
                    Working::start()
                        ->line(
                            'Spacer tube minus span',
                            'L − S',
                            sprintf('%.2f − %.2f', $input->sleeveLength->value->mm, $input->span->value->mm),
                            Length::mm($gap->mean),
                        )
                        ->line(
                            'Allowed to be short by',
                            '2·√(0.04·ball·clearance)',
                            sprintf('2·√(0.04 × %.2f × %.4f)', $ball, $input->clearanceLeft->mm),
                            Length::mm($axial),
                            3,
                        ),
                ),
        );
    }
}
