<?php

declare(strict_types=1);

namespace App\Devices;

use App\Http\Conflicts\Conflict;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Seating\Press\PressSample;
use Generator;

/**
 * Load cell and travel gauge of a press, on a line of its own: it is told to begin, then sends a line of JSON for every
 * sample, `{"travel_mm": 1.23, "force_n": 456}`, until the press stands still and it sends `{"end": true}`.
 */
final readonly class PressGauge
{
    /** Seconds without a sample after which the line counts as dead. */
    private const SILENCE = 5;

    public function __construct(private ?string $address)
    {
    }

    /**
     * Samples as they come, in handfuls: whatever arrived within the pause. Ends when the press does.
     *
     * @param  array<string, string|int|float>  $begin what the gauge is told
     * @param  float  $pause seconds
     * @return Generator<int, list<PressSample>>
     *
     * @throws Conflict when none answers
     */
    public function samples(array $begin, float $pause): Generator
    {
        $line = $this->address === null ? false : @stream_socket_client('tcp://'.$this->address, $code, $message, 1.0);
        if ($line === false) {
            throw Conflict::noGauge();
        }
        fwrite($line, json_encode(['do' => 'press'] + $begin, JSON_THROW_ON_ERROR)."\n");
        stream_set_blocking($line, false);
        try {
            yield from self::read($line, $pause);
        } finally {
            fclose($line);
        }
    }

    /**
     * @param  resource  $line
     * @return Generator<int, list<PressSample>>
     */
    private static function read($line, float $pause): Generator
    {
        $rest = '';
        $heard = microtime(true);
        while (true) {
            $until = microtime(true) + $pause;
            $samples = [];
            $ended = false;
            while (($left = $until - microtime(true)) > 0 && ! $ended) {
                [$read, $write, $except] = [[$line], null, null];
                if (stream_select($read, $write, $except, 0, (int) ($left * 1e6)) < 1) {
                    break;
                }
                $bytes = fread($line, 65536);
                $ended = ($bytes === '' || $bytes === false) && feof($line);
                $lines = explode("\n", $rest.$bytes);
                $rest = array_pop($lines);
                foreach ($lines as $one) {
                    $said = json_decode($one, true);
                    $ended = $ended || ($said['end'] ?? false) === true;
                    if (is_array($said) && is_numeric($said['travel_mm'] ?? null) && is_numeric($said['force_n'] ?? null)) {
                        $samples[] = new PressSample(Length::mm((float) $said['travel_mm']), Force::newtons((float) $said['force_n']));
                    }
                }
            }
            $heard = $samples === [] ? $heard : microtime(true);
            yield $samples;
            if ($ended || microtime(true) - $heard > self::SILENCE) {
                return;
            }
        }
    }
}
