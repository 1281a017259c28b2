<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Calculators;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Money;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\FitInput;
use CleanRace\Core\Mechanics\Fit\ShaftFit;
use CleanRace\Core\Mechanics\Fit\ShaftFitInput;
use CleanRace\Core\Mechanics\Fit\SlidingFit;
use CleanRace\Core\Mechanics\Fit\SlidingFitInput;
use CleanRace\Core\Mechanics\Fit\WallLook;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeft;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeftInput;
use CleanRace\Core\Mechanics\Pressing\PressForce;
use CleanRace\Core\Mechanics\Pressing\PressForceInput;
use CleanRace\Core\Mechanics\Warmth\RingHeat;
use CleanRace\Core\Mechanics\Warmth\RingHeatInput;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliper;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliperInput;
use CleanRace\Core\Sizing\Bearing\BearingNumber;
use CleanRace\Core\Sizing\Bearing\BearingNumberInput;
use CleanRace\Core\Sizing\Finder\Question;
use CleanRace\Core\Sizing\Finder\QuestionInput;
use CleanRace\Core\Sizing\Grease\Grease;
use CleanRace\Core\Sizing\Grease\GreaseInput;
use CleanRace\Core\Sizing\Grease\NippleUse;
use CleanRace\Core\Sizing\Grease\Thickener;
use CleanRace\Core\Sizing\SmallParts\BallFinder;
use CleanRace\Core\Sizing\SmallParts\BallInput;
use CleanRace\Core\Sizing\SmallParts\BallReading;
use CleanRace\Core\Sizing\SmallParts\ORingFinder;
use CleanRace\Core\Sizing\SmallParts\ORingInput;
use CleanRace\Core\Sizing\SmallParts\SealFinder;
use CleanRace\Core\Sizing\SmallParts\SealInput;
use CleanRace\Core\Sizing\SmallParts\SnapRingFinder;
use CleanRace\Core\Sizing\SmallParts\SnapRingInput;
use CleanRace\Core\Sizing\SmallParts\SplitPinFinder;
use CleanRace\Core\Sizing\SmallParts\SplitPinInput;
use CleanRace\Core\Sizing\SmallParts\TaperSet;
use CleanRace\Core\Sizing\SmallParts\TaperSetInput;
use CleanRace\Core\Sizing\Wear\BoreDepth;
use CleanRace\Core\Sizing\Wear\BoreReading;
use CleanRace\Core\Sizing\Wear\BoreSurvey;
use CleanRace\Core\Sizing\Wear\BoreSurveyInput;
use CleanRace\Core\Sizing\Wear\SurveyedWall;
use CleanRace\Core\Sourcing\AssemblyInput;
use CleanRace\Core\Sourcing\BearingsOrAssembly;
use CleanRace\Core\Sourcing\MatchPart;
use CleanRace\Core\Sourcing\MatchPartInput;
use CleanRace\Core\Sourcing\NamedSize;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\WholeWords;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every judgement of sizing and sourcing is said in whole sentences, with every place filled, and shows its working. */
final class WordsTest extends TestCase
{
    /** @return iterable<string, array{Verdict}> every branch that a verdict of these rooms can take */
    public static function verdicts(): iterable
    {
        $limits = Limits::standard();
        $mm = static fn (float $x): Length => Length::mm($x);
        $read = static fn (float $x, Instrument $by = Instrument::DigitalCaliper): Reading => Reading::mm($x, $by);

        foreach (
            [
                '6204 2RS',
                '62O4',
                '6220',
                '6204 RS',
                'LM11949',
                'LM11949/10',
                '6?05',
                'F608ZZ',
                '6204 2RS NR',
                '6204 2RSV C3 XYZ',
                'R8',
                'MR105',
                '18307',
                '34640037',
                '6203-5/8',
            ] as $number
        ) {
            foreach (
                [
                    [],
                    ['use' => HubUse::FastWheel, 'nipple' => NippleUse::Used, 'hubSeals' => false, 'wet' => true],
                    ['use' => HubUse::Pivot, 'nipple' => NippleUse::Unused, 'hubSeals' => true],
                ] as $i => $hub
            ) {
                $result = (new BearingNumber($limits))->work(new BearingNumberInput($number, ...$hub));
                yield "number $number $i" => [$result->verdict];
                if ($result->inThisHub !== null) {
                    yield "hub for $number $i" => [$result->inThisHub];
                }
            }
        }
        foreach (
            [[20.01, 46.98, 13.95], [20.0, null, null], [15.5, 34.96, null], [33.3, 44.4, 55.5]] as $i => [$bore, $outside, $width]
        ) {
            yield "caliper $i" => [
                (new BearingFromCaliper($limits))->work(
                    new BearingFromCaliperInput(
                        $read($bore),
                        $outside === null ? null : $read($outside),
                        $width === null ? null : $read($width),
                    ),
                )->verdict,
            ];
        }
        foreach (['35 62 7', '33 60 9', '40 62 8'] as $printed) {
            yield "seal $printed" => [(new SealFinder($limits))->work(new SealInput($printed))->verdict];
        }
        yield 'seal by bore' => [(new SealFinder($limits))->work(new SealInput(null, null, $read(47.0)))->verdict];
        yield 'seal by shaft' => [(new SealFinder($limits))->work(new SealInput(null, $read(25.0), null, $read(7.0)))->verdict];
        foreach ([47.0, 34.98, 150.0] as $bore) {
            yield "snap ring $bore" => [(new SnapRingFinder($limits))->work(new SnapRingInput($read($bore)))->verdict];
        }
        foreach ([[6.35], [3.97], [6.35, 6.1], [11.5]] as $i => $balls) {
            yield "balls $i" => [
                (new BallFinder($limits))->work(
                    new BallInput(array_map(static fn (float $d): BallReading => new BallReading(Length::mm($d)), $balls)),
                )->verdict,
            ];
        }
        foreach ([[3.2, 12.0], [2.0, 24.0], [4.5, null]] as $i => [$hole, $thread]) {
            yield "pin $i" => [
                (new SplitPinFinder($limits))->work(new SplitPinInput($read($hole), $thread === null ? null : $mm($thread)))->verdict,
            ];
        }
        foreach ([[19.3, 1.8], [19.3, null], [90.0, null]] as $i => [$groove, $section]) {
            yield "o-ring $i" => [
                (new ORingFinder($limits))->work(new ORingInput($read($groove), $section === null ? null : $read($section)))->verdict,
            ];
        }
        foreach ([['LM11949', 'LM11910'], ['LM11949', 'L44610'], ['LM11949', 'LM99999']] as [$cone, $cup]) {
            yield "taper $cone $cup" => [(new TaperSet())->work(new TaperSetInput($cone, $cup))->verdict];
        }
        foreach ([null, ...FitFeel::cases()] as $feel) {
            foreach ([null, 46.98, 47.04, 47.3] as $bore) {
                foreach ([false, true] as $compound) {
                    yield sprintf('fit %s %s %s', $feel->value ?? '-', $bore ?? '-', $compound ? 'compound' : '') => [
                        (new Fit($limits))->work(
                            new FitInput(
                                $mm(47),
                                $bore === null ? null : $read($bore, Instrument::BoreGauge),
                                null,
                                $feel,
                                compound: $compound,
                            ),
                        )->verdict,
                    ];
                }
            }
            yield 'shaft fit '.($feel->value ?? '-') => [
                (new ShaftFit($limits))->work(new ShaftFitInput($mm(30), null, null, $feel))->verdict,
            ];
            if ($feel !== null) {
                yield "sliding $feel->value" => [(new SlidingFit($limits))->work(new SlidingFitInput($mm(20), null, $feel))->verdict];
            }
        }
        foreach ([19.97, 20.01, 19.9, 19.8] as $axle) {
            yield "sliding $axle" => [
                (new SlidingFit($limits))->work(new SlidingFitInput($mm(20), $read($axle, Instrument::Micrometer)))->verdict,
            ];
        }
        foreach (Material::cases() as $material) {
            foreach ([0.0, 0.02, 0.15] as $interference) {
                yield "force $material->value $interference" => [
                    (new PressForce($limits))->work(
                        new PressForceInput($mm(20), $mm(47), $mm(14), $mm($interference), $mm(60), material: $material),
                    )->verdict,
                ];
            }
        }
        yield 'force on a shaft' => [
            (new PressForce($limits))->work(
                new PressForceInput($mm(30), $mm(62), $mm(16), $mm(0.012), seat: RingSeat::Shaft, shaftHole: $mm(10)),
            )->verdict,
        ];
        foreach ([0.0, 0.02, 0.08] as $interference) {
            yield "ring heat $interference" => [
                (new RingHeat($limits))->work(new RingHeatInput($mm(30), $mm($interference), true, Temperature::celsius(18)))->verdict,
            ];
        }
        foreach ([0.0, 5.4, 20.0] as $pressure) {
            yield "clearance $pressure" => [
                (new ClearanceLeft(Limits::standard()))->work(
                    new ClearanceLeftInput($mm(20), $mm(47), Pressure::megapascals($pressure)),
                )->verdict,
            ];
        }
        foreach (SurveyedWall::cases() as $wall) {
            foreach ([[47.0, 47.0, 47.0], [47.1, 47.0, 47.0], [47.0, 46.9, 47.0], [46.9, 47.0, 47.1]] as $i => $depths) {
                $oval = new BoreReading(BoreDepth::Lip, Clock::read('2'), Reading::mm($depths[0] + 0.2, Instrument::BoreGauge));
                yield "survey oval $wall->value $i" => [
                    (new BoreSurvey($limits))->work(
                        new BoreSurveyInput(
                            [new BoreReading(BoreDepth::Lip, Clock::read('12'), Reading::mm($depths[0], Instrument::BoreGauge)), $oval],
                            wall: $wall,
                        ),
                    )->verdict,
                ];
                foreach ([[], [WallLook::RustAtLip, WallLook::Pits], WallLook::cases()] as $j => $look) {
                    $readings = array_map(
                        static fn (BoreDepth $d, float $x): BoreReading => new BoreReading(
                            $d,
                            Clock::read('12'),
                            Reading::mm($x, Instrument::BoreGauge),
                        ),
                        BoreDepth::cases(),
                        $depths,
                    );
                    yield "survey $wall->value $i $j" => [
                        (new BoreSurvey($limits))->work(new BoreSurveyInput($readings, FitFeel::DropsIn, $wall, $look, $mm(47)))
                            ->verdict,
                    ];
                }
            }
        }
        foreach (NippleUse::cases() as $nipple) {
            foreach ([0, 1, 2] as $seals) {
                foreach (HubUse::cases() as $use) {
                    yield "grease $nipple->value $seals $use->value" => [
                        (new Grease($limits))->work(
                            new GreaseInput(
                                $mm(20),
                                $mm(47),
                                $mm(14),
                                $use,
                                true,
                                $nipple,
                                $seals,
                                $seals === 1,
                                true,
                                Temperature::celsius(-30),
                                $mm(50),
                                $mm(30),
                                $mm(40),
                                new: Thickener::Lithium,
                            ),
                        )->verdict,
                    ];
                }
            }
        }
        foreach (['30.00', '120.00', '900.00'] as $assembly) {
            yield "assembly $assembly" => [
                (new BearingsOrAssembly($limits))->work(
                    new AssemblyInput(Money::read('38.40'), 90, Money::read($assembly), 30, Money::read('54.00')),
                )->verdict,
            ];
        }
        foreach ([['6.35', '6.35'], ['6.35', '5.0']] as $i => [$old, $new]) {
            yield "match part $i" => [
                (new MatchPart())->work(new MatchPartInput(PartKind::Cone, [new NamedSize('ball', $old, $new)]))->verdict,
            ];
        }
        foreach (['6204', '15x28x7', '1/4', '47 in 46.98'] as $asked) {
            yield "question $asked" => [(new Question())->work(new QuestionInput($asked))->verdict];
        }
    }

