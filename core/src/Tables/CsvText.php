<?php

declare(strict_types=1);

namespace CleanRace\Core\Tables;

use CleanRace\Core\Measure\InvalidInput;

/** CSV as people save it: parted by comma, semicolon, tab or bar, in UTF-8 or Windows-1252, with or without a mark before it. */
final readonly class CsvText
{
    private const MOST_BYTES = 5_000_000;

    /**
     * @return list<array{int, list<string>}> number of the line each row begins on, and its cells; blank rows left out
     *
     * @throws InvalidInput when it is no text, or too long
     */
    public function rows(string $bytes): array
    {
        $text = self::decoded($bytes);
        $file = fopen('php://temp', 'r+') ?: throw new InvalidInput('The list cannot be read here.');
        fwrite($file, $text);
        rewind($file);
        $parting = self::parting((string) strtok($text, "\n"));
        $rows = [];
        for ($line = 1, $at = 0; is_array($cells = fgetcsv($file, null, $parting, '"', '')); $at = $end) {
            $end = (int) ftell($file);
            $cells = array_map(strval(...), $cells);
            if (trim(implode('', $cells)) !== '') {
                $rows[] = [$line, $cells];
            }
            $line += substr_count($text, "\n", $at, $end - $at);
        }
        fclose($file);

        return $rows;
    }

    private static function decoded(string $bytes): string
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw InvalidInput::about('file', 'That is more than 5 MB. A list is a small text file.');
        }
        $text = str_starts_with($bytes, "\xEF\xBB\xBF") ? substr($bytes, 3) : $bytes;
        if (str_contains($text, "\0")) {
            throw InvalidInput::about('file', 'That is no text file. Save it as CSV first.');
        }

        return str_replace(
            ["\r\n", "\r"],
            "\n",
            mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252'),
        );
    }

    private static function parting(string $header): string
    {
        $counts = [];
        foreach ([',', ';', "\t", '|'] as $sign) {
            $counts[$sign] = substr_count($header, $sign);
        }
        arsort($counts);

        return (string) array_key_first($counts);
    }

    /**
     * One line of CSV, as RFC 4180 wants it. What a table program would take for a formula is kept from being one.
     *
     * @param  list<string|int|float|null>  $cells
     */
    public static function line(array $cells): string
    {
        return implode(
            ',',
            array_map(static function (string|int|float|null $cell): string {
                $text = (string) $cell;
                $text = is_string($cell) && preg_match('/^[=+\-@\t]/', $text) === 1 && ! is_numeric($text) ? "'".$text : $text;

                return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
            }, $cells),
        )."\r\n";
    }
}
