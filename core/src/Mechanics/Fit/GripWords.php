<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Belief;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Shown;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** What is said of a ring that must grip: how tight, whether it lets go when warm, what contradicts. */
final readonly class GripWords
{
    public function __construct(private Limits $limits)
    {
    }

    /** By its level and the fit in mm, plus is tight. */
    public function judged(Level $level, Estimate $fit, RingSeat $seat, bool $unknown, bool $compound): Verdict
    {
        $words = ['gap' => Length::mm(abs($fit->mean))];
        $inBore = $seat === RingSeat::Bore;
        if ($level === Level::Go) {
            return Verdict::go(
                Message::of('fit.holds', $inBore ? 'The bore will hold it' : 'The shaft will hold it'),
                $inBore
                    ? Message::of('fit.holds.say', 'The ring is larger than its bore and grips.')
                    : Message::of('fit.holds_shaft.say', 'The shaft is larger than the ring and grips it.'),
            );
        }
        if ($level === Level::Stop && $fit->mean < $this->limits->get('fit.compound_reach')) {
            return Verdict::stop(
                Message::of('fit.worn', 'Too loose: sleeve it or replace it'),
                Message::of(
                    'fit.worn.say',
                    $inBore
                        ? 'The bore is {gap} too large, more than a compound fills.'
                        : 'The shaft is {gap} too small, more than a compound fills.',
                    $words,
                ),
            )->next(
                Message::of(
                    'fit.worn.next',
                    $inBore
                        ? 'Have the bore sleeved, or fit another hub. Tell the owner before going on.'
                        : 'Have the shaft sleeved, or fit another. Tell the owner before going on.',
                ),
            );
        }
        if ($level === Level::Stop && ! $compound) {
            return Verdict::stop(
                Message::of('fit.loose', $inBore ? 'The bore will not hold it' : 'The shaft will not hold it'),
                Message::of(
                    'fit.loose.say',
                    $inBore
                        ? 'The bore is about {gap} too large for the ring: it will turn and wear on.'
                        : 'The shaft is about {gap} too small for the ring: it will turn and wear on.',
                    $words,
                ),
            )->next(
                Message::of(
                    'fit.loose.next',
                    $inBore
                        ? 'Retaining compound rated for {gap}, dry and degreased, and said to the owner; or a sleeve; or another hub.'
                        : 'Retaining compound rated for {gap}, dry and degreased, and said to the owner; or a sleeve; or another shaft.',
                    $words,
                ),
            );
        }
        if ($level === Level::Stop) {
            return Verdict::care(
                Message::of('fit.glued', 'Held by compound only'),
                Message::of(
                    'fit.glued.say',
                    $inBore
                        ? 'The bore is about {gap} loose. The owner must know, and heat will be needed to get it out.'
                        : 'The shaft is about {gap} loose. The owner must know, and heat will be needed to get the ring off.',
                    $words,
                ),
            );
        }
        if ($unknown) {
            return Verdict::care(
                Message::of('fit.unknown', 'Not measured yet'),
                Message::of('fit.unknown.say', 'Shown is what makers aim for. How the ring starts tells more than a table.'),
            )->next(
                Message::of(
                    'fit.unknown.next',
                    $inBore
                        ? 'Try the new ring where it starts, or measure the bore.'
                        : 'Try the new ring where it starts, or measure the shaft.',
                ),
            );
        }

        return Verdict::care(
            Message::of('fit.doubt', 'It may creep'),
            Message::of('fit.doubt.say', 'The readings cannot tell a light grip from none.'),
        )->next(
            Message::of('fit.doubt.next', 'If it starts by hand and slides, use retaining compound; if it wants firm driving, go on.'),
        );
    }

    /** A ring that holds cold and may not when the hub is warm. */
    public static function letsGoWarm(): Verdict
    {
        return Verdict::care(
            Message::of('fit.warm', 'Holds cold, lets go when hot'),
            Message::of('fit.warm.say', 'The hub grows more than the ring. Long braking may free it.'),
        )->next(Message::of('fit.warm.next', 'Retaining compound, or look again after the first long ride.'));
    }

    /** Readings and hands that cannot both be right; the fit in mm. */
    public static function clash(Estimate $fit, ?Estimate $read): Verdict
    {
        return Verdict::care(
            Message::of('fit.clash', 'Readings and hands disagree'),
            Message::of('fit.clash.say', 'The readings say {read}, the hands something else. One of them is wrong.', [
                'read' => Length::mm($read->mean ?? $fit->mean),
            ]),
        )->next(Message::of('fit.clash.next', 'Clean it and measure again, at the mouth and at the bottom.'));
    }

    /** How readings and hands were weighed together; lengths in mm, grips a probability. */
    public function working(?Estimate $read, ?FitFeel $feel, Estimate $fit, float $grips): Working
    {
        $working = Working::start();
        if ($read !== null) {
            $working = $working->line(
                'From readings',
                'larger − smaller',
                sprintf('± %.3f', $read->spread()),
                Length::mm($read->mean),
                4,
            );
        }
        if ($feel !== null) {
            [$low, $high] = $feel->band();
            $working = $working->line('From hands', 'band of interference', $feel->label(), sprintf('%+.3f … %+.3f mm', $low, $high));
        }

        return $working
            ->line('Together', 'product of the evidence', sprintf('± %.3f', $fit->spread()), Length::mm($fit->mean), 4)
            ->line(
                'Grips',
                'P(interference ≥ limit)',
                Message::filled('limit {limit} mm', limit: sprintf('%+.3f', $this->limits->get('fit.grip_go'))),
                sprintf('%.0f%%', 100 * $grips),
            );
    }

    /**
     * A ring that is larger than any seat is made for: a wrong size, a burr, dirt, or a cold hub. Only a reading makes it a stop.
     *
     * @param  float  $most interference that makers aim for at the most, mm
     * @param  Length  $nominal size of the ring
     */
    public function tooTight(
        Belief $belief,
        ?Estimate $read,
        ?FitFeel $feel,
        float $most,
        Length $nominal,
        Estimate $fit,
        RingSeat $seat,
    ): ?Verdict {
        $limit = max($this->limits->get('fit.tight_share') * $nominal->mm, $most + $this->limits->get('fit.tight_stop'));
        $words = ['over' => Length::mm($fit->mean), 'most' => Shown::of(Length::mm($most), 3)];
        // Bores wear loose, never tight: beyond what makers give, a size is as much less likely before anything is read.
        $rare = $this->limits->get('fit.tight_rare');
        $within = 1 - $belief->probabilityAtLeast($most);
        $over = static fn (float $limit): float => ($rare * $belief->probabilityAtLeast($limit)) /
            max(1e-12, $within + $rare * (1 - $within));
        if ($read !== null && $read->mean - $read->spread() > $limit && $over($limit) >= $this->limits->get('level.sure')) {
            return Verdict::stop(
                Message::of('fit.tight', 'Far too tight: do not press it'),
                Message::of('fit.tight.say', '{over} of interference, where makers give at most {most}.', $words),
            )->next(
                Message::of(
                    'fit.tight.next',
                    $seat === RingSeat::Bore
                        ? 'Wrong size, a burr or dirt: clean it, and measure ring and bore again.'
                        : 'Wrong size, a burr or dirt: clean it, and measure ring and shaft again.',
                ),
            );
        }
        $care = $most + $this->limits->get('fit.tight_care');
        if ($read !== null && $read->mean > $care && $over($care) > 0.5) {
            return Verdict::care(
                Message::of('fit.tightish', 'Tighter than makers fit it'),
                Message::of('fit.tightish.say', 'About {over} of interference, where makers give at most {most}.', $words),
            )->next(
                Message::of(
                    'fit.tightish.next',
                    'Look for a burr or dirt, measure again; warm the hub, and turn the bearing by hand when it is in.',
                ),
            );
        }

        return $read === null && $feel === FitFeel::WillNotStart
            ? Verdict::care(
                Message::of('fit.will_not', 'It will not start cold'),
                Message::of('fit.will_not.say', 'A tight fit, a burr, or the wrong size: hands alone cannot tell which.'),
            )->next(
                Message::of(
                    'fit.will_not.next',
                    $seat === RingSeat::Bore
                        ? 'Stop hitting. Measure ring and bore, clean the burr, then warm or press.'
                        : 'Stop hitting. Measure ring and shaft, clean the burr, then warm or press.',
                ),
            )
            : null;
    }
}
