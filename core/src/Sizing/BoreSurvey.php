<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Calculator\Calculator;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** C5: mean, ovality and taper of a bore, each with how sure it is, and the pattern of wear they show. */
#[Calculator('bore-survey', 'Survey a bore', 'size', 'Diameters at two depths and three clock directions.', ['readings' => [
    ['depth' => 'lip', 'clock' => '12', 'diameter_mm' => 46.98], ['depth' => 'lip', 'clock' => '2', 'diameter_mm' => 46.98], ['depth' => 'lip', 'clock' => '4', 'diameter_mm' => 46.99],
    ['depth' => 'bottom', 'clock' => '12', 'diameter_mm' => 46.98], ['depth' => 'bottom', 'clock' => '2', 'diameter_mm' => 46.97], ['depth' => 'bottom', 'clock' => '4', 'diameter_mm' => 46.98],
]])]
final readonly class BoreSurvey
{
    public function __construct(private Limits $limits)
    {
    }

    public function work(BoreSurveyInput $input): BoreSurveyResult
    {
        $byDepth = [];
        foreach ($input->readings as $reading) {
            $byDepth[$reading->depth->value][] = $reading;
        }
        $values = array_map(static fn (BoreReading $r): float => $r->diameter->value->mm, $input->readings);
        $halfWidth = max(0.0, ...array_map(static fn (BoreReading $r): float => $r->diameter->halfWidth->mm, $input->readings));
        $mean = Reading::of(Length::mm(array_sum($values) / count($values)), Length::mm($halfWidth));
        $sigma = $this->limits->get('survey.repeat_share') * $halfWidth / sqrt(3);

        $ovality = $this->widestOvality($byDepth, $sigma);
        $taper = isset($byDepth['lip'], $byDepth['bottom'])
            ? new Estimate(self::mean($byDepth['lip']) - self::mean($byDepth['bottom']), $sigma * sqrt(1 / count($byDepth['lip']) + 1 / count($byDepth['bottom'])))
            : null;

        return new BoreSurveyResult(
            $mean,
            $ovality === null ? null : Length::mm($ovality->mean),
            $taper === null ? null : Length::mm($taper->mean),
            $this->pattern($ovality, $taper),
            $this->verdict($mean, $ovality, $taper, count($values), $input->feel),
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
            $widest = $widest === null || $here > $widest->mean ? new Estimate($here, $sigma * sqrt(8 / 3) / M_SQRT2) : $widest;
        }

        return $widest;
    }

    /** (4/3)·√(ΣDi² − ΣDiDj), for three directions 60° apart: exact for an ellipse. */
    private static function ovality(float $a, float $b, float $c): float
    {
        return 4 / 3 * sqrt(max(0.0, $a * $a + $b * $b + $c * $c - $a * $b - $b * $c - $a * $c));
    }

    /** A ring that grips all the way down speaks for a round, straight bore. */
    private function afterFeel(float $inside, ?FitFeel $feel): float
    {
        $odds = in_array($feel, [FitFeel::FirmDriving, FitFeel::WillNotStart], true) ? $this->limits->get('survey.feel_odds') : 1.0;

        return $odds * $inside / ($odds * $inside + 1 - $inside);
    }

    private function pattern(?Estimate $ovality, ?Estimate $taper): ?string
    {
        return match (true) {
            $ovality !== null && $ovality->mean > $this->limits->get('survey.ovality') => 'oval',
            $taper !== null && $taper->mean > $this->limits->get('survey.bellmouth') => 'mouth_opened',
            $taper !== null && $taper->mean < -$this->limits->get('survey.bellmouth') => 'worn_inside',
            default => null,
        };
    }

    private function verdict(Reading $mean, ?Estimate $ovality, ?Estimate $taper, int $count, ?FitFeel $feel): Verdict
    {
        $round = $this->limits->get('survey.ovality');
        $straight = $this->limits->get('survey.bellmouth');
        $pOval = $ovality?->probabilityAtMost($round) ?? 1.0;
        $pTaper = $taper === null ? 1.0 : $taper->probabilityAtMost($straight) - $taper->probabilityAtMost(-$straight);
        $inside = $this->afterFeel(min($pOval, $pTaper), $feel);
        $sign = ($ovality !== null && $ovality->mean - $ovality->spread() > $round) || ($taper !== null && abs($taper->mean) - $taper->spread() > $straight);
        $level = $this->limits->level($inside, $inside, $sign);
        $pattern = $this->pattern($ovality, $taper);
        $verdict = Verdict::of($level, match ($pattern) {
            'oval' => Message::of('survey.oval', 'The bore is oval'),
            'mouth_opened' => Message::of('survey.mouth', 'The mouth is opened out'),
            'worn_inside' => Message::of('survey.inside', 'Worn inside, tight at the mouth'),
            default => Message::of('survey.true', 'Round and straight, as far as measured'),
        }, match ($pattern) {
            null => Message::of('survey.true.say', 'Mean {mean} from {count} diameters.', ['mean' => $mean->value, 'count' => $count]),
            'worn_inside' => Message::of('survey.inside.say', 'It grips at the lip and is loose below: the ring has been creeping.'),
            default => Message::of('survey.worn.say', 'A ring pressed here is held in places only.'),
        })->showing(Figure::of('mean', 'Mean diameter', $mean->value, 2 * $mean->sigma(), 3))
            ->next($pattern === null ? null : Message::of('survey.next', 'Take the fit from the loosest place; think of a sleeve, or a new part.'))
            ->settledBy($level->value === 'care' ? Message::of('survey.settle', 'A bore gauge would settle it.') : null);
        $working = Working::start()->line('Mean', 'ΣD / n', sprintf('n = %d', $count), $mean->value, 3);
        if ($ovality !== null) {
            $verdict = $verdict->showing(Figure::of('ovality', 'Out of round', Length::mm($ovality->mean), $ovality->spread(), 3));
            $working = $working->line('Out of round', '(4/3)·√(ΣDi² − ΣDiDj)', sprintf('limit %.3f', $round), Length::mm($ovality->mean), 3);
        }
        if ($taper !== null) {
            $verdict = $verdict->showing(Figure::of('taper', 'Lip less bottom', Length::mm($taper->mean), $taper->spread(), 3));
            $working = $working->line('Taper', 'mean(lip) − mean(bottom)', sprintf('limit ±%.3f', $straight), Length::mm($taper->mean), 3);
        }

        return $verdict->workedOut($working);
    }

    /** @param  non-empty-list<BoreReading>  $ring */
    private static function mean(array $ring): float
    {
        return array_sum(array_map(static fn (BoreReading $r): float => $r->diameter->value->mm, $ring)) / count($ring);
    }
}
