<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Wear;

use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Fit\WallLook;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** Mean, ovality and taper of a wall, each with how sure it is, and the pattern of wear that readings and looks show. */
#[Calculator(
    'bore-survey',
    'Survey a bore, shaft or seal track',
    'size',
    'Diameters at up to three depths and three clock directions.',
    [
        'readings' => [
            ['depth' => 'lip', 'clock' => '12', 'diameter_mm' => 46.98],
            ['depth' => 'lip', 'clock' => '2', 'diameter_mm' => 46.98],
            ['depth' => 'lip', 'clock' => '4', 'diameter_mm' => 46.99],
            ['depth' => 'bottom', 'clock' => '12', 'diameter_mm' => 46.98],
            ['depth' => 'bottom', 'clock' => '2', 'diameter_mm' => 46.97],
            ['depth' => 'bottom', 'clock' => '4', 'diameter_mm' => 46.98],
        ],
    ],
)]
final readonly class BoreSurvey
{
    public function __construct(private Limits $limits)
    {
    }

    /** Diameters in mm; ovality from three directions 60° apart, taper from lip to bottom. */
    public function work(BoreSurveyInput $input): BoreSurveyResult
    {
        $byDepth = [];
        foreach ($input->readings as $reading) {
            $byDepth[$reading->depth->value][] = $reading;
        }
        $values = array_map(static fn (BoreReading $r): float => $r->diameter->value->mm, $input->readings);
        $coarsest = $input->readings[0]->diameter;
        foreach ($input->readings as $reading) {
            $coarsest = $reading->diameter->halfWidth->mm > $coarsest->halfWidth->mm ? $reading->diameter : $coarsest;
        }
        $halfWidth = $coarsest->halfWidth->mm;
        // A mean of readings is no surer than one: what an instrument is off, it is off every time.
        $mean = $coarsest->at(Length::mm(array_sum($values) / count($values)));
        $sigma = ($this->limits->get('survey.repeat_share') * $halfWidth) / sqrt(3);

        $ovality = $this->widestOvality($byDepth, $sigma);
        $taper = isset($byDepth['lip'], $byDepth['bottom'])
            ? new Estimate(
                self::mean($byDepth['lip']) - self::mean($byDepth['bottom']),
                $sigma * sqrt(1 / count($byDepth['lip']) + 1 / count($byDepth['bottom'])),
            )
            : null;
        $means = array_map(self::mean(...), $byDepth);
        $step =
            count($means) < 2
                ? null
                : new Estimate(
                    max($means) - min($means),
                    $sigma * sqrt(2 / max(1, min([9, ...array_map(count(...), array_values($byDepth))]))),
                );
        $pattern = (new WearPattern($this->limits))->of($input, $mean, $ovality, $taper, $step);

        return new BoreSurveyResult(
            $mean,
            $ovality === null ? null : Length::mm($ovality->mean),
            $taper === null ? null : Length::mm($taper->mean),
            $step === null ? null : Length::mm($step->mean),
            $pattern,
            array_map(
                static fn (BoreReading $r): WallPatch => new WallPatch(
                    $r->depth,
                    $r->clock,
                    $r->diameter->value,
                    Length::mm($r->diameter->value->mm - $mean->value->mm),
                ),
                $input->readings,
            ),
            $this->verdict($input, $mean, $ovality, $taper, $step, $pattern),
        );
    }

    /** @param  array<string, non-empty-list<BoreReading>>  $byDepth */
    private function widestOvality(array $byDepth, float $sigma): ?Estimate
    {
        $widest = null;
        foreach ($byDepth as $ring) {
            $d = array_map(static fn (BoreReading $r): float => $r->diameter->value->mm, $ring);
            if (count($d) < 2) {
                continue;
            }
            $here = count($d) === 2 ? abs($d[0] - $d[1]) : self::ovality($d[0], $d[1], $d[2]);
            $widest = $widest === null || $here > $widest->mean ? new Estimate($here, ($sigma * sqrt(8 / 3)) / M_SQRT2) : $widest;
        }

        return $widest;
    }

    /** (4/3)·√(ΣDi² − ΣDiDj), for three directions 60° apart: exact for an ellipse. */
    private static function ovality(float $a, float $b, float $c): float
    {
        return (4 / 3) * sqrt(max(0.0, $a * $a + $b * $b + $c * $c - $a * $b - $b * $c - $a * $c));
    }

    /**
     * The worse of round and straight, with what was felt and seen. A caliper alone never decides a limit as narrow as these:
     * with it a ring that grips evenly in a wall without a mark is what makes it right.
     */
    private function level(BoreSurveyInput $input, Reading $mean, ?Estimate $ovality, ?Estimate $along, ?string $pattern): Level
    {
        [$round, $straight] = (new WearPattern($this->limits))->bounds($input->wall);
        $marked = $pattern !== null || array_filter($input->look, static fn (WallLook $l): bool => $l->speaksAgainst()) !== [];
        $beyond =
            ($ovality !== null && $ovality->mean - $ovality->spread() > $round) ||
            ($along !== null && abs($along->mean) - $along->spread() > $straight);
        if ($mean->halfWidth->mm > $this->limits->get('survey.tells')) {
            return ! $marked && ! $beyond && $input->feel?->holds() === true ? Level::Go : Level::Care;
        }
        $pAlong = $along === null ? 1.0 : $along->probabilityAtMost($straight) - $along->probabilityAtMost(-$straight);
        $inside = min($ovality?->probabilityAtMost($round) ?? 1.0, $pAlong);
        $level = Level::within($this->limits, $inside, $inside, $beyond);

        return $marked ? $level->worse(Level::Care) : $level;
    }

    private function verdict(
        BoreSurveyInput $input,
        Reading $mean,
        ?Estimate $ovality,
        ?Estimate $taper,
        ?Estimate $step,
        ?string $pattern,
    ): Verdict {
        $level = $this->level($input, $mean, $ovality, $input->wall === SurveyedWall::Bore ? $taper : $step, $pattern);
        [$round, $straight] = (new WearPattern($this->limits))->bounds($input->wall);
        $words = new WearWords();
        $verdict = Verdict::of(
            $level,
            $level === Level::Care && $pattern === null && $input->look === []
                ? $words->byCaliper()
                : $words->headline($pattern, $input->wall),
            $words->sentence($pattern, $mean, count($input->readings)),
        )
            ->showing(Figure::of('mean', 'Mean diameter', $mean->value, 2 * $mean->sigma(), 3))
            ->because(...$words->seen($input->look))
            ->next($words->next($pattern, $input))
            ->settledBy($level === Level::Care ? $words->settledBy($input->wall) : null);
        $working = Working::start()->line('Mean', 'ΣD / n', sprintf('n = %d', count($input->readings)), $mean->value, 3);
        if ($ovality !== null) {
            $verdict = $verdict->showing(Figure::of('ovality', 'Out of round', Length::mm($ovality->mean), $ovality->spread(), 3));
            $working = $working->line(
                'Out of round',
                '(4/3)·√(ΣDi² − ΣDiDj)',
                Message::filled('limit {limit}', limit: sprintf('%.3f', $round)),
                Length::mm($ovality->mean),
                3,
            );
        }
        if ($taper !== null && $input->wall === SurveyedWall::Bore) {
            $verdict = $verdict->showing(Figure::of('taper', 'Lip minus bottom', Length::mm($taper->mean), $taper->spread(), 3));
            $working = $working->line(
                'Taper',
                'mean(lip) − mean(bottom)',
                Message::filled('limit {limit}', limit: sprintf('±%.3f', $straight)),
                Length::mm($taper->mean),
                3,
            );
        }
        if ($step !== null && $input->wall !== SurveyedWall::Bore) {
            $verdict = $verdict->showing(
                Figure::of(
                    'step',
                    $input->wall === SurveyedWall::Shaft ? 'Step along it' : 'Depth of the groove, on radius',
                    Length::mm($input->wall === SurveyedWall::Shaft ? $step->mean : $step->mean / 2),
                    $step->spread(),
                    3,
                ),
            );
            $working = $working->line(
                'Step',
                'largest mean − smallest mean',
                Message::filled('limit {limit} on diameter', limit: sprintf('%.3f', $straight)),
                Length::mm($step->mean),
                3,
            );
        }

        return $verdict->workedOut($working);
    }

    /** @param  non-empty-list<BoreReading>  $ring */
    private static function mean(array $ring): float
    {
        return array_sum(array_map(static fn (BoreReading $r): float => $r->diameter->value->mm, $ring)) / count($ring);
    }
}
