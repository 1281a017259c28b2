<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\CsvText;

/** A force–travel curve as CSV: one column of travel, one of force, each with its unit in the header. */
final class TraceCsv
{
    private const TRAVEL = ['mm' => 1.0, 'um' => 0.001, 'µm' => 0.001, 'cm' => 10.0, 'in' => 25.4];

    private const FORCE = ['n' => 1.0, 'kn' => 1000.0, 'kgf' => 9.80665, 'lbf' => 4.4482216];

    /**
     * @return list<PressSample>
     *
     * @throws InvalidInput when it is no such file, or a row of it cannot be read
     */
    public static function read(string $bytes): array
    {
        $rows = (new CsvText())->rows($bytes);
        $header =
            array_shift($rows) ??
            throw InvalidInput::about('file', 'The file is empty. A trace has a header line, then travel and force in each line.');
        [$travel, $perTravel] = self::column($header[1], '/travel|weg|position|depth|displacement/i', self::TRAVEL, 'travel');
        [$force, $perForce] = self::column($header[1], '/force|load|kraft/i', self::FORCE, 'force');
        if (count($rows) > PressTraceInput::MOST_SAMPLES) {
            throw InvalidInput::about(
                'file',
                sprintf('That is more than %d samples. Cut the trace to the pressing itself.', PressTraceInput::MOST_SAMPLES),
            );
        }
        $samples = [];
        foreach ($rows as [$line, $cells]) {
            [$t, $f] = [self::number($cells[$travel] ?? ''), self::number($cells[$force] ?? '')];
            if ($t === null || $f === null) {
                throw InvalidInput::about('file', sprintf('Line %d holds no two numbers for travel and force.', $line));
            }
            $samples[] = new PressSample(Length::mm($t * $perTravel), Force::newtons($f * $perForce));
        }

        return $samples === [] ? throw InvalidInput::about('file', 'The file has a header and no samples.') : $samples;
    }

    /** @param  list<PressSample>  $samples */
    public static function write(array $samples): string
    {
        return CsvText::line(['travel_mm', 'force_n']).
            implode(
                '',
                array_map(
                    static fn (PressSample $s): string => CsvText::line([round($s->travel->mm, 4), round($s->force->newtons, 2)]),
                    $samples,
                ),
            );
    }

    /**
     * @param  list<string>  $header
     * @param  array<string, float>  $units
     * @return array{int, float} place of the column, and what one of its units is in ours
     */
    private static function column(array $header, string $like, array $units, string $what): array
    {
        foreach ($header as $place => $title) {
            if (preg_match($like, $title) === 1) {
                $unit = preg_match('/[\s_\[(]([a-zµ]+)[\])]?\s*$/iu', trim($title), $found) === 1 ? mb_strtolower($found[1]) : '';

                return [
                    $place,
                    $units[$unit] ??
                    throw InvalidInput::about(
                        'file',
                        sprintf(
                            'Which unit is the %s in? Write it in the header: %s.',
                            $what,
                            $what === 'travel' ? 'travel_mm or travel_in' : 'force_n, force_kn or force_lbf',
                        ),
                    ),
                ];
            }
        }
        throw InvalidInput::about('file', sprintf('No column is called %s. The header of a trace reads: travel_mm, force_n.', $what));
    }

    private static function number(string $cell): ?float
    {
        $text = str_replace(',', '.', trim($cell));

        return is_numeric($text) && is_finite((float) $text) ? (float) $text : null;
    }
}
