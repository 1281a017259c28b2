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

    /** What is left to go and its half-width, in mm; turns in degrees. */
    public function judged(SecondBearingInput $input, float $toGo, float $halfWidth, ?float $turn, ?float $advised): Verdict
    {
        $there = array_filter($input->feel, static fn (PairFeel $f): bool => $f->meansThere()) !== [];
        $tooFar = array_filter($input->feel, static fn (PairFeel $f): bool => $f->meansTooFar()) !== [];
        $values = [
            'mm' => Length::mm(abs($toGo)),
            'turn' => self::turnWords($advised ?? 0.0),
            'bolt' => Written::of($input->drawBolt->value),
        ];
        $past = -$toGo > $halfWidth + $this->limits->get('second.past');

        return match (true) {
            $past => Verdict::stop(
                Message::of('second.past', 'Past the spacer tube'),
                Message::of(
                    'second.past.say',
                    'It stands {mm} deeper than the spacer tube allows: the spacer tube is missing, short or askew, or a reading is wrong.',
                    $values,
                ),
            )->next(
                Message::of(
                    'second.past.next',
                    'Look through for the spacer tube. Measure again. If it binds, it comes out, and a new one goes in.',
                ),
            ),
            $tooFar => $this->tooFar(),
            $turn !== null && $there => Verdict::care(
                Message::of('second.clash', 'Arithmetic and hands disagree'),
                Message::of(
                    'second.clash.say',
                    'The sizes say {mm} to go, the hands say it is there. Go by the hands, and look for a wrong reading.',
                    $values,
                ),
            ),
            $turn !== null => Verdict::care(
                Message::of('second.more', '{mm} to go', $values),
                Message::of('second.more.say', 'Turn the {bolt} nut {turn}, back off, and try the spacer tube.', $values),
            )->next(Message::of('second.more.next', 'Creep the last part. Too far cannot be drawn back.')),
            $there || $this->quiet($input, $toGo, $halfWidth) => Verdict::go(
                Message::of('second.there', 'There'),
                Message::of('second.there.say', 'The second bearing rests on the spacer tube.'),
            )->next(Message::of('second.there.next', 'Try it clamped: the pair must turn free.')),
            array_filter($input->feel, static fn (PairFeel $f): bool => $f->meansShort()) !== [] => self::short(),
            default => Verdict::care(
                Message::of('second.try', 'There, by the sizes: try it'),
                Message::of('second.try.say', 'It reads {mm} past. Push the spacer tube, turn one inner ring, pass the axle.', $values),
            ),
        };
    }

    /** Within the readings of its place, and no hand says otherwise. */
    private function quiet(SecondBearingInput $input, float $toGo, float $halfWidth): bool
    {
        return abs($toGo) <= $halfWidth + self::NOTHING &&
            array_filter($input->feel, static fn (PairFeel $f): bool => $f->meansShort()) === [];
    }

    /** @param  list<PairFeel>  $feel */
    public function byHands(array $feel): Verdict
    {
        $short = array_filter($feel, static fn (PairFeel $f): bool => $f->meansShort()) !== [];
        $there = array_filter($feel, static fn (PairFeel $f): bool => $f->meansThere()) !== [];

        return match (true) {
            array_filter($feel, static fn (PairFeel $f): bool => $f->meansTooFar()) !== [] => $this->tooFar(),
            $short && $there => Verdict::care(
                Message::of('second.mixed', 'The hands disagree'),
                Message::of('second.mixed.say', 'One sign says short, another says there. Try the spacer tube again with a finger.'),
            ),
            $short => self::short(),
            $there => Verdict::go(
                Message::of('second.there', 'There'),
                Message::of('second.there.say', 'The second bearing rests on the spacer tube.'),
            )->next(Message::of('second.there.next', 'Try it clamped: the pair must turn free.')),
            default => Verdict::care(
                Message::of('second.axle_only', 'The axle passes: try the spacer tube too'),
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
