<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

use CleanRace\Core\Measure\Nonsense;

/**
 * Reads what is stamped on a ring: [prefix] series bore-code suffixes. Separators and case are free. The count of
 * digits decides between families that share their first digits: 3204 is double row, 32004 a taper; 16004 is
 * metric, 1604 inch; 623, 628 and 638 alone are bores 3, 8 and 8.
 */
final readonly class DesignationReader
{
    private const TWO_DIGIT_SERIES = [
        '60' => 'deep_groove', '62' => 'deep_groove', '63' => 'deep_groove', '64' => 'deep_groove', '67' => 'deep_groove',
        '68' => 'deep_groove', '69' => 'deep_groove', '42' => 'double_row', '43' => 'double_row', '32' => 'double_row',
        '33' => 'double_row', '52' => 'double_row', '53' => 'double_row', '38' => 'double_row', '70' => 'angular_contact',
        '72' => 'angular_contact', '73' => 'angular_contact', '79' => 'angular_contact',
    ];

    private const THREE_DIGIT_SERIES = [
        '160' => 'deep_groove', '161' => 'deep_groove', '617' => 'deep_groove', '618' => 'deep_groove', '619' => 'deep_groove',
        '622' => 'deep_groove', '623' => 'deep_groove', '630' => 'deep_groove', '638' => 'deep_groove', '718' => 'angular_contact',
        '719' => 'angular_contact', '302' => 'taper', '303' => 'taper', '313' => 'taper', '320' => 'taper', '322' => 'taper',
        '323' => 'taper', '329' => 'taper', '330' => 'taper', '331' => 'taper', '332' => 'taper',
    ];

    /** Series that are written with three digits by some makers and two by others. */
    private const SAME_SERIES = ['617' => '67', '618' => '68', '619' => '69'];

    private const FIRST_BORES = ['00' => 10, '01' => 12, '02' => 15, '03' => 17];

    /** Highest bore code read as such: ×5 is 160 mm, far beyond any wheel here. */
    private const LAST_CODE = 32;

    public function __construct(private BearingTable $table = new BearingTable, private Suffixes $suffixes = new Suffixes)
    {
    }

    /** @throws Nonsense when no size number can be found in it, or the series has no such bore */
    public function read(string $typed): Designation
    {
        $text = strtoupper(trim($typed));
        if ($text === '') {
            throw new Nonsense('Nothing is typed here. Type what is stamped on the ring, such as 6204 2RS.');
        }
        if (strlen($text) > 40) {
            throw new Nonsense('That is longer than anything stamped on a bearing. Type only the number and the letters behind it.');
        }
        $found = $this->attempt($text, null) ?? $this->mended($text);

        return $found ?? throw $this->unreadable($typed, $text);
    }

    /** O is stamped like 0, and I like 1: offered, never assumed. */
    private function mended(string $text): ?Designation
    {
        $mended = preg_replace_callback('/^[0-9OI\s\-.\/]{3,8}/', static fn (array $m): string => strtr($m[0], 'OI', '01'), $text);

        return is_string($mended) && $mended !== $text ? $this->attempt($mended, 'O as 0, I as 1') : null;
    }

    private function attempt(string $text, ?string $guessed): ?Designation
    {
        [$prefix, $text] = preg_match('/^(SS|W|F)[\s\-]?(?=[0-9R])(.*)$/', $text, $cut) === 1 ? [$cut[1], $cut[2]] : ['', $text];
        if (preg_match('/^R\s?(\d{1,2})(A?)(?![0-9])(.*)$/', $text, $inch) === 1 && ($size = $this->table->find('R'.$inch[1].$inch[2])) !== null) {
            return $this->known($size, $prefix.' '.$inch[3], $guessed, 'bore in sixteenths of an inch');
        }
        if (preg_match('/^MR\s?(\d{2,4})(.*)$/', $text, $small) === 1) {
            return $this->miniature($small[1], $small[2], $guessed);
        }
        if (preg_match('/^([\d\s\-.]*\d)(\/(?:22|28|32)(?!\d))?(.*)$/s', $text, $parts) !== 1) {
            return null;
        }
        [, $digits, $slash, $rest] = $parts;
        $run = (string) preg_replace('/\D/', '', $digits);
        if ($slash !== '') {
            return $this->core($run.$slash, $prefix.' '.$rest, $guessed);
        }
        foreach (self::lengths($digits, strlen($run)) as $length) {
            $tail = substr($run, $length).$rest;
            if ($length === strlen($run) || $this->suffixes->begins($tail)) {
                $read = $this->core(substr($run, 0, $length), $prefix.' '.$tail, $guessed);
                if ($read !== null) {
                    return $read;
                }
            }
        }

        return null;
    }

    /**
     * How many digits the size number may have: first where something stands between them, as in 6300 2RS, then
     * the longest.
     *
     * @return list<int>
     */
    private static function lengths(string $digits, int $count): array
    {
        $possible = range(min(5, $count), min(3, $count));
        $parted = array_values(array_filter($possible, static fn (int $n): bool => preg_match('/^(?:\d[\s\-.]*){'.$n.'}$/', $digits) !== 1
            && preg_match('/^\d(?:[\s\-.]*\d){'.($n - 1).'}[\s\-.]/', $digits) === 1));

        return $count < 3 ? [] : array_values(array_unique([...$parted, ...$possible]));
    }

    /** The size number alone, against the table first and then by the series' own rule. */
    private function core(string $number, string $tail, ?string $guessed): ?Designation
    {
        $asTable = self::SAME_SERIES[substr($number, 0, 3)] ?? null;
        $written = $asTable !== null && strlen($number) >= 5 ? $asTable.substr($number, 3) : $number;
        if (($size = $this->table->find($written)) !== null) {
            $reading = $size->system === 'inch' ? 'inch number' : 'series '.$size->series;

            return $this->known($size, $tail, $guessed, $reading);
        }
        if (preg_match('~^(\d{2,3})/(22|28|32)$~', $number, $literal) === 1) {
            return $this->byRule($number, $literal[1], (float) $literal[2], $tail, $guessed);
        }
        $bySeries = match (strlen($number)) {
            5 => [substr($number, 0, 3), substr($number, 3)],
            4 => [substr($number, 0, 2), substr($number, 2)],
            default => [substr($number, 0, 2), substr($number, 2, 1)],
        };
        $bore = strlen($bySeries[1]) === 1 ? (float) $bySeries[1] : (float) (self::FIRST_BORES[$bySeries[1]] ?? (int) $bySeries[1] * 5);
        if (strlen($bySeries[1]) === 1 || (int) $bySeries[1] <= self::LAST_CODE) {
            return $this->byRule($number, $bySeries[0], $bore, $tail, $guessed) ?? $this->wheelStyle($number, $tail, $guessed);
        }

        return $this->wheelStyle($number, $tail, $guessed);
    }

    private function known(Bearing $size, string $tail, ?string $guessed, string $reading): Designation
    {
        return new Designation($size->number, $size, $size->bore->mm, $size->kind, $this->suffixes->read($tail), $guessed, $reading);
    }

    private function byRule(string $number, string $series, float $bore, string $tail, ?string $guessed): ?Designation
    {
        $kind = self::THREE_DIGIT_SERIES[$series] ?? self::TWO_DIGIT_SERIES[$series] ?? null;

        return $kind === null ? null : new Designation($number, null, $bore, $kind, $this->suffixes->read($tail), $guessed, 'series '.$series);
    }

    /** Sizes spelled out as bore, outside, width: 18307 is 18 × 30 × 7. */
    private function wheelStyle(string $number, string $tail, ?string $guessed): ?Designation
    {
        if (preg_match('/^(\d{2})(\d{2})(\d)$/', $number, $sizes) !== 1 || (int) $sizes[2] <= (int) $sizes[1] + 3 || (int) $sizes[3] < 4) {
            return null;
        }

        return new Designation($number, null, (float) $sizes[1], 'deep_groove', $this->suffixes->read($tail), $guessed,
            sprintf('sizes spelled out: %d × %d × %d mm', $sizes[1], $sizes[2], $sizes[3]));
    }

    /** Miniature style, outside then bore: MR105 is 10 outside, 5 bore. */
    private function miniature(string $digits, string $tail, ?string $guessed): ?Designation
    {
        $split = strlen($digits) === 2 ? 1 : 2;
        $outside = (int) substr($digits, 0, $split);
        $bore = (int) substr($digits, $split);

        return $bore < 1 || $outside <= $bore ? null : new Designation('MR'.$digits, null, (float) $bore, 'deep_groove',
            $this->suffixes->read($tail), $guessed, sprintf('miniature style: outside %d, bore %d mm', $outside, $bore));
    }

    private function unreadable(string $typed, string $text): Nonsense
    {
        if (preg_match('/^(60|62|63|64|67|68|69)(\d{2})/', $text, $known) === 1) {
            return new Nonsense(sprintf('Series %s has no bore code %s. Look at the ring again: 00 to 03 are 10, 12, 15 and 17 mm, 04 and up are five times the code.', $known[1], $known[2]));
        }

        return new Nonsense(sprintf('"%s" holds no bearing number that is known here. Type what is stamped, such as 6204 2RS, or measure it with the caliper.', mb_substr($typed, 0, 40)));
    }
}
