<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Steps;

use CleanRace\Core\Hub\Finding;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Place;
use CleanRace\Core\Steps\EntryReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is entered at each kind of place: what is kept of it, and the one sentence when it cannot be used. */
final class EntryReaderTest extends TestCase
{
    /** A place of a kind, with wide limits. */
    private static function place(string $kind): Place
    {
        $options = ['choice' => ['rough', 'quiet', 'a'], 'choices' => ['rough', 'quiet', 'a']];

        return new Place(
            'a',
            AskKind::from($kind === 'captured' ? 'depth' : $kind),
            '',
            null,
            null,
            null,
            $options[$kind] ?? [],
            null,
            null,
            null,
            '',
            $kind === 'captured',
        );
    }

    /**
     * @param  array<string, mixed>  $entry
     * @param  ?array<string, mixed>  $before
     * @return array<string, mixed>
     */
    private static function read(string $kind, array $entry, string $unit = 'mm', ?array $before = null): array
    {
        $findings = array_map(static fn (Finding $f): string => $f->value, Finding::of(PartKind::Sleeve));

        return (new EntryReader())->read(self::place($kind), $entry, $unit, $before, $kind === 'part' ? $findings : []);
    }

    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>, string}> kind, entry, what is kept, unit */
    public static function good(): iterable
    {
        yield 'a length' => ['length', ['typed' => ' 47.02 '], ['mm' => 47.02, 'typed' => '47.02'], 'mm'];
        yield 'a length with a comma' => ['length', ['typed' => '46,98'], ['mm' => 46.98, 'typed' => '46,98'], 'mm'];
        yield 'a bare length in inches' => ['length', ['typed' => '5/8'], ['mm' => 15.875, 'typed' => '5/8'], 'in'];
        yield 'millimetres said to a person of inches' => ['length', ['typed' => '10 mm'], ['mm' => 10.0, 'typed' => '10 mm'], 'in'];
        yield 'a number as a number' => ['length', ['typed' => 3.4], ['mm' => 3.4, 'typed' => '3.4'], 'mm'];
        yield 'a depth of nothing' => ['depth', ['typed' => '0'], ['mm' => 0.0, 'typed' => '0'], 'mm'];
        yield 'a depth below the face' => ['depth', ['typed' => '-0.4'], ['mm' => -0.4, 'typed' => '-0.4'], 'mm'];
        yield 'an answer' => ['choice', ['choice' => 'quiet'], ['choice' => 'quiet'], 'mm'];
        yield 'several answers' => ['choices', ['choices' => ['rough', 'quiet']], ['choices' => ['rough', 'quiet']], 'mm'];
        yield 'none of them' => ['choices', ['choices' => []], ['choices' => []], 'mm'];
        yield 'done' => ['tick', ['done' => true], ['done' => true], 'mm'];
        yield 'done no more' => ['tick', ['done' => false], ['done' => false], 'mm'];
        yield 'a nul in a text' => ['text', ['text' => "be\0nt"], ['text' => 'bent'], 'mm'];
        yield 'a number of a bearing, as typed' => ['number', ['text' => '6O04-2rs'], ['text' => '6O04-2rs'], 'mm'];
        yield 'a torque in foot-pounds' => ['torque', ['typed' => '44 ft-lb'], ['nm' => 59.6559876, 'typed' => '44 ft-lb'], 'mm'];
        yield 'a shop in Fahrenheit' => ['temperature', ['typed' => '68 F'], ['c' => 20.0, 'typed' => '68 F'], 'mm'];
        yield 'a warm hub' => ['heat', ['typed' => '90'], ['c' => 90.0, 'typed' => '90'], 'mm'];
        yield 'a gauge in kilonewtons' => ['gauge', ['typed' => '2.4 kN'], ['n' => 2400.0, 'typed' => '2.4 kN'], 'mm'];
        yield 'a thread' => ['thread', ['text' => 'M10 × 1'], ['text' => 'M10 × 1', 'pitch' => 1.0], 'mm'];
        yield 'threads to the inch' => ['thread', ['text' => '3/8-26'], ['text' => '3/8-26', 'pitch' => 25.4 / 26], 'mm'];
        yield 'minutes of the dial' => ['turn', ['typed' => '5 min'], ['deg' => 30.0, 'typed' => '5 min'], 'mm'];
        yield 'how many' => ['count', ['typed' => '9'], ['count' => 9, 'typed' => '9'], 'mm'];
        yield 'a meter with thousands' => [
            'meter',
            ['text' => '12 400 km'],
            ['text' => '12 400 km', 'amount' => 12400.0, 'unit' => 'km'],
            'mm',
        ];
        yield 'a season' => ['when', ['text' => 'spring'], ['text' => 'spring'], 'mm'];
        yield 'a try' => [
            'cone_try',
            ['mark' => '30.04', 'stage' => 'open', 'felt' => 'play', 'typed' => '1.2'],
            ['mark' => 30.0, 'stage' => 'open', 'felt' => 'play', 'mm' => 1.2, 'typed' => '1.2'],
            'mm',
        ];
        yield 'a try without a gauge' => [
            'cone_try',
            ['mark' => -90, 'stage' => 'locked', 'felt' => 'none'],
            ['mark' => -90.0, 'stage' => 'locked', 'felt' => 'none'],
            'mm',
        ];
        yield 'a part laid down' => [
            'part',
            ['state' => 'on_tray', 'condition' => 'use', 'note' => ''],
            ['state' => 'on_tray', 'condition' => 'use'],
            'mm',
        ];
        yield 'length' => ['length', ['typed' => '1 1/16 in'], ['mm' => 26.9875, 'typed' => '1 1/16 in'], 'mm'];
        yield 'depth may be less than nought' => ['depth', ['typed' => '-0.2'], ['mm' => -0.2, 'typed' => '-0.2'], 'mm'];
        yield 'text' => ['text', ['text' => "  seal worn\0 "], ['text' => 'seal worn'], 'mm'];
        yield 'bearing number' => ['number', ['text' => '6204 2RS'], ['text' => '6204 2RS'], 'mm'];
        yield 'torque' => ['torque', ['typed' => '45 Nm'], ['nm' => 45.0, 'typed' => '45 Nm'], 'mm'];
        yield 'a hub that was warmed' => ['heat', ['typed' => '185 F'], ['c' => 85.0, 'typed' => '185 F'], 'mm'];
        yield 'a gauge' => ['gauge', ['typed' => '35 bar'], ['mpa' => 3.5, 'typed' => '35 bar'], 'mm'];
        yield 'scrapped with its reason' => [
            'part',
            ['state' => 'scrapped', 'reason' => 'Bent'],
            ['state' => 'scrapped', 'reason' => 'Bent'],
            'mm',
        ];
        yield 'findings of its kind alone' => [
            'part',
            ['state' => 'on_tray', 'findings' => ['burr', 'pits']],
            ['state' => 'on_tray', 'findings' => ['burr']],
            'mm',
        ];
        yield 'a measure that is skipped' => ['captured', ['skipped' => 'Bent'], ['skipped' => 'Bent'], 'mm'];
        yield 'photos' => ['photos', ['photos' => ['a', 'b', 7]], ['photos' => ['a', 'b']], 'mm'];
    }

    /**
     * @param  array<string, mixed>  $entry
     * @param  array<string, mixed>  $kept
     */
    #[DataProvider('good')]
    public function test_what_is_entered_is_kept_with_what_it_means(string $kind, array $entry, array $kept, string $unit): void
    {
        $read = self::read($kind, [...$entry, 'more' => 'of no use'], $unit);
        self::assertEqualsWithDelta($kept, $read, 1e-6);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> kind, entry, part of the sentence */
    public static function bad(): iterable
    {
        yield 'no length' => ['length', ['typed' => ''], ''];
        yield 'a length of nothing' => ['length', ['typed' => '0'], 'more than'];
        yield 'a length in words' => ['length', ['typed' => 'wide'], 'wide'];
        yield 'a length longer than a wheel' => ['length', ['typed' => '3000'], 'more than 2 metres'];
        yield 'a list for a length' => ['length', ['typed' => ['1']], ''];
        yield 'an answer of another question' => ['choice', ['choice' => 'grind'], 'not one of the answers'];
        yield 'an answer that is a list' => ['choice', ['choice' => ['quiet']], 'not one of the answers'];
        yield 'answers that are no list' => ['choices', ['choices' => 'quiet'], 'list of answers'];
        yield 'answers by name' => ['choices', ['choices' => ['x' => 'quiet']], 'list of answers'];
        yield 'more answers than there are' => ['choices', ['choices' => array_fill(0, 21, 'quiet')], 'list of answers'];
        yield 'perhaps done' => ['tick', ['done' => 'yes'], 'done or not'];
        yield 'a text of spaces' => ['text', ['text' => "  \t "], ''];
        yield 'a novel' => ['text', ['text' => str_repeat('ß', 2001)], '2000 characters'];
        yield 'a number that is none' => ['number', ['text' => 'rust'], 'no bearing number'];
        yield 'a shop on fire' => ['temperature', ['typed' => '90'], 'A shop is between'];
        yield 'a gauge of unknown unit' => ['gauge', ['typed' => '35 psi?!'], ''];
        yield 'a thread of nothing' => ['thread', ['text' => 'coarse'], 'M10 × 1'];
        yield 'no ball' => ['count', ['typed' => '0'], 'from 1 to 200'];
        yield 'half a ball' => ['count', ['typed' => '9.5'], 'from 1 to 200'];
        yield 'a bucket of balls' => ['count', ['typed' => '99999999999999999999'], 'from 1 to 200'];
        yield 'a meter without a unit' => ['meter', ['text' => '12400'], 'with its unit'];
        yield 'some day' => ['when', ['text' => 'some day'], ''];
        yield 'a try without a mark' => ['cone_try', ['stage' => 'open', 'felt' => 'play'], 'in degrees'];
        yield 'a try round and round' => ['cone_try', ['mark' => 3601, 'stage' => 'open', 'felt' => 'play'], 'in degrees'];
        yield 'a try that felt fine' => ['cone_try', ['mark' => 0, 'stage' => 'open', 'felt' => 'fine'], 'what was felt'];
        yield 'a part nowhere' => ['part', ['state' => 'pocket'], 'where the part is'];
        yield 'a part in a strange condition' => ['part', ['state' => 'on_tray', 'condition' => 'meh'], 'used'];
        yield 'a part thrown away without a word' => ['part', ['state' => 'scrapped'], 'why it is scrapped'];
        yield 'negative size' => ['length', ['typed' => '-3'], ''];
        yield 'nothing' => ['length', [], ''];
        yield 'a number for an answer' => ['choice', ['choice' => 1], ''];
        yield 'one of several is none' => ['choices', ['choices' => ['a', 'c']], ''];
        yield 'torque without number' => ['torque', ['typed' => 'tight'], ''];
        yield 'a hub hotter than it bears' => ['heat', ['typed' => '300'], ''];
        yield 'a gauge without its unit' => ['gauge', ['typed' => '35'], ''];
        yield 'no change to a hub' => ['stack', ['do' => 'paint'], ''];
        yield 'nothing to undo' => ['stack', ['do' => 'undo'], ''];
        yield 'photos that are no list' => ['photos', ['photos' => 'a'], 'list'];
    }

    /** @param  array<string, mixed>  $entry */
    #[DataProvider('bad')]
    public function test_what_cannot_be_used_is_refused_in_one_sentence(string $kind, array $entry, string $says): void
    {
        try {
            self::read($kind, $entry);
            self::fail('It was taken.');
        } catch (InvalidInput $invalid) {
            self::assertStringContainsString($says, $invalid->getMessage());
            self::assertMatchesRegularExpression('/^.{8,200}\.$/u', $invalid->getMessage());
        }
    }

    public function test_a_part_keeps_what_was_said_of_it_before(): void
    {
        $first = self::read('part', ['state' => 'on_tray', 'note' => 'Dot up', 'photos' => ['p1']]) + ['order' => 3];
        $second = self::read('part', ['state' => 'fitted', 'new' => true], 'mm', $first);
        self::assertSame(['Dot up', ['p1'], 3, true], [$second['note'], $second['photos'], $second['order'], $second['new']]);
        $third = self::read('part', ['state' => 'on_tray', 'note' => ''], 'mm', $second);
        self::assertArrayNotHasKey('note', $third, 'wiped out');
        self::assertArrayNotHasKey('new', $third, 'what lies on the tray is not fitted new');
    }

    public function test_hostile_entries_are_refused_and_break_nothing(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $nasty = [
            null,
            true,
            -1,
            1.5e300,
            NAN,
            '',
            '0',
            "\0",
            '../../etc',
            '<b>',
            str_repeat('9', 400),
            '1/0',
            '-',
            "\u{202E}",
            [],
            [[]],
            ['a' => 1],
            'M0 × 0',
            '1e400 mm',
            '٣',
            '6204'.str_repeat(' 2RS', 300),
        ];
        $keys = [
            'typed',
            'text',
            'choice',
            'choices',
            'done',
            'mark',
            'stage',
            'felt',
            'state',
            'condition',
            'reason',
            'findings',
            'photos',
            'new',
            'note',
            'way_round',
            'part',
            'add',
            'remove',
            'skipped',
        ];
        $taken = $refused = 0;
        foreach ([...array_column(AskKind::cases(), 'value'), 'captured'] as $kind) {
            for ($i = 0; $i < 250; $i++) {
                $entry = [];
                foreach ((array) $random->pickArrayKeys(array_flip($keys), $random->getInt(1, 6)) as $key) {
                    $entry[$key] = $nasty[$random->getInt(0, count($nasty) - 1)];
                }
                try {
                    $kept = self::read($kind, $entry, $random->getInt(0, 1) === 1 ? 'mm' : 'in');
                    self::assertSame(
                        $kept === [] ? '[]' : '{',
                        substr(json_encode($kept, JSON_THROW_ON_ERROR), 0, $kept === [] ? 2 : 1),
                        "$kind: what is kept can be written down",
                    );
                    $taken++;
                } catch (InvalidInput) {
                    $refused++;
                }
            }
        }
        self::assertGreaterThan($taken, $refused);
    }
}
