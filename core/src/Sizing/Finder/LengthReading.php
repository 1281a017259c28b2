<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Finder;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Written;

/** What a typed length is in millimetres, and as a rule in inches shows it. */
#[Calculator('length', 'A length, mm and inch', 'size', 'Reads what people type and shows it both ways.', ['typed' => '1 1/16 in'])]
final readonly class LengthReading
{
    private const SIXTY_FOURTHS_MM = 25.4 / 64;

    /** @throws InvalidInput when it is not one length, or can be read two ways */
    public function work(LengthReadingInput $input): LengthReadingResult
    {
        $length = (new LengthText($input->unit->value))->read($input->typed);
        $inches = number_format($length->mm / 25.4, 4, '.', '').' in';
        $fraction = $this->fraction($length->mm);
        $verdict = Verdict::go(
            Message::of('length.read', '{length}', ['length' => $length]),
            Message::of('length.inches', 'That is {inches}.', ['inches' => Written::of($fraction ?? $inches)]),
        )->showing(Figure::of('length', 'Length', $length, null, 3));

        return new LengthReadingResult($length, $inches, $fraction, $verdict);
    }

    /** As a fraction to 1/64 inch, only when it is exactly one. */
    private function fraction(float $mm): ?string
    {
        $count = (int) round(abs($mm) / self::SIXTY_FOURTHS_MM);
        if ($count === 0 || abs(abs($mm) - $count * self::SIXTY_FOURTHS_MM) > 1e-6) {
            return null;
        }
        [$whole, $top, $bottom] = [intdiv($count, 64), $count % 64, 64];
        while ($top > 0 && $top % 2 === 0) {
            [$top, $bottom] = [intdiv($top, 2), intdiv($bottom, 2)];
        }

        return ($mm < 0 ? '-' : '').trim(($whole > 0 ? "$whole " : '').($top > 0 ? "$top/$bottom" : '')).' in';
    }
}
