<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Listen;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Sound\Beside;
use CleanRace\Core\Sound\Finding\Heard;
use CleanRace\Core\Sound\Finding\HeardWheel;
use CleanRace\Core\Sound\Hearing\Taps;
use CleanRace\Core\Sound\Orders\BearingBalls;
use CleanRace\Core\Sound\Orders\PartRanges;
use CleanRace\Core\Sound\TurningRing;
use CleanRace\Core\Sound\Wave\WaveFile;
use CleanRace\Core\Sound\Wave\WaveText;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** Listens to a spun wheel: which part of its bearing speaks, whether it runs dry or something rubs. Evidence, never a verdict alone. */
#[
    Calculator('listen', 'What a wheel sounds like', 'check_in', 'A recording of a spun wheel, with a tap at each turn: what it tells.', [
        'samples' => [0.0, 0.1, 0.0, -0.1],
        'samples_a_second' => 16000,
        'number' => '6204',
        'turning' => 'outer',
    ]),
]
final readonly class Listen
{
    private const EVIDENCE = 'Evidence beside the other checks, {share} in a hundred: feel it and rock it too.';

    public function __construct(private Limits $limits, private BearingBalls $balls = new BearingBalls())
    {
    }

    /** @throws InvalidInput in one sentence, when it is no recording, or the bearing is no single-row ball bearing */
    public function work(ListenInput $input): ListenResult
    {
        $ranges = $this->ranges($input->number, $input->bore, $input->outside, $input->turning);
        $file = $input->recording === null
            ? WaveFile::ofText(WaveText::of($input->samples, $input->samplesASecond))
            : self::file($input->recording, 'recording');
        $now = $this->hear($file, Taps::at($input->taps, $input->tapsAreHeard), $ranges, Beside::any($input->freehub ?: null));
        $before = $input->before === null ? null : $this->hear(
            self::file($input->before, 'before'),
            Taps::at($input->tapsBefore(), $input->tapsAreHeard),
            $ranges,
            Beside::any($input->freehub ?: null),
        );

        return $this->said($now, $ranges, $before);
    }

    /** @param  ?HeardWheel  $before the same wheel before the work */
    public function said(HeardWheel $heard, ?PartRanges $ranges, ?HeardWheel $before = null): ListenResult
    {
        $judgement = $heard->judgement;
        [$turning, $tapped] = [$heard->turns?->turning, $heard->turns?->tapped];

        return new ListenResult(
            $judgement->finding,
            Likelihoods::of($judgement),
            $turning === null ? null : round($turning->meanSpeed(), 3),
            $turning?->whole(),
            $turning !== null && $tapped === true ? round(1000 * $turning->scatter, 1) : null,
            round($heard->seconds, 2),
            round($heard->loudness->level, 1),
            round($heard->loudness->crest, 2),
            round($heard->loudness->kurtosis, 2),
            Strengths::of($heard, $ranges),
            $judgement->why,
            SoundPicture::of($heard, $ranges),
            $before === null ? null : Comparison::of($before, $heard, $this->limits),
            $this->verdict($heard, $ranges),
        );
    }

    /** @throws InvalidInput */
    private static function file(string $base64, string $field): WaveFile
    {
        $text = base64_decode($base64, true);
        if ($text === false || $text === '') {
            throw InvalidInput::about($field, 'That is no recording: it is not a WAV file as base64.');
        }

        return WaveFile::ofText($text);
    }

    /** @throws InvalidInput when it is not a single-row ball bearing */
    public function ranges(?string $number, ?Length $bore, ?Length $outside, TurningRing $turning): ?PartRanges
    {
        $set = $this->balls->of($number, $bore, $outside);

        return $set === null ? null : PartRanges::of($set, $turning, $this->limits);
    }

    /** @throws InvalidInput when there is nothing on it */
    public function hear(WaveFile $file, Taps $taps, ?PartRanges $ranges, Beside $beside): HeardWheel
    {
        return HeardWheel::in($file, $taps, $ranges, $beside, $this->limits);
    }

    private function verdict(HeardWheel $heard, ?PartRanges $ranges): Verdict
    {
        $finding = $heard->judgement->finding;
        $share = Written::of(sprintf('%.0f', 100 * $heard->judgement->likelihoods[$finding->value]));
        $headline = match ($finding) {
            Heard::OuterRing => Message::of('sound.says.outer', 'Outer ring likely'),
            Heard::InnerRing => Message::of('sound.says.inner', 'Inner ring likely'),
            Heard::Ball => Message::of('sound.says.ball', 'A ball likely'),
            Heard::Dry => Message::of('sound.says.dry', 'Dry, or dirt in it'),
            Heard::Rub => Message::of('sound.says.rub', 'Something beside the bearing'),
            Heard::Quiet => Message::of('sound.says.quiet', 'Nothing heard'),
            Heard::Unclear => $heard->judgement->asABearing
                ? Message::of('sound.says.bearing', 'As a bearing, its part unsure')
                : Message::of('sound.says.unclear', 'It does not tell'),
        };
        $verdict = $finding === Heard::Quiet
            ? Verdict::go($headline, $heard->judgement->why[0])
            : Verdict::care($headline, $heard->judgement->why[0]);
        $verdict = $finding->isPart() || $finding === Heard::Rub || $finding === Heard::Dry
            ? $verdict->next(Message::of('sound.evidence', self::EVIDENCE, ['share' => $share]))
            : $verdict;

        return $verdict->workedOut($this->working($heard, $ranges));
    }

    private function working(HeardWheel $heard, ?PartRanges $ranges): Working
    {
        $working = Working::start()->line('Level', 'root mean square', '', sprintf('%.1f dB of full scale', $heard->loudness->level));
        if ($heard->turns !== null) {
            [$turning, $tapped] = [$heard->turns->turning, $heard->turns->tapped];
            $working = $working->line(
                'Turns',
                $tapped ? 'cubic through the taps' : 'cubic through what comes once a turn',
                sprintf($tapped ? '%d taps, off by %.0f ms' : '%d times, off by %.0f ms', $turning->taps, 1000 * $turning->scatter),
                sprintf('%d at %.2f/s', $turning->whole(), $turning->meanSpeed()),
            );
        }
        foreach ($heard->turns->parts ?? [] as $part) {
            $range = match ($part->part) {
                Heard::OuterRing => $ranges?->outer,
                Heard::InnerRing => $ranges?->inner,
                default => $ranges?->ball,
            };
            $working = $working->line(
                match ($part->part) {
                    Heard::OuterRing => 'Outer ring',
                    Heard::InnerRing => 'Inner ring',
                    default => 'Ball',
                },
                'comb of its orders beside chance',
                $range === null ? '' : sprintf('%.2f to %.2f times a turn', ...$range),
                sprintf('%.1f at %.2f', max($part->all, $part->rest), $part->order),
            );
        }

        return $working->line('Named from', '', '', sprintf('%.1f', $this->limits->get('sound.need')));
    }
}
