<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Torque;

use CleanRace\Core\Catalogue\BoltGrade;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Setting\Torque\ThreadTreatment;
use CleanRace\Core\Setting\Torque\TorqueInput;
use CleanRace\Core\Setting\Torque\TorqueSetting;
use CleanRace\Core\Setting\Torque\TorqueSource;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What to set the wrench to. */
final class TorqueSettingTest extends TestCase
{
    /** @return iterable<string, array{TorqueInput, string, Level, ?float}> input, key, level, setting */
    public static function torques(): iterable
    {
        $nm = Torque::newtonMetres(...);
        yield 'as it is' => [new TorqueInput(TorqueSource::Manual, $nm(45), 'M10'), 'torque.set', Level::Go, 45.0];
        yield 'an adapter in line' => [
            new TorqueInput(TorqueSource::Manual, $nm(45), wrenchLength: Length::mm(380), adapter: Length::mm(60)),
            'torque.to',
            Level::Go,
            (45 * 380) / 440,
        ];
        yield 'an adapter square to it changes nothing' => [
            new TorqueInput(
                TorqueSource::Manual,
                $nm(45),
                wrenchLength: Length::mm(380),
                adapter: Length::mm(60),
                adapterAngle: Angle::degrees(90),
            ),
            'torque.set',
            Level::Go,
            45.0,
        ];
        yield 'an adapter turned back' => [
            new TorqueInput(
                TorqueSource::Manual,
                $nm(45),
                wrenchLength: Length::mm(380),
                adapter: Length::mm(60),
                adapterAngle: Angle::degrees(180),
            ),
            'torque.to',
            Level::Go,
            (45 * 380) / 320,
        ];
        yield 'beyond the thread' => [
            new TorqueInput(TorqueSource::Manual, $nm(51), 'M10', BoltGrade::G88),
            'torque.over',
            Level::Stop,
            51.0,
        ];
        yield 'beyond the thread only when greased' => [
            new TorqueInput(TorqueSource::Manual, $nm(45), 'M10', BoltGrade::G88, ThreadTreatment::AntiSeize),
            'torque.over',
            Level::Stop,
            45.0,
        ];
        yield 'a wrench too large' => [
            new TorqueInput(TorqueSource::Manual, $nm(15), wrenchLeast: $nm(20), wrenchMost: $nm(100)),
            'torque.range',
            Level::Care,
            15.0,
        ];
        yield 'a wrench too small' => [
            new TorqueInput(TorqueSource::Shop, $nm(120), wrenchLeast: $nm(20), wrenchMost: $nm(100)),
            'torque.range',
            Level::Care,
            120.0,
        ];
        yield 'none found, the thread and its grade known' => [
            new TorqueInput(TorqueSource::None, thread: 'M10', grade: BoltGrade::G88),
            'torque.bound',
            Level::Go,
            null,
        ];
        yield 'none found, no grade to praise' => [new TorqueInput(TorqueSource::None, thread: 'M10'), 'torque.none', Level::Go, null];
        yield 'none found, and the brake hangs on it' => [
            new TorqueInput(TorqueSource::None, guards: true),
            'torque.guards',
            Level::Care,
            null,
        ];
        yield 'none found though the thread is known, and steering hangs on it' => [
            new TorqueInput(TorqueSource::None, thread: 'M10', grade: BoltGrade::G88, guards: true),
            'torque.guards',
            Level::Care,
            null,
        ];
        yield 'known, and no wrench for it' => [
            new TorqueInput(TorqueSource::Manual, Torque::newtonMetres(45), noWrench: true),
            'torque.no_wrench',
            Level::Care,
            45.0,
        ];
        yield 'far over, but nobody knows the grade' => [
            new TorqueInput(TorqueSource::Manual, Torque::newtonMetres(90), thread: 'M10'),
            'torque.set',
            Level::Go,
            90.0,
        ];
        yield 'none found' => [new TorqueInput(TorqueSource::None), 'torque.none', Level::Go, null];
    }

    #[DataProvider('torques')]
    public function test_torques(TorqueInput $input, string $key, Level $level, ?float $set): void
    {
        $result = (new TorqueSetting(Limits::standard()))->work($input);
        self::assertSame([$key, $level], [$result->verdict->headline->key, $result->verdict->level]);
        self::assertEqualsWithDelta($set ?? 0.0, $result->set->newtonMetres ?? 0.0, 1e-6);
    }

    public function test_a_ceiling_is_of_the_thread_and_its_grade(): void
    {
        $ceiling = static fn (string $thread, BoltGrade $grade): float => (new TorqueSetting(Limits::standard()))->work(
            new TorqueInput(TorqueSource::None, thread: $thread, grade: $grade),
        )->ceiling->newtonMetres ?? 0.0;
        self::assertEqualsWithDelta(50.5, $ceiling('M10', BoltGrade::G88), 0.1);
        $grades = [BoltGrade::G46, BoltGrade::G58, BoltGrade::G88, BoltGrade::G109, BoltGrade::G129];
        $rising = array_map(static fn (BoltGrade $g): float => $ceiling('M8', $g), $grades);
        $sorted = $rising;
        sort($sorted);
        self::assertSame($sorted, $rising);
        self::assertGreaterThan($ceiling('M10', BoltGrade::G88), $ceiling('M10 × 1', BoltGrade::G88), 'a fine thread carries more');
        $why = (new TorqueSetting(Limits::standard()))->work(
            new TorqueInput(TorqueSource::Manual, Torque::newtonMetres(40), treatment: ThreadTreatment::AntiSeize),
        )->verdict->why;
        self::assertStringContainsString('30.0 N·m', implode(' ', array_map(static fn (Message $m): string => $m->inEnglish(), $why)));
        foreach (
            [
                ['torque_nm', [TorqueSource::Manual]],
                [
                    'wrench_length_mm',
                    [TorqueSource::Manual, Torque::newtonMetres(5), null, null, ThreadTreatment::Dry, null, null, null, Length::mm(50)],
                ],
            ] as [$field, $given]
        ) {
            try {
                new TorqueInput(...$given);
                self::fail('That was taken.');
            } catch (InvalidInput $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
    }
}
