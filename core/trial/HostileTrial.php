<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Sizing\Bearing\BearingNumber;
use CleanRace\Core\Sizing\Bearing\BearingNumberInput;
use CleanRace\Core\Sizing\Finder\Question;
use CleanRace\Core\Sizing\Finder\QuestionInput;
use CleanRace\Core\Sourcing\PriceListReader;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use Closure;
use Throwable;

/** Random and hostile text into everything that reads text: only our own refusals, quickly, and no go for what cannot be read. */
final readonly class HostileTrial implements Trial
{
    private const PIECES = [
        '6204',
        '62',
        '05',
        '2RS',
        'ZZ',
        'C3',
        '?',
        '*',
        '#',
        '/',
        '//',
        '-',
        '--',
        ' ',
        "\0",
        "\n",
        "\t",
        'ß',
        '６',
        '🛞',
        "\xFF\xFE",
        '%s',
        '{x}',
        "' OR 1=1",
        '<b>',
        '../',
        'LM11949',
        '/10',
        'R8',
        '9999999999',
        '1e309',
        '-1',
        '.',
        ',',
        '1/0',
        '1/2',
        'x',
        '×',
        '0',
        'NaN',
        'INF',
        '0x10',
        '(',
        ')',
        '[',
        '\\',
        '$1',
        'mm',
        'in',
        '"',
        'mil',
        'DAC',
        'UC',
        'O',
        'I',
        'S',
        'B',
    ];

    /** Longest an answer may take, in milliseconds. */
    private const SLOW_MS = 50.0;

    /** @param  ?Closure(): float  $clock seconds, as a stop-watch tells them; null when nobody asks how long it took */
    public function __construct(private Limits $limits, private ?Closure $clock = null)
    {
    }

    public function run(Chance $chance, int $jobs): array
    {
        $readers = $this->readers();
        [$strange, $slow, $wrong] = [[], [], []];
        foreach ($readers as $read) {
            self::quietly($read, '6204');
        }
        for ($i = 0; $i < $jobs; $i++) {
            $text = self::text($chance);
            foreach ($readers as $name => $read) {
                $from = $this->now();
                try {
                    $level = $read($text);
                    if ($level === Level::Go && preg_match('/\d/', $text) !== 1) {
                        $wrong[] = self::plain($text);
                    }
                } catch (InvalidInput) {
                } catch (Throwable $fault) {
                    $strange[] = "$name: ".self::plain($text).' '.$fault->getMessage();
                }
                if (($this->now() - $from) * 1000 > self::SLOW_MS) {
                    $slow[] = "$name: ".self::plain($text);
                }
            }
        }
        $of = $jobs * count($readers);

        return [
            TrialFigure::atMost('hostile text: faults that are not ours', count($strange), $of, 0.0, $strange),
            ...$this->clock === null
                ? []
                : [TrialFigure::atMost('hostile text: answers above 50 ms', count($slow), $of, 0.0005, $slow)],
            TrialFigure::atMost('hostile text: go without a digit in it', count($wrong), $of, 0.0, $wrong),
        ];
    }

    private function now(): float
    {
        return $this->clock === null ? 0.0 : ($this->clock)();
    }

    /** @return array<string, callable(string): ?Level> */
    private function readers(): array
    {
        return [
            'length' => static function (string $text): ?Level {
                (new LengthText())->read($text);

                return null;
            },
            'designation' => static function (string $text): ?Level {
                (new DesignationReader())->readings($text);

                return null;
            },
            'number' => fn (string $text): Level => (new BearingNumber($this->limits))->work(new BearingNumberInput($text))->verdict
                ->level,
            'price list' => static function (string $text): ?Level {
                (new PriceListReader())->read("article;price\n".$text);

                return null;
            },
            'question' => static function (string $text): ?Level {
                (new Question())->work(new QuestionInput($text));

                return null;
            },
        ];
    }

    /** @param  callable(string): ?Level  $read */
    private static function quietly(callable $read, string $text): void
    {
        try {
            $read($text);
        } catch (InvalidInput) {
        }
    }

    private static function text(Chance $chance): string
    {
        if ($chance->whole(0, 9) === 0) {
            return $chance->bytes($chance->whole(0, 60));
        }
        $text = '';
        for ($i = 0, $pieces = $chance->whole(1, 8); $i < $pieces; $i++) {
            $text .= $chance->oneOf(self::PIECES);
        }

        return $text;
    }

    private static function plain(string $text): string
    {
        return substr((string) json_encode($text, JSON_INVALID_UTF8_SUBSTITUTE), 0, 60);
    }
}
