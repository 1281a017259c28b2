<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Money;
use CleanRace\Core\Measure\RowFault;
use CleanRace\Core\Tables\CsvText;
use Closure;

/**
 * Reads a counter's price list: CSV with a header line, parted by comma, semicolon, tab or bar, in UTF-8 or Windows-1252.
 * Which column holds what is guessed from the header and may be said. No row is lost silently.
 */
final readonly class PriceListReader
{
    public const MOST_ROWS = 20_000;

    private const MOST_PACK = 10_000;

    public function __construct(private ArticleKey $keys = new ArticleKey())
    {
    }

    /**
     * @param  array<string, int>  $columns place of each column, from 0, by what it holds; those not said are guessed
     * @param  ?Closure(int, int): void  $far told how many rows are read, of how many
     *
     * @throws InvalidInput when it is no such file, too long, or has no article or price column
     */
    public function read(string $bytes, array $columns = [], ?Closure $far = null): PriceList
    {
        $rows = (new CsvText())->rows($bytes);
        $header =
            array_shift($rows) ??
            throw InvalidInput::about('file', 'The file is empty. A price list has a header line and a line for each article.');
        $headers = array_map(trim(...), $header[1]);
        $columns = $this->columns($headers, $columns);
        if (count($rows) > self::MOST_ROWS) {
            throw InvalidInput::about('file', sprintf('That is more than %d rows. Split the list.', self::MOST_ROWS));
        }
        $lines = $faults = $first = [];
        foreach ($rows as $i => [$number, $cells]) {
            if ($far !== null) {
                $far($i + 1, count($rows));
            }
            try {
                [$line, $odd] = $this->line($number, $cells, $columns);
                if (isset($first[$line->article])) {
                    $faults[] = new RowFault(
                        $number,
                        sprintf('%s stands in line %d already; that one was taken.', $line->article, $first[$line->article]),
                        false,
                    );

                    continue;
                }
                $first[$line->article] = $number;
                $lines[] = $line;
                $faults = [...$faults, ...$odd];
            } catch (InvalidInput $fault) {
                $faults[] = new RowFault($number, $fault->getMessage(), false);
            }
        }

        return new PriceList($headers, $columns, $lines, $faults, count($rows));
    }

    /**
     * @param  list<string>  $headers
     * @param  array<string, int>  $said
     * @return array<string, int>
     */
    private function columns(array $headers, array $said): array
    {
        $columns = [];
        foreach ($said as $name => $place) {
            if (PriceColumn::tryFrom($name) === null || $place < 0 || $place >= count($headers)) {
                throw InvalidInput::about(
                    'columns',
                    sprintf('There is no column %d in this list, or nothing called %s.', $place + 1, mb_substr($name, 0, 20)),
                );
            }
            $columns[$name] = $place;
        }
        foreach (PriceColumn::cases() as $column) {
            foreach ($headers as $place => $header) {
                if (
                    ! isset($columns[$column->value]) &&
                    ! in_array($place, $columns, true) &&
                    preg_match($column->pattern(), $header) === 1
                ) {
                    $columns[$column->value] = $place;
                }
            }
            if ($column->isNeeded() && ! isset($columns[$column->value])) {
                throw InvalidInput::about(
                    'columns',
                    sprintf(
                        'No column looks like the %s. Say which it is: %s.',
                        lcfirst($column->label()),
                        mb_substr(implode(', ', $headers), 0, 200),
                    ),
                );
            }
        }

        return $columns;
    }

    /**
     * @param  list<string>  $cells
     * @param  array<string, int>  $columns
     * @return array{PriceLine, list<RowFault>}
     */
    private function line(int $number, array $cells, array $columns): array
    {
        $cell = static fn (PriceColumn $c): string => trim($cells[$columns[$c->value] ?? -1] ?? '');
        $article = $cell(PriceColumn::Article);
        if ($article === '') {
            throw new InvalidInput('No article number.');
        }
        if (mb_strlen($article) > 80) {
            throw new InvalidInput('The article number is longer than 80 characters.');
        }
        if ($cell(PriceColumn::Price) === '') {
            throw new InvalidInput("$article has no price.");
        }
        $price = Money::read($cell(PriceColumn::Price));
        $odd = [];
        $whole = static function (PriceColumn $column, int $most) use ($cell, $number, &$odd): ?int {
            $text = $cell($column);
            if ($text === '') {
                return null;
            }
            if (! ctype_digit($text) || (int) $text > $most || strlen($text) > 9) {
                $odd[] = new RowFault(
                    $number,
                    sprintf('%s: "%s" is not a whole number; left out.', $column->label(), mb_substr($text, 0, 20)),
                    true,
                );

                return null;
            }

            return (int) $text;
        };
        $pack = $whole(PriceColumn::Pack, self::MOST_PACK);
        $line = new PriceLine(
            $number,
            $article,
            mb_substr($cell(PriceColumn::Description), 0, 200),
            $this->keys->of($article, $cell(PriceColumn::Description)),
            $price,
            max(1, $pack ?? 1),
            $whole(PriceColumn::Stock, 1_000_000),
            $whole(PriceColumn::Days, 365),
        );

        return [$line, $odd];
    }
}
