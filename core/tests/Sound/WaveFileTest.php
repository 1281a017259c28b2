<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sound;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sound\Hearing\BandEnvelopes;
use CleanRace\Core\Sound\Wave\WaveFile;
use CleanRace\Core\Sound\Wave\WaveText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Reading recordings, and refusing what is none. */
final class WaveFileTest extends TestCase
{
    /** @return list<float> */
    private static function tone(float $hertz, int $rate, float $seconds, float $strong = 0.5): array
    {
        return array_map(
            static fn (int $n): float => $strong * sin(2 * M_PI * $hertz * $n / $rate),
            range(0, (int) ($rate * $seconds) - 1),
        );
    }

    /** @param  string  $data samples as they stand in the file */
    private static function file(string $data, int $code, int $bits, int $channels = 1, int $rate = 16_000, string $more = ''): string
    {
        $frame = intdiv($bits, 8) * $channels;
        $form = pack('vvVVvv', $code, $channels, $rate, $rate * $frame, $frame, $bits).$more;
        $body = 'WAVEfmt '.pack('V', strlen($form)).$form.'data'.pack('V', strlen($data)).$data;

        return 'RIFF'.pack('V', strlen($body)).$body;
    }

    /** @return list<float> */
    private static function samples(string $file): array
    {
        return array_merge(...iterator_to_array(WaveFile::ofText($file)->pieces(), false));
    }

    /** @return iterable<string, array{string}> */
    public static function forms(): iterable
    {
        $values = [0.0, 0.5, -0.5, 0.25, -1.0];
        $whole = static fn (int $full, string $letter): string => pack(
            "$letter*",
            ...array_map(static fn (float $v): int => (int) ($v * $full), $values),
        );
        yield '8 bits' => [self::file(pack('C*', 128, 192, 64, 160, 0), 1, 8)];
        yield '16 bits' => [self::file($whole(1 << 15, 's'), 1, 16)];
        $long = str_split($whole(1 << 31, 'l'), 4);
        yield '24 bits' => [self::file(implode('', array_map(static fn (string $s): string => substr($s, 1), $long)), 1, 24)];
        yield '32 bits' => [self::file(implode('', $long), 1, 32)];
        yield 'floating' => [self::file(pack('g*', ...$values), 3, 32)];
        yield 'double' => [self::file(pack('e*', ...$values), 3, 64)];
        $extended = pack('vvV', 22, 16, 4).pack('v', 1).str_repeat("\0", 14);
        yield 'extensible' => [self::file($whole(1 << 15, 's'), 0xFFFE, 16, more: $extended)];
        $both = implode('', array_map(static fn (float $v): string => pack('g2', $v + 0.25, $v - 0.25), [0.0, 0.5, -0.5, 0.25]));
        yield 'two channels are one' => [self::file($both.pack('g2', -1, -1), 3, 32, 2)];
    }

    #[DataProvider('forms')]
    public function test_each_form_is_read_as_the_same_sound(string $file): void
    {
        foreach ([0.0, 0.5, -0.5, 0.25, -1.0] as $i => $wanted) {
            self::assertEqualsWithDelta($wanted, self::samples($file)[$i], 1e-6);
        }
    }

    public function test_what_is_written_is_read_again(): void
    {
        $tone = self::tone(440, 16_000, 1.2);
        $read = self::samples(WaveText::of($tone, 16_000));
        self::assertCount(count($tone), $read);
        self::assertEqualsWithDelta($tone, $read, 1 / 32_000);
        self::assertSame([1.0, -1.0], array_map(round(...), self::samples(WaveText::of([7.0, -7.0], 8_000))));
        $once = WaveText::of($tone, 16_000);
        self::assertSame($once, WaveText::of(self::samples($once), 16_000), 'Nothing is lost by writing it anew.');
    }

