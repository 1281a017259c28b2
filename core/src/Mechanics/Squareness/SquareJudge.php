<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Written;

/**
 * What is decided of a ring that leans. On its way in: go on, tap, or drive it back out. Home: square or not. Where the
 * instrument is coarser than the limit the look decides, and noise is never taken for level.
 */
final readonly class SquareJudge
{
    /** Two standard deviations of a flat band, in its half-widths. */
    private const TWO_SIGMA = 1.1547;

    public function __construct(private Limits $limits, private SquareInput $input)
    {
    }

    /**
     * @param  float  $angle and its half-width, degrees
     * @param  ?Clock  $high where it stands proud, when the readings can tell
     */
    public function byReadings(Plane $plane, float $angle, float $halfWidth, ?Clock $high): Verdict
    {
        return $this->input->stage === SquareStage::Home
            ? $this->home($plane, $angle, $halfWidth, $high)
            : $this->entering($plane, $angle, $halfWidth, $high);
    }

    private function entering(Plane $plane, float $angle, float $halfWidth, ?Clock $high): Verdict
    {
        $goOn = $this->limits->get('square.go_on_deg');
        $eye = $this->input->eye;
        $tilt = Length::mm($plane->tilt());
        if ($angle - self::TWO_SIGMA * $halfWidth > $this->limits->get('square.drive_out_deg')) {
            return $eye === Eye::Level || $this->input->feelerRefused
                ? $this->lookDisagrees($high ?? $plane->highSide(), $tilt)
                : $this->driveOut($high ?? $plane->highSide(), $tilt);
        }
        if (2 * $halfWidth > $goOn) {
            return match (true) {
                $eye === Eye::Cocked => $this->driveOut($high ?? $this->input->eyeClock, null),
                $eye === Eye::Proud => $this->tap($this->input->eyeClock ?? $high, null),
                $eye === Eye::Level && $angle > $goOn + 2 * $halfWidth => $this->lookDisagrees($high ?? $plane->highSide(), $tilt),
                $eye === Eye::Level => $this->goOn(),
                $high !== null => $this->tap($high, $tilt),
                default => $this->tooCoarse(),
            };
        }
        $within = (new Estimate($angle, $halfWidth / sqrt(3)))->probabilityAtMost($goOn) >= $this->limits->get('level.sure');

        return match (true) {
            $within || ($eye === Eye::Level && $angle <= $goOn) => $this->goOn(),
            $high !== null => $this->tap($high, $tilt),
            default => $this->tooCoarse(),
        };
    }

    private function home(Plane $plane, float $angle, float $halfWidth, ?Clock $high): Verdict
    {
        $limit = $this->limits->get('square.home_deg');
        $eye = $this->input->eye;
        $look = $eye === Eye::Level || $this->input->feelerRefused;
        $tilt = Length::mm($plane->tilt());
        $at = $high ?? $plane->highSide();
        $fine = 2 * $halfWidth < $limit;

        return match (true) {
            $eye === Eye::Cocked => $this->driveOut($this->input->eyeClock ?? $high, null),
            $angle > $limit + 2 * $halfWidth => $look ? $this->lookDisagrees($at, $tilt) : $this->askew($at, $tilt),
            $eye === Eye::Proud => $this->tap($this->input->eyeClock ?? $high, null),
            $fine && $angle <= $limit => $this->square(),
            $this->isLevelByHands($this->isNear($angle, $halfWidth)) => $this->square(),
            $high !== null => $this->tap($high, $tilt),
            default => $this->tooCoarse(),
        };
    }

    /** Whether a depth caliper, or better, reads as good as level; a rule is not asked. */
    private function isNear(float $angle, float $halfWidth): ?bool
    {
        $coarsest = max(0.0, ...array_map(static fn (ClockDepth $r): float => $r->depth->halfWidth->mm, $this->input->readings));

        return $coarsest > $this->limits->get('square.asked_mm')
            ? null
            : $angle <= $this->limits->get('square.home_deg') + $halfWidth;
    }

    /**
     * A look that says level, or a feeler refused all round; on a small ring one sign more.
     *
     * @param  ?bool  $near whether readings say as good as level; null without such readings
     */
    private function isLevelByHands(?bool $near): bool
    {
        $signs = array_filter([$this->input->eye === Eye::Level, $this->input->feelerRefused]);
        if ($signs === [] || $near === false) {
            return false;
        }

        return $this->input->outside->mm >= $this->limits->get('square.small_mm') ||
            count($signs) + (int) $this->input->noteChanged + (int) ($near === true) >= 2;
    }

    /** By look and hands alone. */
    public function byEye(): Verdict
    {
        $home = $this->input->stage === SquareStage::Home;

        return match (true) {
            $this->input->eye === Eye::Cocked => $this->driveOut($this->input->eyeClock, null),
            $this->input->eye === Eye::Proud => $this->tap($this->input->eyeClock, null)->settledBy(self::threeDepths()),
            ! $home => Verdict::go(
                Message::of('square.eye.level', 'Level by eye: go on'),
                Message::of('square.eye.level.say', 'Looks level all round. Look again after the next few taps.'),
            )->settledBy(self::threeDepths()),
            $this->isLevelByHands(null) => $this->square(),
            default => Verdict::care(
                Message::of('square.one_more', 'Level by eye: one sign more'),
                Message::of('square.one_more.say', 'On a ring this small the eye sees no fine lean.'),
            )->settledBy(Message::of('square.one_more.settle', 'A feeler that goes under nowhere, or the note of the blows.')),
        };
    }

    private function goOn(): Verdict
    {
        return Verdict::go(
            Message::of('square.on', 'Square: go on'),
            Message::of('square.on.say', 'It is going in level. Keep reading as it goes.'),
        );
    }

    private function square(): Verdict
    {
        return Verdict::go(Message::of('square.home', 'Square'), Message::of('square.home.say', 'It stands level.'));
    }

    private function tooCoarse(): Verdict
    {
        $home = $this->input->stage === SquareStage::Home;

        return Verdict::care(
            Message::of('square.doubt', 'Too coarse to tell'),
            $home
                ? Message::of('square.doubt.home', 'These readings do not see a lean this fine. Look across it; slide a feeler under it.')
                : Message::of('square.doubt.say', 'These readings cannot tell. Look across it, then a few more light taps all round.'),
        )->settledBy(Message::of('square.doubt.settle', 'The look across it, or a depth micrometer.'));
    }

    private function tap(?Clock $at, ?Length $tilt): Verdict
    {
        $clock = $at === null ? Message::plain('the high side') : Written::of($at->text());
        $said = ['clock' => $clock] + ($tilt === null ? [] : ['tilt' => $tilt]);

        return Verdict::care(
            Message::of('square.tap', 'Tap at {clock}', ['clock' => $clock]),
            $tilt === null
                ? Message::of('square.eye.proud', 'It looks proud at {clock}. Light taps there until it looks level.', $said)
                : Message::of('square.tap.say', 'It stands {tilt} proud at {clock}. Light taps there until it is level.', $said),
        )->settledBy(Message::of('square.tap.settle', 'Read the same places again after each round of taps.'));
    }

    /** Level to the eye or the feeler, leaning by the readings. */
    private function lookDisagrees(Clock $at, Length $tilt): Verdict
    {
        $said = ['tilt' => $tilt, 'clock' => Written::of($at->text())];

        return Verdict::care(
            Message::of('square.clash', 'Readings and look disagree'),
            Message::of('square.clash.say', 'The readings say {tilt} proud at {clock}; the look says level. One of them is wrong.', $said),
        )->next(Message::of('square.clash.next', 'Wipe the face, hold the beam flat, read again; then look across it once more.'));
    }

    /** At home, leaning beyond all doubt. */
    private function askew(Clock $at, Length $tilt): Verdict
    {
        $said = ['tilt' => $tilt, 'clock' => Written::of($at->text())];

        return Verdict::stop(
            Message::of('square.askew', 'It stands askew'),
            Message::of('square.askew.say', 'It stands {tilt} proud at {clock}: not home there, or dirt lies under it.', $said),
        )->next(Message::of('square.askew.next', 'Tap at {clock} and read again. If it stays, draw it out and look at the shoulder.', [
            'clock' => $said['clock'],
        ]));
    }

    private function driveOut(?Clock $high, ?Length $tilt): Verdict
    {
        $sentence =
            $tilt !== null && $high !== null
                ? Message::of('square.out.say', 'It stands {tilt} proud at {clock}. Forcing it straight would score the bore.', [
                    'tilt' => $tilt,
                    'clock' => Written::of($high->text()),
                ])
                : Message::of('square.out.eye', 'It stands cocked. Forcing it straight would score the bore.');

        return Verdict::stop(Message::of('square.out', 'Drive it back out'), $sentence)->next(
            Message::of('square.out.next', 'Out from behind, look at the bore, wipe, and start again by hand.'),
        );
    }

    private static function threeDepths(): Message
    {
        return Message::of('square.eye.settle', 'Three depths round the clock settle it.');
    }
}
