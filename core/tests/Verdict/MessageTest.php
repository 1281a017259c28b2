<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Verdict;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Verdict\HubWords;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;
use PHPUnit\Framework\TestCase;

/** Words with values. */
final class MessageTest extends TestCase
{
    public function test_words_fill_in_and_keep_their_quantities(): void
    {
        $message = Message::of('k', 'It stands {tilt} proud at {clock}.', ['tilt' => Length::mm(0.6), 'clock' => Written::of('12')]);
        self::assertSame('It stands 0.60 mm proud at 12.', $message->inEnglish());
        self::assertInstanceOf(Length::class, $message->values['tilt']);
        self::assertSame('0.5000 mm', Message::shown(Length::mm(0.5), 4));
        self::assertSame(Level::Stop, Level::Care->worse(Level::Stop));
        self::assertSame(Instrument::DepthCaliper, Ask::depth('d', 'D')->instrument);
    }

    public function test_what_a_bearing_sits_in_is_a_hub_until_a_job_says_what_it_is(): void
    {
        $message = Message::of('k', 'At {t}: {next}', ['t' => Written::of('50'), 'next' => Message::plain('Warm the {body}')]);
        self::assertSame('At 50: Warm the hub', $message->inEnglish());
        self::assertSame('At 50: Warm the knuckle', $message->inWordsOf(HubWords::of('knuckle', 'shaft'))->inEnglish());
        self::assertSame('{body} over its faces', Message::plain('{body} over its faces')->key);
        $other = Message::of('k', 'Left seal');
        self::assertEquals($other, $other->inWordsOf(HubWords::of('knuckle', 'shaft')));
    }

    public function test_words_with_something_in_them_are_not_plain(): void
    {
        self::assertTrue(Message::plain('Left seal')->isPlain());
        self::assertFalse(Message::filled('{number} out', number: '6204')->isPlain(), 'its key is its text, and still it has a value');
        self::assertFalse(Message::of('k', 'Left seal')->isPlain());
    }
}