    #[DataProvider('verdicts')]
    public function test_every_word_has_its_value_and_every_judgement_its_working(Verdict $verdict): void
    {
        $said = array_values(
            array_filter([$verdict->headline, $verdict->sentence, $verdict->next, $verdict->settledBy, ...$verdict->why]),
        );
        foreach ($said as $message) {
            $words = $message->inEnglish();
            self::assertDoesNotMatchRegularExpression('/\{\w*\}/', $words, 'a place is not filled');
            self::assertDoesNotMatchRegularExpression('/\b(NAN|INF|null)\b/', $words);
            self::assertNotSame('', trim($words));
            self::assertStringNotContainsString('  ', $words);
            self::assertDoesNotMatchRegularExpression('/please|!$/i', $words, 'plain, and no exclamation marks');
            self::assertNotSame('', $message->key);
        }
        self::assertLessThanOrEqual(
            60,
            mb_strlen($verdict->headline->inEnglish()),
            'read from a metre away: '.$verdict->headline->inEnglish(),
        );
        self::assertMatchesRegularExpression('/[.?]$/', $verdict->sentence->inEnglish());
        self::assertNotEmpty($verdict->working->lines);
        foreach ($verdict->figures as $figure) {
            self::assertTrue(is_finite($figure->value->amount()), $figure->name);
            self::assertMatchesRegularExpression('/^[a-z_0-9]+$/', $figure->name);
        }
    }

    public function test_all_three_levels_are_among_them(): void
    {
        $levels = [];
        $keys = [];
        foreach (self::verdicts() as [$verdict]) {
            $levels[$verdict->level->value] = true;
            $keys[$verdict->headline->key] = $verdict->headline->text;
        }
        self::assertCount(count(Level::cases()), $levels);
        self::assertGreaterThan(60, count($keys), 'branches that are looked at');
    }

    public function test_another_language_can_be_laid_over_each(): void
    {
        foreach (self::verdicts() as $name => [$verdict]) {
            foreach (WholeWords::in($verdict) as $where => $said) {
                self::assertNull(WholeWords::fault($said), "$where, at $name: $said->text");
            }
        }
    }
}
