<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Tapers;

use CleanRace\Core\Catalogue\Thread;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Shown;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** End play of a pair of tapers from the slots of a castle nut. */
#[
    Calculator('taper-nut', 'Castle nut and end play', 'set', 'Which slot to pin, or the shim.', [
        'thread' => '3/4-16',
        'slots' => 6,
        'holes' => 1,
        'offset_mm' => 0.2,
    ]),
]
final readonly class TaperNut
{
    /** So many slots are shown from zero on. */
    private const SHOWN = 4;

    public function __construct(private Limits $limits)
    {
    }

    /** End play in mm from the turn back in degrees and the pitch; the slots of a castle nut between. */
    public function work(TaperNutInput $input): TaperNutResult
    {
        $pitch = Thread::read($input->thread)->pitch->mm;
        $step = $pitch / ($input->slots * $input->holes);
        $low = $input->bandLow->mm ?? $this->limits->get('taper.band_low');
        $high = $input->bandHigh->mm ?? $this->limits->get('taper.band_high');
        $target = ($low + $high) / 2;
        $offset = $input->offset?->value->mm ?? ($input->backedOff === null ? null : ($pitch * $input->backedOff->degrees) / 360);
        $off =
            $input->offset === null
                ? ($pitch * hypot($this->limits->get('taper.slot_by_eye'), $this->limits->get('taper.zero_by_hand'))) / 360
                : $input->offset->halfWidth->mm;
        $slots =
            $offset === null
                ? []
                : array_map(static function (int $k) use ($offset, $step, $pitch, $low, $high): NutSlot {
                    $play = $offset + $k * $step;

                    return new NutSlot(
                        Angle::degrees(($play / $pitch) * 360),
                        Length::mm($play),
                        $play >= $low - 1e-9 && $play <= $high + 1e-9,
                    );
                }, range(0, self::SHOWN - 1));
        $nearest = self::nearest($slots, $target);
        $pinned = $slots[$nearest ?? -1] ?? null;
        $miss = $pinned === null ? 0.0 : max($low - $pinned->endPlay->mm, $pinned->endPlay->mm - $high, 0.0);
        // Nobody shims for hundredths that a dial or the hands can settle.
        $shim = $offset === null || $miss <= $off ? null : fmod(fmod($offset - $target, $step) + $step, $step);
        $chosen = $shim === null ? $nearest : null;
        $fine = static fn (float $mm): Shown => Shown::of(Length::mm($mm), 3);
        $words = [
            'step' => $fine($step),
            'low' => $fine($low),
            'high' => $fine($high),
            'shim' => $fine($shim ?? 0.0),
            'play' => $fine($pinned === null ? 0.0 : $pinned->endPlay->mm),
            'back' => Shown::of(Angle::degrees($pinned === null ? 0 : $pinned->back->degrees), 0),
            'number' => 1 + (int) $nearest,
        ];

        return new TaperNutResult(
            Length::mm($step),
            Length::mm($low),
            Length::mm($high),
            $slots,
            $chosen,
            $shim === null ? null : Length::mm($shim),
            $this->verdict(
                $input,
                $words,
                $low,
                $high,
                $chosen === null || $pinned === null ? null : new Estimate($pinned->endPlay->mm, $off / sqrt(3)),
                $shim,
            )
                ->showing(
                    ...$input->dial === null
                        ? []
                        : [Figure::of('dial', 'End play, by dial', $input->dial->value, 2 * $input->dial->sigma(), 3)],
                    ...$pinned === null || $chosen === null
                        ? []
                        : [Figure::of('slot_play', 'End play at the slot', $pinned->endPlay, $off, 3)],
                    ...$shim === null ? [] : [Figure::of('shim', 'Shim under the washer', Length::mm($shim), $off, 3)],
                    ...[
                        Figure::of('slot_step', 'From slot to slot', Length::mm($step), null, 3),
                        Figure::of(
                            'band_low',
                            $input->bandLow === null ? 'Least, usual practice' : 'Least, by the manual',
                            Length::mm($low),
                            null,
                            3,
                        ),
                        Figure::of('band_high', 'Most', Length::mm($high), null, 3),
                    ],
                )
                ->workedOut(
                    Working::start()
                        ->line(
                            'Slot to slot',
                            $input->holes === 1 ? 'pitch / slots' : 'pitch / (2 · slots)',
                            sprintf('%.4f / %d', $pitch, $input->slots * $input->holes),
                            Length::mm($step),
                            3,
                        )
                        ->line(
                            'First slot',
                            $input->offset === null ? 'pitch × turn back / 360' : 'as read',
                            $offset === null ? 'not known' : sprintf('± %.3f', $off),
                            Length::mm($offset ?? 0),
                            3,
                        ),
                ),
        );
    }

    /**
     * @param  array<string, Shown|int>  $words
     * @param  ?Estimate  $play end play at the slot that comes nearest, mm; null without one
     * @param  ?float  $shim mm, when no slot serves
     */
    private function verdict(TaperNutInput $input, array $words, float $low, float $high, ?Estimate $play, ?float $shim): Verdict
    {
        $pin = Message::of('taper.pin', 'New pin, cut to length, both legs spread. Never back to a slot that preloads.');
        $loose = Message::of('taper.again', 'Turn the hub, snug the nut to seat the rollers, slack to zero, and read again.');

        $dial = $input->dial === null ? null : $this->dial($input->dial, $words, $low, $high, $pin, $loose);

        return match (true) {
            $dial !== null && ! ($dial->level === Level::Go && $input->feel === TaperFeel::Drags) => $dial,
            $input->feel === TaperFeel::Drags => Verdict::care(
                Message::of('taper.drags', 'It drags: back a slot'),
                Message::of('taper.drags.say', 'A dry seal drags too. Tapers that are squeezed run hot and seize.'),
            )
                ->next($loose)
                ->settledBy(self::byDial()),
            $input->feel === TaperFeel::Play => Verdict::care(
                Message::of('taper.play', 'Too much in and out'),
                Message::of('taper.play.say', 'Felt, not measured. The next slot inward, or a shim.'),
            )->next($loose),
            $input->feel !== null => $this->felt($play, $words, $low, $high)->next($pin),
            $shim !== null => Verdict::care(
                Message::of('taper.shim', 'No slot serves: shim {shim}', $words),
                Message::of('taper.shim.say', 'One slot to the next is {step}; the band is {low} to {high}.', $words),
            )->next(
                Message::of(
                    'taper.shim.next',
                    'The shim between washer and nut; or a nut with more slots, or the spindle\'s second hole.',
                ),
            ),
            $play !== null && $this->isSure($play->probabilityAtMost($high) - $play->probabilityAtMost($low)) => Verdict::go(
                Message::of('taper.slot', 'Pin at slot {number}, {back} back from zero', $words),
                Message::of('taper.slot.say', 'End play {play}, within {low} to {high}.', $words),
            )->next($pin),
            default => Verdict::care(
                Message::of('taper.by_eye', 'Slot {number}, if the hands agree', $words),
                Message::of(
                    'taper.by_eye.say',
                    'By the slot end play is about {play}; wanted {low} to {high}. An eye is no surer.',
                    $words,
                ),
            )
                ->next(Message::of('taper.by_eye.next', 'Push and pull, and turn it: say how it feels, or read a dial.'))
                ->settledBy(self::byDial()),
        };
    }

    /**
     * Turns freely: that rules out too much play, not too little. A slot that is not too tight makes it right.
     *
     * @param  array<string, Shown|int>  $words
     */
    private function felt(?Estimate $play, array $words, float $low, float $high): Verdict
    {
        if (
            $play !== null &&
            $this->isSure(1 - $play->probabilityAtMost($low)) &&
            1 - $play->probabilityAtMost($high) < $this->limits->get('taper.felt_loose')
        ) {
            return Verdict::go(
                Message::of('taper.slot', 'Pin at slot {number}, {back} back from zero', $words),
                Message::of('taper.slot_felt.say', 'About {play} by the slot, and it turns freely.', $words),
            );
        }

        return Verdict::care(
            Message::of('taper.felt', 'Felt right'),
            Message::of('taper.felt.say', 'It turns freely, and is recorded as felt. That rules out too much play, not too little.'),
        )->settledBy(self::byDial());
    }

    private function isSure(float $probability): bool
    {
        return $probability >= $this->limits->get('level.sure');
    }

    private static function byDial(): Message
    {
        return Message::of('taper.settle', 'A dial gauge on the hub settles it.');
    }

    /** @param  array<string, Shown|int>  $words */
    private function dial(Reading $dial, array $words, float $low, float $high, Message $pin, Message $loose): Verdict
    {
        $play = $dial->estimate();
        $under = $play->probabilityAtMost($low);
        $over = 1 - $play->probabilityAtMost($high);
        $words['dial'] = Shown::of($dial->value, 3);

        return match (true) {
            $under + $over <= 1 - $this->limits->get('level.sure') => Verdict::go(
                Message::of('taper.dial', 'In the band, by dial'),
                Message::of('taper.dial.say', '{dial}, wanted {low} to {high}.', $words),
            )->next($pin),
            $over >= $this->limits->get('level.sure') => Verdict::stop(
                Message::of('taper.loose', 'Too loose'),
                Message::of('taper.loose.say', '{dial} by dial; at most {high}. Loose tapers hammer their cups.', $words),
            )->next($loose),
            $under >= $this->limits->get('level.sure') => Verdict::stop(
                Message::of('taper.tight', 'Too tight'),
                Message::of('taper.tight.say', '{dial} by dial; at least {low}. Warm, it would run preloaded.', $words),
            )->next($loose),
            default => Verdict::care(
                Message::of('taper.edge', 'At the edge of the band'),
                Message::of('taper.edge.say', '{dial} by dial, wanted {low} to {high}: too near to tell.', $words),
            )->settledBy(Message::of('taper.edge.settle', 'Read the dial three times, in and out with the hub turned a little.')),
        };
    }

    /** @param  list<NutSlot>  $slots */
    private static function nearest(array $slots, float $target): ?int
    {
        $best = null;
        foreach ($slots as $i => $slot) {
            if ($best === null || abs($slot->endPlay->mm - $target) < abs($slots[$best]->endPlay->mm - $target)) {
                $best = $i;
            }
        }

        return $best;
    }
}
