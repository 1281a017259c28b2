<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Shown;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Written;

/** What is said of a second bearing on its way to the spacer tube. */
final readonly class SecondBearingWords
{
    /** What adding up decimals leaves behind, in mm. */
    public const NOTHING = 1e-9;

    public function __construct(private Limits $limits)
    {
    }

    /**
     * What is left to go, what the rings may be narrower, and the half-width of it, in mm; turns in degrees. Between the two
     * depths at which it may rest the hands decide, and never the band alone.
     */
    public function judged(
        SecondBearingInput $input,
        float $toGo,
        float $narrower,
        float $halfWidth,
        ?float $turn,
        ?float $advised,
    ): Verdict {
        $has = static fn (PairFeel $feel): bool => in_array($feel, $input->feel, true);
        $agrees = array_filter($input->feel, static fn (PairFeel $f): bool => $f->agrees()) !== [];
        $tight = count(array_filter($input->feel, static fn (PairFeel $f): bool => $f->meansTooFar()));
        $free = $has(PairFeel::ClampedFree);
        $values = [
            'mm' => Length::mm($toGo),
            'turn' => self::turnWords($advised ?? 0.0),
            'bolt' => Written::of($input->drawBolt->value),
        ];
        $past = -$toGo - $narrower;
        $isPast = $past > $halfWidth + self::NOTHING;

        return match (true) {
            $tight >= 2 || ($tight === 1 && $isPast && ! $free) => $this->tooFar(),
            $past > $this->limits->get('second.past_share') * $halfWidth + self::NOTHING => $free
                ? $this->pastAndFree($past)
                : $this->past($past),
            $tight === 1 => self::askAgain(),
            $turn !== null && $free => self::there(),
            $turn !== null && $agrees => Verdict::care(
                Message::of('second.clash', 'Arithmetic and hands disagree'),
                Message::of(
                    'second.clash.say',
                    'The sizes say {mm} to go, the hands say it is there. Go by the hands, and look for a wrong reading.',
                    $values,
                ),
            )->settledBy(self::clampIt()),
            $turn !== null => Verdict::care(
                Message::of('second.more', '{mm} to go', $values),
                Message::of('second.more.say', 'Turn the {bolt} nut {turn}, back off, and try the spacer tube.', $values),
            )->next(Message::of('second.more.next', 'Creep the last part. Too far cannot be drawn back.')),
            array_filter($input->feel, static fn (PairFeel $f): bool => $f->meansShort()) !== [] => self::short(),
            $agrees => self::there(),
            default => Verdict::care(
                Message::of('second.try', 'Near it, by the sizes: try it'),
                Message::of('second.try.say', 'Push the spacer tube, turn one inner ring, pass the {shaft}.'),
            )->settledBy(self::clampIt()),
        };
    }

    private static function there(): Verdict
    {
        return Verdict::go(
            Message::of('second.there', 'There'),
            Message::of('second.there.say', 'The second bearing rests on the spacer tube.'),
        )->next(Message::of('second.there.next', 'Try it clamped: the pair must turn free.'));
    }

    private static function clampIt(): Message
    {
        return Message::of('second.clamp', 'Clamp the inner rings with the {shaft} and turn.');
    }

    private static function askAgain(): Verdict
    {
        return Verdict::care(
            Message::of('second.tight_once', 'Tight: try it once more'),
            Message::of('second.tight_once.say', 'One sign alone may be a burr, a dry seal or a bearing not yet level.'),
        )->settledBy(Message::of('second.tight_once.settle', 'Clamped by the {shaft}, it turns free or it drags.'));
    }

    private function past(float $past): Verdict
    {
        return Verdict::stop(
            Message::of('second.past', 'Past the spacer tube'),
            Message::of(
                'second.past.say',
                'It stands {mm} deeper than the spacer tube allows: the spacer tube is missing, short or askew, or a reading is wrong.',
                ['mm' => Length::mm($past)],
            ),
        )->next(
            Message::of(
                'second.past.next',
                'Look through for the spacer tube. Measure again. If it binds, it comes out, and a new one goes in.',
            ),
        );
    }

    private function pastAndFree(float $past): Verdict
    {
        return Verdict::care(
            Message::of('second.past_free', 'Deeper than the sizes say, and it turns free'),
            Message::of('second.past_free.say', 'By the sizes it stands {mm} too deep. Clamped it turns free: a reading is wrong.', [
                'mm' => Length::mm($past),
            ]),
        );
    }

    /**
     * @param  list<PairFeel>  $feel
     * @param  bool  $twoShoulders whether both rings stop on their own: a loose spacer tube then says nothing against it
     */
    public function byHands(array $feel, bool $twoShoulders = false): Verdict
    {
        $short = array_filter($feel, static fn (PairFeel $f): bool => $f->meansShort()) !== [];
        $there = array_filter($feel, static fn (PairFeel $f): bool => $f->meansThere()) !== [];
        $tight = count(array_filter($feel, static fn (PairFeel $f): bool => $f->meansTooFar()));

        return match (true) {
            $tight >= 2 => $this->tooFar(),
            $tight === 1 => self::askAgain(),
            $short && $twoShoulders && ! in_array(PairFeel::ClampedFree, $feel, true) => Verdict::care(
                Message::of('second.clamp_first', 'A loose spacer tube is usual here: clamp it'),
                Message::of('second.clamp_first.say', 'Each bearing stands on its own shoulder; the {shaft} takes up what is left.'),
            )->settledBy(self::clampIt()),
            $twoShoulders && $there => Verdict::go(
                Message::of('second.pair_free', 'The pair turns as it should'),
                Message::of('second.pair_free.say', 'Each bearing on its shoulder, the spacer tube between.'),
            ),
            $short && $there => Verdict::care(
                Message::of('second.mixed', 'The hands disagree'),
                Message::of('second.mixed.say', 'One sign says short, another says there. Try the spacer tube again with a finger.'),
            ),
            $short => self::short(),
            $there => self::there(),
            default => Verdict::care(
                Message::of('second.axle_only', 'The {shaft} passes: try the spacer tube too'),
                Message::of('second.axle_only.say', 'That alone does not tell whether the inner ring rests on the spacer tube.'),
            ),
        };
    }

    /** How far a nut is turned, by eye: 33°, about a tenth of a turn. */
    private static function turnWords(float $degrees): Message
    {
        $parts = [
            2 => '{angle}, about half a turn',
            3 => '{angle}, about a third of a turn',
            4 => '{angle}, about a quarter of a turn',
            5 => '{angle}, about a fifth of a turn',
            6 => '{angle}, about a sixth of a turn',
            8 => '{angle}, about an eighth of a turn',
            10 => '{angle}, about a tenth of a turn',
            12 => '{angle}, about a twelfth of a turn',
            16 => '{angle}, about a sixteenth of a turn',
        ];
        $turns = $degrees / 360;
        $values = ['angle' => Shown::of(Angle::degrees($degrees), 0)];
        if ($turns > 0.6) {
            return Message::of(
                'second.turns',
                '{angle}, about {turns} turns',
                $values + ['turns' => Written::of(sprintf('%.1f', $turns))],
            );
        }
        $nearest = array_reduce(
            array_keys($parts),
            static fn (?int $best, int $n): int => $best === null || abs(1 / $n - $turns) < abs(1 / $best - $turns) ? $n : $best,
        );

        return Message::of('second.turn', $parts[$nearest], $values);
    }

    private static function short(): Verdict
    {
        return Verdict::care(
            Message::of('second.short', 'A little further'),
            Message::of('second.short.say', 'The spacer tube is still loose. An eighth to a quarter turn, back off, try.'),
        );
    }

    private function tooFar(): Verdict
    {
        return Verdict::stop(
            Message::of('second.too_far', 'Too far'),
            Message::of('second.too_far.say', 'The pair is squeezed. It cannot be drawn back, and a loose nut does not cure it.'),
        )->next(
            Message::of(
                'second.too_far.next',
                'Drive the second bearing out, throw it away, look at the spacer tube, start again with a new one.',
            ),
        );
    }
}
