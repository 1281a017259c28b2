<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Wear;

use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Fit\WallLook;
use CleanRace\Core\Tables\Limits;

/** Which way a wall has worn, from readings and from what it looks like. */
final readonly class WearPattern
{
    public function __construct(private Limits $limits)
    {
    }

    /** @return array{float, float} how far out of round, and how far along it, such a wall may be, in mm on diameter */
    public function bounds(SurveyedWall $wall): array
    {
        return match ($wall) {
            SurveyedWall::Bore => [$this->limits->get('survey.ovality'), $this->limits->get('survey.bellmouth')],
            SurveyedWall::Shaft => [$this->limits->get('survey.ovality'), $this->limits->get('survey.shaft_step')],
            SurveyedWall::SealTrack => [$this->limits->get('survey.ovality'), 2 * $this->limits->get('survey.seal_groove')],
        };
    }

    /** By ovality, taper and step in mm, and by what it looks like; null when none shows. */
    public function of(BoreSurveyInput $input, Reading $mean, ?Estimate $ovality, ?Estimate $taper, ?Estimate $step): ?string
    {
        [$round, $along] = $this->bounds($input->wall);
        $saw = static fn (WallLook ...$looks): bool => array_filter(
            $looks,
            static fn (WallLook $l): bool => in_array($l, $input->look, true),
        ) !== [];
        if ($input->wall !== SurveyedWall::Bore) {
            return match (true) {
                $step !== null && $step->mean > $along => $input->wall === SurveyedWall::Shaft ? 'stepped' : 'grooved',
                $input->wall === SurveyedWall::SealTrack && $saw(WallLook::ScoreCaught) => 'grooved',
                $ovality !== null && $ovality->mean > $round => 'oval',
                default => null,
            };
        }
        $wide =
            $input->ring !== null && $mean->value->mm - 2 * $mean->sigma() > $input->ring->mm - $this->limits->get('fit.grip_creep');

        return match (true) {
            $ovality !== null && $ovality->mean > $round => 'oval',
            $taper !== null && $taper->mean > $along => $saw(WallLook::RustAtLip, WallLook::Pits) ? 'mouth_corroded' : 'mouth_opened',
            ($taper !== null && $taper->mean < -$along) || ($taper === null && $saw(WallLook::GripsAtMouth)) => 'worn_inside',
            $wide || $saw(WallLook::BrightBand) => 'crept',
            default => null,
        };
    }
}
