<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\Belief;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** Whether a seat does with its ring what it is meant to: readings, hands and looks together. The one decision of a fit. */
final readonly class Grip
{
    public function __construct(private Limits $limits)
    {
    }

    /** Interference in mm, plus is tight. */
    public function judge(SeatEvidence $evidence): FitResult
    {
        $belief = $evidence->belief($this->limits);
        $fit = $belief->estimate();
        $right = $this->right($evidence, $belief);
        $words = new GripWords($this->limits, $evidence, $fit);
        $working = new FitWorking($this->limits, $evidence, $fit);
        $verdict = $evidence->meant->grips()
            ? $this->pressed($evidence, $belief, $words, $right)
            : $this->sliding($evidence, $belief, new SlideWords($evidence, $fit), $right);
        $at = static fn (float $celsius): float => $fit->mean - $evidence->growth * ($celsius - $evidence->roomC);
        $coldC = $this->limits->get('fit.cold_c');
        $loose = $this->isLoose($evidence, $verdict, $fit->mean);

        return FitResult::of(
            $evidence,
            $fit,
            $at($coldC),
            $at($evidence->warmC),
            $right,
            $loose,
            $evidence->meant->grips() && $verdict->level !== Level::Go
                ? (new Remedies($this->limits))->of(-$fit->mean, -($fit->mean + $fit->spread()), $evidence)
                : [],
            $verdict
                ->showing(
                    Figure::of('interference', 'Interference', Length::mm($evidence->shown ?? $fit->mean), $fit->spread(), 3),
                    ...$evidence->shown === null
                        ? []
                        : [Figure::of('decided', 'Worked with', Length::mm($fit->mean), $fit->spread(), 3)],
                    ...[
                        Figure::of('nominal_low', 'Factory fit, loosest', Length::mm($evidence->span[0]), null, 3),
                        Figure::of('nominal_high', 'Factory fit, tightest', Length::mm($evidence->span[1]), null, 3),
                        // Of a fit that is loose nothing is said that follows from a grip.
                        ...$loose
                            ? []
                            : [
                                $this->running('cold', $coldC, $at($coldC)),
                                $this->running('warm', $evidence->warmC, $at($evidence->warmC)),
                            ],
                    ],
                )
                ->because(...$working->assumed())
                ->settledBy($verdict->settledBy ?? ($verdict->level === Level::Go ? null : $working->settledBy()))
                ->workedOut($working->working($right)),
        );
    }

    /** Probability that the interference is one that the seat is meant to have. */
    private function right(SeatEvidence $evidence, Belief $belief): float
    {
        $most = $evidence->meant->most($this->limits);

        return $belief->probabilityAtLeast($evidence->meant->least($this->limits)) -
            (is_finite($most) ? $belief->probabilityAtLeast($most + 1e-6) : 0.0);
    }

    private function pressed(SeatEvidence $evidence, Belief $belief, GripWords $words, float $right): Verdict
    {
        $read = $evidence->read;
        $tooTight = $this->tooTight($evidence, $belief, $words);
        // A ring that will not start is as tight as the reading says, however tight that is.
        if ($tooTight?->level === Level::Stop) {
            return $tooTight;
        }
        if ($evidence->isNothing()) {
            return $words->unknown();
        }
        if ($this->gaugesSettleIt($evidence)) {
            return $this->holding($evidence, $belief, $words);
        }
        if ($belief->clashes) {
            return $words->clash();
        }
        if ($tooTight !== null) {
            return $tooTight;
        }
        $least = $evidence->meant->least($this->limits);
        $gaugedLoose = $read !== null && $evidence->isGauged($this->limits) && $read->mean + $read->spread() < $least;
        if ($evidence->feel?->holds() === true) {
            return $gaugedLoose ? $words->clash() : $this->holding($evidence, $belief, $words);
        }
        $bearable = $evidence->meant->bearable($this->limits);
        $nextToGood = $evidence->feel === FitFeel::ThumbPush && in_array(WallLook::BrightBand, $evidence->looks, true);
        $sign =
            ($read !== null && $read->mean + $read->spread() < $bearable) ||
            $evidence->feel?->meansLoose($evidence->meant) === true ||
            $nextToGood;
        $sure = $this->limits->get('level.sure');
        $byCaliperOnly = $evidence->feel === null && ! $evidence->isGauged($this->limits);
        $thumb = $evidence->feel === FitFeel::ThumbPush && $evidence->meant !== SeatMeant::StandsStill;

        return match (true) {
            $sign && $belief->probabilityAtLeast($bearable) <= 1 - $sure + 1e-9 => $words->loose(),
            $right >= $sure && ! $thumb && ($evidence->feel !== null || $evidence->isGauged($this->limits)) => $this->holding(
                $evidence,
                $belief,
                $words,
            ),
            $byCaliperOnly && $belief->estimate()->mean >= $bearable => $words->byCaliper(),
            default => $words->doubt(),
        };
    }

    /** It holds cold; a blemish or warmth may still say: take care. */
    private function holding(SeatEvidence $evidence, Belief $belief, GripWords $words): Verdict
    {
        $blemish = $evidence->blemish();
        $warmLimit = $evidence->meant->warmBearable($this->limits) + $evidence->growth * ($evidence->warmC - $evidence->roomC);
        $letsGo = 1 - $belief->probabilityAtLeast($warmLimit) >= $this->limits->get('level.sure');

        return match (true) {
            $blemish !== null => $words->blemished($blemish),
            $letsGo => $words->letsGoWarm(),
            default => $words->holds(),
        };
    }

    /** A ring that will not start where gauges read an ordinary fit, doubt and all: the fit is right, something is in its way. */
    private function gaugesSettleIt(SeatEvidence $evidence): bool
    {
        $read = $evidence->read;

        return $read !== null &&
            $evidence->feel === FitFeel::WillNotStart &&
            $evidence->isGauged($this->limits) &&
            $read->mean - $read->spread() >= $evidence->meant->least($this->limits) &&
            $read->mean + $read->spread() <= $evidence->most + $this->limits->get('fit.tight_care');
    }

    /** Only a reading makes it a stop. */
    private function tooTight(SeatEvidence $evidence, Belief $belief, GripWords $words): ?Verdict
    {
        $read = $evidence->read;
        $limit = $evidence->farTooTight($this->limits);
        $sure = $this->limits->get('level.sure');
        if ($read !== null && $read->mean - $read->spread() > $limit && $belief->probabilityAtLeast($limit) >= $sure) {
            return $words->farTooTight();
        }
        $care = $evidence->most + $this->limits->get('fit.tight_care');
        if ($read !== null && ! $belief->clashes && $belief->probabilityAtLeast($care) > 0.5) {
            return $words->tighterThanMade();
        }

        return $read === null && $evidence->feel === FitFeel::WillNotStart ? $words->willNotStart() : null;
    }

    private function sliding(SeatEvidence $evidence, Belief $belief, SlideWords $words, float $right): Verdict
    {
        $read = $evidence->read;
        $feel = $evidence->feel;
        $sure = $this->limits->get('level.sure');
        $most = $evidence->meant->most($this->limits);
        $readTight = $read !== null && $read->mean - $read->spread() > $most;
        $bearable = $evidence->meant->bearable($this->limits);
        $readWorn = $read !== null && $read->mean + $read->spread() < $bearable;
        $gaugedLoose =
            $read !== null &&
            $evidence->isGauged($this->limits) &&
            $read->mean + $read->spread() < $evidence->meant->least($this->limits);
        $tooTight = $this->tooTight($evidence, $belief, new GripWords($this->limits, $evidence, $belief->estimate()));
        $driven = $feel === FitFeel::FirmDriving || $feel === FitFeel::WillNotStart;

        return match (true) {
            $tooTight?->level === Level::Stop => $tooTight,
            $evidence->isNothing() => $words->unknown(),
            $driven => $readTight || $evidence->blemish() !== null ? $words->stuck() : $words->driven(),
            $readWorn && $belief->probabilityAtLeast($bearable) <= 1 - $sure + 1e-9 => $words->wornOut(),
            $belief->clashes => (new GripWords($this->limits, $evidence, $belief->estimate()))->clash(),
            $feel === FitFeel::LightTaps => $evidence->meant === SeatMeant::Clamped ? $words->right() : $words->tapped(),
            $feel === FitFeel::ThumbPush || $feel === FitFeel::DropsIn => $gaugedLoose ? $words->worn() : $words->right(),
            $feel === FitFeel::Rattles => $words->worn(),
            $readTight => $words->tight(),
            $gaugedLoose => $words->worn(),
            $right >= $sure && $evidence->isGauged($this->limits) => $words->right(),
            default => $words->doubt(),
        };
    }

    /** Whether nothing that follows from a grip may be said of it. */
    private function isLoose(SeatEvidence $evidence, Verdict $verdict, float $mean): bool
    {
        return ! $evidence->meant->grips() || ($verdict->level !== Level::Go && $mean < $evidence->meant->least($this->limits));
    }

    private function running(string $key, float $celsius, float $mm): Figure
    {
        return Figure::of(
            $key,
            Message::of("figure.$key", 'Interference at {at}', ['at' => Temperature::celsius($celsius)]),
            Length::mm($mm),
            null,
            3,
        );
    }
}
