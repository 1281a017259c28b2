<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Table;

/** A 60° screw thread, metric or inch: `M10 × 1`, `M16`, `3/8-26`. A bare metric size has its coarse pitch (ISO 261). */
final readonly class Thread
{
    private const MM_PER_INCH = 25.4;

    /** Stress area and root of the external thread (ISO 898-1, ISO 68-1), as shares of the pitch. */
    private const STRESS_SHARE = 0.9382;

    private const ROOT_SHARE = 1.2269;

    /** From here the second number of a thread without an M means threads per inch. */
    private const LEAST_PER_INCH = 8.0;

    private const THINNEST = 2.0;

    private const THICKEST = 80.0;

    private function __construct(public string $text, public Length $diameter, public Length $pitch)
    {
    }

    /** @throws InvalidInput when it is not one thread */
    public static function read(string $typed): self
    {
        $typed = (string) preg_replace('/^\s*(\d+)\s*-\s*(\d+\/\d+)/', '$1 $2', $typed);
        $text = (string) preg_replace(
            '/\s*(unf|unc|bsc|tpi|"|in\b|iso|rh|lh)\s*/iu',
            ' ',
            str_replace([',', '×', '*', '–'], ['.', 'x', 'x', '-'], trim($typed)),
        );
        if (preg_match('/^\s*(m?)\s*(\d+(?:\.\d+)?(?:\s+\d+\/\d+|\/\d+)?)\s*(?:[x-]\s*(\d+(?:\.\d+)?))?\s*$/iu', $text, $found) !== 1) {
            throw self::unknown($typed);
        }
        $second = isset($found[3]) ? (float) $found[3] : null;
        $metric = $found[1] !== '' || (! str_contains($found[2], '/') && ($second === null || $second < self::LEAST_PER_INCH));

        return $metric ? self::metric($typed, (float) $found[2], $second) : self::inch($typed, trim($found[2]), $second);
    }

    /** @throws InvalidInput when no such thread can be */
    private static function metric(string $typed, float $diameter, ?float $pitch): self
    {
        $name = 'M'.self::number($diameter);
        $coarse = Table::keyed('threads')[$name]['pitch_mm'] ?? null;
        $pitch ??=
            $coarse === null
                ? throw new InvalidInput(sprintf('%s has no coarse pitch in the table. Write it with its pitch, such as M9 × 1.', $name))
                : (float) $coarse;

        return self::sound(
            $typed,
            $name.(self::number($pitch) === self::number((float) $coarse) ? '' : ' × '.self::number($pitch)),
            $diameter,
            $pitch,
        );
    }

    /** @throws InvalidInput when no such thread can be */
    private static function inch(string $typed, string $size, ?float $perInch): self
    {
        if ($perInch === null || $perInch <= 0) {
            throw new InvalidInput(sprintf('How many threads to the inch has %s? Write it so: 3/8-26.', mb_substr($typed, 0, 20)));
        }
        $inches = 0.0;
        foreach (explode(' ', $size) as $part) {
            [$over, $under] = [...explode('/', $part), '1'];
            $inches += (float) $under > 0 ? (float) $over / (float) $under : 0.0;
        }

        return self::sound($typed, $size.'-'.self::number($perInch), $inches * self::MM_PER_INCH, self::MM_PER_INCH / $perInch);
    }

    /** @throws InvalidInput when its pitch does not go with its diameter */
    private static function sound(string $typed, string $text, float $diameter, float $pitch): self
    {
        if ($diameter < self::THINNEST || $diameter > self::THICKEST || $pitch < 0.2 || $pitch > $diameter / 3.5) {
            throw self::unknown($typed);
        }

        return new self($text, Length::mm($diameter), Length::mm($pitch));
    }

    /** mm² that carry the pull. */
    public function stressArea(): float
    {
        return (M_PI / 4) * ($this->diameter->mm - self::STRESS_SHARE * $this->pitch->mm) ** 2;
    }

    /** Diameter at the root of the thread. */
    public function root(): Length
    {
        return Length::mm($this->diameter->mm - self::ROOT_SHARE * $this->pitch->mm);
    }

    private static function number(float $number): string
    {
        return rtrim(rtrim(sprintf('%.2f', $number), '0'), '.');
    }

    private static function unknown(string $typed): InvalidInput
    {
        return new InvalidInput(sprintf('"%s" is not a thread. Write it as M10 × 1, M16, or 3/8-26.', mb_substr($typed, 0, 20)));
    }
}
