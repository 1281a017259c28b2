<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Notebook;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Notebook\Notebook;
use PHPUnit\Framework\TestCase;

/** What was answered so far. */
final class NotebookTest extends TestCase
{
    public function test_a_notebook_gives_each_entry_as_what_it_is(): void
    {
        $notebook = new Notebook([
            'a' => ['value' => ['mm' => 3.1], 'instrument' => 'micrometer'],
            'b' => ['value' => ['choice' => 'left'], 'instrument' => null],
            'c' => ['value' => ['choices' => ['x', 'y', 3]], 'instrument' => null],
            'd' => ['value' => ['done' => true, 'text' => ''], 'instrument' => null],
            'e' => ['value' => ['nm' => 45, 'c' => 18.5], 'instrument' => null],
        ]);
        self::assertSame(Instrument::Micrometer, $notebook->reading('a')?->instrument);
        self::assertSame(3.1, $notebook->length('a')?->mm);
        self::assertSame(
            Instrument::DepthCaliper,
            (new Notebook(['a' => ['value' => ['mm' => 1], 'instrument' => null]]))->reading('a', Instrument::DepthCaliper)
                ?->instrument,
        );
        self::assertSame('left', $notebook->choice('b'));
        self::assertNull($notebook->choice('a'));
        self::assertSame(['x', 'y'], $notebook->choices('c'));
        self::assertTrue($notebook->done('d'));
        self::assertNull($notebook->text('d'), 'an empty text is no text');
        self::assertSame(45.0, $notebook->torque('e')?->newtonMetres);
        self::assertSame(18.5, $notebook->temperature('e')?->celsius);
        self::assertNull($notebook->reading('nowhere'));
    }

    public function test_a_notebook_is_not_changed_by_adding_to_it(): void
    {
        $before = new Notebook(['a' => ['value' => ['mm' => 1.0], 'instrument' => null]]);
        $after = $before
            ->with('a', ['value' => ['mm' => 2.0], 'instrument' => null])
            ->with('b', ['value' => ['order' => 1], 'instrument' => null]);
        self::assertSame(1.0, $before->length('a')?->mm);
        self::assertSame(2.0, $after->length('a')?->mm);
        self::assertFalse($after->with('a', ['value' => null, 'instrument' => null])->has('a'));
        self::assertSame(1, $after->count('b', 'order'));
        self::assertSame(0, $after->count('a', 'order'));
    }
}