    public function test_other_chunks_before_and_behind_are_passed_over(): void
    {
        $file = WaveText::of([0.5, -0.5], 8_000);
        $note = 'LIST'.pack('V', 5).'hello'."\0";
        $body = 'WAVE'.$note.substr($file, 12).$note;
        self::assertEqualsWithDelta([0.5, -0.5], self::samples('RIFF'.pack('V', strlen($body)).$body), 1e-4);
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        $good = WaveText::of(self::tone(440, 8_000, 1), 8_000);
        yield 'text' => ['A note with a WAV\'s name.', 'not a WAV file'];
        yield 'nothing' => ['', 'not a WAV file'];
        yield 'another RIFF' => ['RIFF'.pack('V', 4).'AVI ', 'not a WAV file'];
        yield 'cut off' => [substr($good, 0, 5000), 'longer than it is'];
        yield 'data that lies' => [substr_replace($good, pack('V', 0x7FFFFFF0), 40, 4), 'longer than it is'];
        yield 'too little said' => [substr_replace($good, pack('V', 1000), 40, 4), 'not its own'];
        yield 'no sound in it' => [substr($good, 0, 4).pack('V', 36).substr($good, 8, 28).'data'.pack('V', 0), 'no sound'];
        yield 'no form' => ['RIFF'.pack('V', 4 + 8 + 4).'WAVEdata'.pack('V', 4)."\1\0\1\0", 'how it was recorded'];
        yield '192 kHz' => [self::file(str_repeat("\1\0", 1000), 1, 16, rate: 192_000), '192 kHz'];
        yield '4 kHz' => [self::file(str_repeat("\1\0", 1000), 1, 16, rate: 4_000), '4 kHz'];
        yield '8 channels' => [self::file(str_repeat("\1\0", 800), 1, 16, 8), '8 channels'];
        yield 'packed' => [self::file(str_repeat("\1\0", 800), 85, 16), 'plain samples'];
        yield 'twelve bits' => [self::file(str_repeat("\1\0", 800), 1, 12), 'plain samples'];
        yield 'silence' => [self::file(str_repeat("\0\0", 16_000), 1, 16), 'silence'];
        yield 'two minutes' => [self::file(str_repeat("\1\0", 120 * 8_000), 1, 16, rate: 8_000), '120 seconds long'];
    }

    #[DataProvider('bad')]
    public function test_what_is_no_recording_is_refused_in_one_sentence(string $file, string $says): void
    {
        try {
            BandEnvelopes::of(WaveFile::ofText($file));
        } catch (InvalidInput $refused) {
            self::assertStringContainsString($says, $refused->getMessage());
            self::assertSame('file', $refused->field);

            return;
        }
        self::fail('It was taken.');
    }

    public function test_a_day_of_sound_is_refused_by_its_head_alone(): void
    {
        $stream = fopen('php://temp', 'w+b') ?: self::fail('No stream.');
        $bytes = 24 * 3600 * 8_000;
        fwrite($stream, 'RIFF'.pack('V', 36 + $bytes).'WAVEfmt '.pack('VvvVVvv', 16, 1, 1, 8_000, 8_000, 1, 8).'data'.pack('V', $bytes));
        $file = tempnam(sys_get_temp_dir(), 'day') ?: self::fail('No file.');
        rewind($stream);
        file_put_contents($file, $stream);
        $day = fopen($file, 'r+b') ?: self::fail('No file.');
        // As long as it says, and nearly nothing on the disk.
        ftruncate($day, 44 + $bytes);
        $before = memory_get_usage();
        try {
            WaveFile::of($day);
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertStringContainsString('24.0 hours', $refused->getMessage());
        } finally {
            fclose($day);
            unlink($file);
        }
        self::assertLessThan(1_000_000, memory_get_usage() - $before);
    }

    public function test_a_tone_is_in_its_band_at_its_level_whatever_the_rate(): void
    {
        foreach ([16_000, 44_100, 48_000, 96_000] as $rate) {
            $heard = BandEnvelopes::of(WaveFile::ofText(WaveText::of(self::tone(3_300, $rate, 2), $rate)));
            $levels = array_map(static fn (array $power): float => 10 * log10($power[400]), $heard->power);
            self::assertSame(3, array_search(max($levels), $levels, true), "$rate");
            self::assertEqualsWithDelta(-9.03, $levels[3], 0.3, "$rate");
            self::assertEqualsWithDelta(-9.03, $heard->loudness->level, 0.1, "$rate");
            self::assertEqualsWithDelta(1_000, $heard->count(), 8, "$rate");
            self::assertEqualsWithDelta(sqrt(2), $heard->loudness->crest, 0.01, "$rate");
            self::assertEqualsWithDelta(1.5, $heard->loudness->kurtosis, 0.02, "$rate");
        }
    }

    public function test_bands_that_a_rate_cannot_hold_are_left_out(): void
    {
        $tone = WaveText::of(self::tone(900, 8_000, 1), 8_000);
        self::assertSame([[500, 1000], [1000, 1750], [1750, 2750], [2750, 4000]], BandEnvelopes::of(WaveFile::ofText($tone))->edges);
    }
}
