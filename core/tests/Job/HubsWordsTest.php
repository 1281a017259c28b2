<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\WholeWords;
use CleanRace\Core\Verdict\HubWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whoever answers whatever: no hub is told of a part that it cannot have. */
final class HubsWordsTest extends TestCase
{
    /** Words, and the parts of which a hub needs one for them to be said. */
    private const OF = [
        '/spacer tube/i' => [PartKind::Sleeve],
        '/ring groove/i' => [PartKind::SnapRing, PartKind::Clip],
        '/\b(its|the) cones\b|set the cone/i' => [PartKind::Cone, PartKind::TaperCone],
    ];

    /** A hub where bearings sit in something else: not one of its other parts, nor where a wheel rocks, nor what a body runs on. */
    private const OF_THE_BODY = '/(?<!wheel |disc |sprocket |pulley |-side |round the |to the |across the )'
        .'(?<!on its |enters the |than the |at the )\bhubs?\b(?! (nut|flange|puller))/i';

    /**
     * What is never said of such a hub, whatever its parts are.
     *
     * @return list<string>
     */
    private static function unsayable(Pattern $pattern): array
    {
        $card = $pattern->card();

        return array_keys(
            array_filter([
                '/\bbrakes?\b(?! cleaner)/i' => ! $card->isBraked(),
                '/(?<!without )\bdiscs?\b(?![- ]side)/i' => ! $card->isBraked(),
                '/\bbraking\b|\btyres?\b|fork legs/i' => $card->role !== HubRole::Wheel,
                '/\b(the|an|its) axles?\b(?! (end|or|nut|tube|plate|enters)\b)/i' => $card->shaft !== HubWords::SHAFT,
                self::OF_THE_BODY => $card->body !== HubWords::BODY,
                '/\bridden\b|\bride\b|\bcoasts?\b|3 and 9|12 and 6|fork end|\bwheels?\b/i' => $card->role === HubRole::Blade,
                '/\bridden\b|\bride\b|3 and 9|12 and 6|fork end/i' => $card->role === HubRole::Idler,
                '/3 and 9|12 and 6|fork end/i' => $card->role === HubRole::Freehub,
                '/blade (spindle|true|blocked)|\bmow/i' => $card->role !== HubRole::Blade,
                '/dropout/i' => $card->machine !== MachineKind::Bicycle,
                '/sprocket|freehub|cassette/i' => ! $card->drives,
                '/\bjack\b/i' => $card->machine === MachineKind::Bicycle,
                '/\b(left|right)[- ](hand )?(side|bearing|bore|inner ring|seal|end)\b/i' => $card->left !== 'Left',
            ]),
        );
    }

    private const PEOPLE = [21, 22, 23];

    private const ROUNDS = 6;

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            yield $id => [$pattern];
        }
    }

    #[DataProvider('patterns')]
    public function test_a_hub_is_told_of_its_own_parts(Pattern $pattern): void
    {
        foreach (self::PEOPLE as $person) {
            $random = new Randomizer(new Mt19937($person + crc32($pattern->id())));
            $notebook = new Notebook();
            for ($round = 1; $round <= self::ROUNDS; $round++) {
                $bench = RandomAnswers::bench($pattern, $notebook);
                $report = (new WheelJob(Limits::standard()))->report($bench);
                $unsaid = array_filter(
                    self::OF,
                    static fn (array $kinds): bool => $bench->hub->stack->ofKind(...$kinds) === [],
                );
                $said = 0;
                foreach (WholeWords::in($report, false) as $where => $message) {
                    $said++;
                    foreach ([...array_keys($unsaid), ...self::unsayable($bench->pattern)] as $words) {
                        self::assertDoesNotMatchRegularExpression($words, $message->inEnglish(), "$where, $message->key");
                    }
                }
                self::assertGreaterThan(150, $said);
                foreach (RandomAnswers::some($report, $random) as $ask) {
                    $notebook = RandomAnswers::noted($notebook, $ask, $random);
                }
            }
        }
    }
}
