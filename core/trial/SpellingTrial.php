<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Practice\Bench\Chance;

/** Every number of the catalogue in the ten ways people type it, and struck badly. */
final readonly class SpellingTrial implements Trial
{
    private const BADLY_STRUCK = ['0' => 'O', '1' => 'I', '5' => 'S', '8' => 'B', '6' => 'G'];

    public function run(Chance $chance, int $jobs): array
    {
        $reader = new DesignationReader();
        [$right, $of, $wrong] = [0, 0, []];
        [$offered, $struck, $missed] = [0, 0, []];
        foreach ((new BearingTable())->all() as $size) {
            foreach (self::spellings($size) as $typed) {
                $of++;
                self::first($reader, $typed)?->size === $size ? $right++ : ($wrong[] = $typed);
            }
            $dirty = self::dirty($size->number, $chance);
            if ($dirty !== null) {
                $struck++;
                in_array($size, self::all($reader, $dirty), true) ? $offered++ : ($missed[] = "$dirty for $size->number");
            }
        }

        return [
            TrialFigure::atLeast('numbers read right, ten spellings each', $right, $of, 1.0, $wrong),
            TrialFigure::atLeast('numbers with one sign badly struck, among what is offered', $offered, $struck, 0.95, $missed),
        ];
    }

    /** @return list<string> ten ways to type it */
    public static function spellings(Bearing $size): array
    {
        $number = $size->number;
        $head = preg_match('/^([A-Z]{1,3})(?=\d)/', $number, $m) === 1 ? $m[1] : substr($number, 0, 2);
        $spaced = $head.' '.substr($number, strlen($head));

        return [
            $number,
            strtolower($number),
            "  $number ",
            "$number-2RS",
            "$number 2RS C3",
            "$number/2Z",
            strtolower("$number ddu"),
            "$number.LLU",
            "$number ZZ",
            preg_match('~[/\-]|^[A-Z]{2,}\d+$~', $number) === 1 || strlen($number) < 4 ? "$number  VV" : $spaced,
        ];
    }

    /** One digit of it replaced by the letter it looks like; null when it has none of those. */
    private static function dirty(string $number, Chance $chance): ?string
    {
        $places = array_values(
            array_filter(range(1, strlen($number) - 1), static fn (int $i): bool => isset(self::BADLY_STRUCK[$number[$i]])),
        );
        if ($places === []) {
            return null;
        }
        $at = $chance->oneOf($places);

        return substr_replace($number, self::BADLY_STRUCK[$number[$at]], $at, 1);
    }

    private static function first(DesignationReader $reader, string $typed): ?Designation
    {
        try {
            return $reader->read($typed);
        } catch (InvalidInput) {
            return null;
        }
    }

    /** @return list<?Bearing> */
    private static function all(DesignationReader $reader, string $typed): array
    {
        try {
            return array_map(static fn (Designation $d): ?Bearing => $d->size, $reader->readings($typed));
        } catch (InvalidInput) {
            return [];
        }
    }
}
