<?php

declare(strict_types=1);

namespace CleanRace\Core\Tooling;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\RowFault;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Tables\CsvText;
use CleanRace\Core\Tables\Table;

/** A list of tools as CSV: what a shop takes along, and what another brings. Every row is a tool or a fault. */
final readonly class ToolList
{
    public const MOST_ROWS = 2000;

    private const LONGEST_NAME = 80;

    /**
     * @param  list<WallTool>  $tools
     * @param  list<RowFault>  $faults
     */
    private function __construct(public array $tools, public array $faults)
    {
    }

    /** @throws InvalidInput when it is no such file, too long, or has no name or kind column */
    public static function read(string $bytes): self
    {
        $rows = (new CsvText())->rows($bytes);
        $header =
            array_shift($rows) ??
            throw InvalidInput::about('file', 'The file is empty. A list of tools has a header line and a line for each tool.');
        $places = self::places($header[1]);
        if (count($rows) > self::MOST_ROWS) {
            throw InvalidInput::about('file', sprintf('That is more than %d tools. Split the list.', self::MOST_ROWS));
        }
        $tools = $faults = [];
        foreach ($rows as [$line, $cells]) {
            try {
                $tools[] = self::tool((string) $line, static fn (ToolColumn $c): string => trim($cells[$places[$c->value] ?? -1] ?? ''));
            } catch (InvalidInput $fault) {
                $faults[] = new RowFault($line, $fault->getMessage(), false);
            }
        }

        return new self($tools, $faults);
    }

    /** @return list<WallTool> what a shop that begins may hang up and measure */
    public static function starter(): array
    {
        $rows = Table::rows('starter_tools');

        return array_map(
            static fn (array $row, int $i): WallTool => self::tool((string) $i, static fn (ToolColumn $c): string => $row[$c->value]),
            $rows,
            array_keys($rows),
        );
    }

    /** @param  list<WallTool>  $tools */
    public static function write(array $tools): string
    {
        $csv = CsvText::line(array_column(ToolColumn::cases(), 'value'));
        foreach ($tools as $tool) {
            $csv .= CsvText::line([
                $tool->name,
                $tool->kind->value,
                $tool->outside?->mm,
                $tool->opening?->mm,
                $tool->length?->mm,
                $tool->across?->mm,
                $tool->ram?->mm,
                $tool->pitch?->mm,
                $tool->capacity?->newtons,
                $tool->torqueLow?->newtonMetres,
                $tool->torqueHigh?->newtonMetres,
                $tool->plusMinus?->mm,
                $tool->count,
                $tool->reads?->value,
            ]);
        }

        return $csv;
    }

    /**
     * @param  list<string>  $header
     * @return array<string, int>
     */
    private static function places(array $header): array
    {
        $places = [];
        foreach ($header as $place => $title) {
            $name = (string) preg_replace('/[^a-z]+/', '_', mb_strtolower(trim($title)));
            $column = ToolColumn::tryFrom($name) ?? ToolColumn::tryFrom($name.'_mm');
            if ($column !== null) {
                $places[$column->value] ??= $place;
            }
        }
        if (! isset($places['name'], $places['kind'])) {
            throw InvalidInput::about(
                'file',
                'No column is called name or kind. The header of a list of tools reads: '.
                    implode(', ', array_column(ToolColumn::cases(), 'value')).
                    '.',
            );
        }

        return $places;
    }

    /** @param  callable(ToolColumn): string  $cell */
    private static function tool(string $id, callable $cell): WallTool
    {
        $name = $cell(ToolColumn::Name);
        if ($name === '' || mb_strlen($name) > self::LONGEST_NAME) {
            throw new InvalidInput($name === '' ? 'No name.' : sprintf('The name is longer than %d letters.', self::LONGEST_NAME));
        }
        $kind =
            ToolKind::tryFrom($cell(ToolColumn::Kind)) ??
            throw new InvalidInput(sprintf('%s: "%s" is no kind of tool here.', $name, mb_substr($cell(ToolColumn::Kind), 0, 30)));
        $size = static function (ToolColumn $column) use ($cell, $name): ?Length {
            try {
                $length = $cell($column) === '' ? null : (new LengthText())->read($cell($column));
            } catch (InvalidInput $fault) {
                throw new InvalidInput(sprintf('%s, %s: %s', $name, $column->value, $fault->getMessage()));
            }

            return $length === null || $length->mm > 0
                ? $length
                : throw new InvalidInput(sprintf('%s, %s: a size is more than zero.', $name, $column->value));
        };
        $number = static function (ToolColumn $column) use ($cell, $name): ?float {
            $text = str_replace(',', '.', $cell($column));
            if ($text === '') {
                return null;
            }

            return is_numeric($text) && (float) $text > 0 && (float) $text < 1e7
                ? (float) $text
                : throw new InvalidInput(sprintf('%s, %s: "%s" is no number.', $name, $column->value, mb_substr($text, 0, 20)));
        };
        [$capacity, $low, $high, $count] = [
            $number(ToolColumn::Capacity),
            $number(ToolColumn::TorqueLow),
            $number(ToolColumn::TorqueHigh),
            $number(ToolColumn::Count),
        ];

        return self::checked(
            new WallTool(
                $id,
                $name,
                $kind,
                $size(ToolColumn::Opening),
                $size(ToolColumn::Outside),
                $size(ToolColumn::Length),
                $size(ToolColumn::Across),
                $size(ToolColumn::Ram),
                $size(ToolColumn::Pitch),
                $capacity === null ? null : Force::newtons($capacity),
                $low === null ? null : Torque::newtonMetres($low),
                $high === null ? null : Torque::newtonMetres($high),
                $size(ToolColumn::PlusMinus),
                max(1, (int) ($count ?? 1)),
                self::instrument($cell(ToolColumn::Reads)),
            ),
        );
    }

    private static function instrument(string $name): ?Instrument
    {
        return $name === ''
            ? null
            : Instrument::tryFrom($name) ??
                    throw new InvalidInput(
                        sprintf(
                            '"%s" is no instrument here: %s.',
                            mb_substr($name, 0, 30),
                            implode(', ', array_column(Instrument::cases(), 'value')),
                        ),
                    );
    }

    /** @throws InvalidInput when its sizes cannot be true of such a tool */
    public static function checked(WallTool $tool): WallTool
    {
        return match (true) {
            $tool->kind->isDriver() && $tool->outside === null => throw InvalidInput::about('outside_mm', 'Type the outside of its face.'),
            $tool->kind->isDriver() && $tool->length === null => throw InvalidInput::about('length_mm', 'Type its length.'),
            $tool->opening !== null && $tool->outside !== null && $tool->opening->mm >= $tool->outside->mm => throw InvalidInput::about(
                'opening_mm',
                'The opening is not smaller than the outside of the tool.',
            ),
            $tool->torqueLow !== null &&
                $tool->torqueHigh !== null &&
                $tool->torqueLow->newtonMetres >= $tool->torqueHigh->newtonMetres => throw InvalidInput::about(
                    'torque_low_nm',
                    'Its range begins above where it ends.',
                ),
            $tool->reads !== null && $tool->kind !== ToolKind::Gauge => throw InvalidInput::about(
                'reads',
                'Only a caliper or gauge reads sizes.',
            ),
            default => $tool,
        };
    }
}
