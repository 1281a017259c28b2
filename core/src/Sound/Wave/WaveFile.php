<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Wave;

use CleanRace\Core\Measure\InvalidInput;
use Generator;

/**
 * A recording as a WAV file (RIFF, linear samples), read piece by piece and never as a whole. Multimedia Programming Interface and
 * Data Specifications 1.0 (1991), and its extensible form.
 */
final readonly class WaveFile
{
    public const LONGEST_S = 60;

    private const LEAST_RATE = 8_000;

    private const MOST_RATE = 96_000;

    private const MOST_CHANNELS = 2;

    private const FORM_BYTES = 16;

    private const EXTENDED_BYTES = 40;

    private const EXTENDED = 0xFFFE;

    private const PIECE_FRAMES = 8_192;

    /**
     * @param  resource  $stream
     * @param  int  $rate frames a second
     * @param  int  $frames how many, each of `channels` samples
     * @param  int  $at where they begin
     */
    private function __construct(
        private mixed $stream,
        public int $rate,
        public int $channels,
        private SampleForm $form,
        public int $frames,
        private int $at,
    ) {
    }

    /** @throws InvalidInput in one sentence, when the text is no recording that can be read here */
    public static function ofText(string $text): self
    {
        $stream = fopen('php://memory', 'w+b') ?: throw self::no('It cannot be read.');
        fwrite($stream, $text);

        return self::of($stream);
    }

    /**
     * @param  resource  $stream that can be sought in, at any place
     *
     * @throws InvalidInput in one sentence, when it is no recording that can be read here
     */
    public static function of(mixed $stream): self
    {
        fseek($stream, 0, SEEK_END);
        $bytes = (int) ftell($stream);
        rewind($stream);
        $head = (string) fread($stream, 12);
        if (strlen($head) < 12 || ! str_starts_with($head, 'RIFF') || ! str_ends_with($head, 'WAVE')) {
            throw self::no('That is no recording: it is not a WAV file.');
        }
        if (self::number($head, 4, 4) + 8 > $bytes + 1) {
            throw self::cutOff();
        }
        $form = null;
        while (($chunk = (string) fread($stream, 8)) !== '' && strlen($chunk) === 8) {
            $length = self::number($chunk, 4, 4);
            $at = (int) ftell($stream);
            if ($at + $length > $bytes) {
                throw self::cutOff();
            }
            if (str_starts_with($chunk, 'fmt ')) {
                $form = self::form((string) fread($stream, max(1, min($length, self::EXTENDED_BYTES))));
            }
            if (str_starts_with($chunk, 'data')) {
                return self::with($stream, $form, $length, $at, $bytes);
            }
            fseek($stream, $at + $length + $length % 2);
        }
        throw self::no('The WAV file holds no sound.');
    }

    /**
     * @param  resource  $stream
     * @param  ?array{SampleForm, int, int}  $form kind of sample, channels, frames a second
     */
    private static function with(mixed $stream, ?array $form, int $length, int $at, int $bytes): self
    {
        if ($form === null) {
            throw self::no('The WAV file does not say how it was recorded.');
        }
        [$sample, $channels, $rate] = $form;
        $frames = intdiv($length, $sample->bytes() * $channels);
        if ($frames === 0) {
            throw self::no('The WAV file holds no sound.');
        }
        if ($frames > self::LONGEST_S * $rate) {
            $long = $frames / $rate;
            $said = $long >= 3600 ? sprintf('%.1f hours', $long / 3600) : sprintf('%.0f seconds', $long);
            throw self::no(sprintf('It is %s long: twenty seconds are enough, %d the most.', $said, self::LONGEST_S));
        }
        $behind = $at + $length + $length % 2;
        fseek($stream, $behind);
        $next = (string) fread($stream, 8);
        // What follows the sound is another chunk, or the length was not true.
        if ($next !== '' && ($bytes - $behind < 8 || $behind + 8 + self::number($next, 4, 4) > $bytes + 1)) {
            throw self::no('The WAV file says a length that is not its own: more follows than it says.');
        }

        return new self($stream, $rate, $channels, $sample, $frames, $at);
    }

    /** @return array{SampleForm, int, int} kind of sample, channels, frames a second */
    private static function form(string $said): array
    {
        if (strlen($said) < self::FORM_BYTES) {
            throw self::no('The WAV file does not say how it was recorded.');
        }
        $coded = self::number($said, 0, 2);
        if ($coded === self::EXTENDED && strlen($said) >= self::EXTENDED_BYTES) {
            $coded = self::number($said, 24, 2);
        }
        [$channels, $rate, $bits] = [self::number($said, 2, 2), self::number($said, 4, 4), self::number($said, 14, 2)];
        $form = SampleForm::from($coded, $bits) ?? throw self::no(
            'The WAV file is packed or of an odd form: it has to hold plain samples of 8, 16, 24 or 32 bits.',
        );
        if ($channels < 1 || $channels > self::MOST_CHANNELS) {
            throw self::no(sprintf('It has %d channels: one microphone is listened to, or two as one.', $channels));
        }
        if ($rate < self::LEAST_RATE || $rate > self::MOST_RATE) {
            throw self::no(sprintf('It was recorded at %s kHz: from 8 to 96 kHz is read here.', (string) ($rate / 1000)));
        }

        return [$form, $channels, $rate];
    }

    public function seconds(): float
    {
        return $this->frames / $this->rate;
    }

    /**
     * The samples as one channel, from −1 to 1, a piece at a time.
     *
     * @return Generator<int, list<float>>
     */
    public function pieces(): Generator
    {
        fseek($this->stream, $this->at);
        $width = $this->form->bytes() * $this->channels;
        for ($left = $this->frames; $left > 0; $left -= self::PIECE_FRAMES) {
            $samples = $this->form->samples((string) fread($this->stream, max(1, $width * min($left, self::PIECE_FRAMES))));
            if ($this->channels === 1) {
                yield $samples;

                continue;
            }
            $mixed = [];
            for ($i = 0, $count = count($samples) - 1; $i < $count; $i += 2) {
                $mixed[] = 0.5 * ($samples[$i] + $samples[$i + 1]);
            }
            yield $mixed;
        }
    }

    private static function number(string $text, int $at, int $bytes): int
    {
        $number = 0;
        for ($i = $bytes - 1; $i >= 0; $i--) {
            $number = $number << 8 | ord($text[$at + $i]);
        }

        return $number;
    }

    private static function cutOff(): InvalidInput
    {
        return self::no('The WAV file says that it is longer than it is: it was cut off on its way, or not written to its end.');
    }

    private static function no(string $sentence): InvalidInput
    {
        return InvalidInput::about('file', $sentence);
    }
}
