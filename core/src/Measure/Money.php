<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** An amount in a shop's own currency, in whole minor units (cents): never a fraction, never less than zero. */
final readonly class Money
{
    /** More than any order here: a slip of the decimal point is caught. */
    private const MOST = 100_000_000;

    private function __construct(public int $minor)
    {
    }

    /** @throws InvalidInput when it is less than zero or more than a million */
    public static function minor(int $minor): self
    {
        if ($minor < 0 || $minor > self::MOST) {
            throw new InvalidInput('An amount lies between 0 and 1000000.00. Check the decimal point.');
        }

        return new self($minor);
    }

    /**
     * Reads `12`, `12.5`, `12,50`, `1 234.50`, `1.234,50`, with a sign of the currency before or behind it.
     *
     * @throws InvalidInput when it is no amount, or can be read two ways
     */
    public static function read(string $typed): self
    {
        $text = trim((string) preg_replace('/^[^\d\-]*|[^\d]*$/u', '', $typed));
        $plain = (string) preg_replace('/[\s\x{00A0}\'’]/u', '', $text);
        if (preg_match('/^\d{1,3}[.,]\d{3}$/', $plain) === 1) {
            throw new InvalidInput(
                sprintf('"%s" can be read two ways. Write %s or %s.', $plain, str_replace([',', '.'], '', $plain), $plain.'0'),
            );
        }
        if (
            preg_match('/^(\d{1,3}(?:([.,])\d{3})*|\d+)(?:[.,](\d{1,2}))?$/', $plain, $m) !== 1 ||
            (($m[2] ?? '') !== '' && isset($m[3]) && substr_count($plain, $m[2]) > substr_count($m[1], $m[2]))
        ) {
            throw new InvalidInput(sprintf('"%s" is not an amount. Write it like 12.50.', mb_substr(trim($typed), 0, 30)));
        }
        $whole = str_replace(['.', ','], '', $m[1]);
        if (strlen($whole) > 9) {
            return self::minor(PHP_INT_MAX);
        }

        return self::minor((int) $whole * 100 + (int) str_pad($m[3] ?? '0', 2, '0'));
    }

    /**
     * The sum.
     *
     * @throws InvalidInput when it is more than a million.
     */
    public function plus(self $other): self
    {
        return self::minor($this->minor + $other->minor);
    }

    /**
     * So many of it.
     *
     * @throws InvalidInput when that is more than a million.
     */
    public function times(int $count): self
    {
        return self::minor($this->minor * $count);
    }

    /** A share of it such as 25 of 60 minutes, rounded to the nearest minor unit, halves up. */
    public function part(int $of, int $whole): self
    {
        return self::minor(intdiv(2 * $this->minor * $of + $whole, 2 * $whole));
    }

    /** "12.50" */
    public function shown(): string
    {
        return sprintf('%d.%02d', intdiv($this->minor, 100), $this->minor % 100);
    }
}
