<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\SmallParts;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sizing\SmallParts\TaperSet;
use CleanRace\Core\Sizing\SmallParts\TaperSetInput;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Cones and cups that belong together. */
final class TaperSetTest extends TestCase
{
    /** @return iterable<string, array{string, string, ?bool, Level}> */
    public static function tapers(): iterable
    {
        yield 'a set' => ['LM11949', 'LM11910', true, Level::Go];
        yield 'written short' => ['lm 11949', 'LM 11910', true, Level::Go];
        yield 'one cup, two cones' => ['L44649', 'L44610', true, Level::Go];
        yield 'a metric one has one number' => ['30204', '30204', true, Level::Go];
        yield 'strangers' => ['LM11949', 'L44610', false, Level::Stop];
        yield 'metric strangers' => ['30204', '30205', false, Level::Stop];
        yield 'unknown' => ['LM99999', 'LM11910', null, Level::Care];
    }

    #[DataProvider('tapers')]
    public function test_a_cone_and_a_cup_belong_together_or_do_not(string $cone, string $cup, ?bool $belongs, Level $level): void
    {
        $result = (new TaperSet())->work(new TaperSetInput($cone, $cup));
        self::assertSame([$belongs, $level], [$result->belongs, $result->verdict->level]);
    }

    public function test_a_taper_says_which_number_cannot_be_read(): void
    {
        try {
            (new TaperSet())->work(new TaperSetInput('LM11949', 'nothing'));
            self::fail('was taken');
        } catch (InvalidInput $invalid) {
            self::assertSame('cup', $invalid->field);
        }
    }
}
