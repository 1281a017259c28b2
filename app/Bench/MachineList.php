<?php

declare(strict_types=1);

namespace App\Bench;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\RowFault;
use CleanRace\Core\Tables\CsvText;

/** A list of machines as CSV, with what they are and whose: as a shop that moves in brings it. Every row is a machine or a fault. */
final readonly class MachineList
{
    private const MOST_ROWS = 5000;

    /** What the columns may be called, by what they hold. */
    private const COLUMNS = [
        'name' => ['name', 'machine', 'vehicle'],
        'model' => ['model', 'make', 'make and model', 'type'],
        'owner' => ['owner', 'customer', 'client'],
    ];

    /**
     * @param  list<array{name: string, model: string, owner: string}>  $machines
     * @param  list<RowFault>  $faults
     */
    private function __construct(public array $machines, public array $faults)
    {
    }

    /** @throws InvalidInput when it is no such file, too long, or has no column of names */
    public static function read(string $bytes): self
    {
        $rows = (new CsvText())->rows($bytes);
        $header =
            array_shift($rows) ??
            throw InvalidInput::about('list', 'The file is empty. A list of machines has a header line and a line for each machine.');
        $titles = array_map(
            static fn (string $title): string => trim((string) preg_replace('/[^a-z]+/', ' ', mb_strtolower($title))),
            $header[1],
        );
        $places = array_map(static function (array $names) use ($titles): ?int {
            $found = array_intersect($titles, $names);

            return $found === [] ? null : array_key_first($found);
        }, self::COLUMNS);
        if ($places['name'] === null) {
            throw InvalidInput::about('list', 'No column is called name. The header of a list of machines reads: name, model, owner.');
        }
        if (count($rows) > self::MOST_ROWS) {
            throw InvalidInput::about('list', sprintf('That is more than %d machines. Split the list.', self::MOST_ROWS));
        }
        $machines = $faults = [];
        foreach ($rows as [$line, $cells]) {
            $machine = array_map(static fn (?int $place): string => $place === null ? '' : trim($cells[$place] ?? ''), $places);
            $fault = match (true) {
                $machine['name'] === '' => 'No name.',
                max(array_map(mb_strlen(...), $machine)) > 120 => 'A name, model or owner takes at most 120 letters.',
                default => null,
            };
            if ($fault === null) {
                $machines[] = $machine;
            } else {
                $faults[] = new RowFault($line, $fault, false);
            }
        }

        return new self($machines, $faults);
    }
}
