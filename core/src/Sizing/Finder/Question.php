<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Finder;

use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\LengthUnit;
use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Measure\Typed\ThreeSizes;
use CleanRace\Core\Sizing\SmallParts\SealFinder;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** Understands one line: a designation, two or three sizes, a ball, a cone with its cup, one ring in or on another. */
#[Calculator('question', 'Ask', 'size', 'One line: a number, sizes, a ball, a fit.', ['text' => '15x28x7'])]
final readonly class Question
{
    private const LONGEST = 80;

    /** Largest loose ball that is asked for, in mm. */
    private const LARGEST_BALL = 13.0;

    /** Sizes this close to a listed one are taken for it, in mm. */
    private const LISTED = 0.2;

    public function __construct(private DesignationReader $reader = new DesignationReader())
    {
    }

    /** @throws InvalidInput when nothing is understood */
    public function work(QuestionInput $input): QuestionResult
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $input->text));
        if ($text === '' || mb_strlen($text) > self::LONGEST) {
            throw InvalidInput::about(
                'text',
                'Type a number such as 6204 2RS, sizes such as 15x28x7, a ball such as 1/4, or a fit such as 47.02 in 46.98.',
            );
        }
        $unit = $input->unit;
        $readings = [
            ...$this->fit($text, $unit),
            ...$this->pair($text),
            ...$this->sizes($text, $unit),
            ...$this->number($text),
            ...$this->single($text, $unit),
        ];
        if ($readings === []) {
            throw InvalidInput::about(
                'text',
                'Not understood. Type a number such as 6204 2RS, sizes such as 15x28x7, a ball such as 1/4, or a fit such as 47.02 '
                    .'in 46.98.',
            );
        }

        return new QuestionResult(
            $readings,
            Verdict::go(
                Message::of('question.read', '{what}', ['what' => Message::plain($readings[0]->says)]),
                Message::counted('question.read.say', count($readings), 'Understood one way.', 'Understood {count} ways.'),
            )->workedOut(Working::start()->line('Typed', 'read as', mb_substr($text, 0, 40), $readings[0]->says)),
        );
    }

    /**
     * `47.02 in 46.98` is a ring in a bore, `20 on 20.01` a ring on a shaft.
     *
     * @return list<Interpretation>
     */
    private function fit(string $text, LengthUnit $unit): array
    {
        if (preg_match('/^(.*\d["m]*)\s+(in|on)\s+(\d.*)$/i', $text, $m) !== 1) {
            return [];
        }
        [$m[1], $m[3]] = [self::inUnit($m[1], $unit), self::inUnit($m[3], $unit)];
        try {
            $ring = (new LengthText())->read($m[1]);
            (new LengthText())->read($m[3]);
        } catch (InvalidInput) {
            return [];
        }
        $nominal = $this->nominal($ring, strtolower($m[2]) === 'in' ? 'outside' : 'bore');

        return strtolower($m[2]) === 'in'
            ? [
                Interpretation::of('fit', 'A ring in a bore', [
                    'outside_mm' => $nominal,
                    'outside_measured_mm' => $m[1],
                    'bore_mm' => $m[3],
                ]),
            ]
            : [
                Interpretation::of('shaft-fit', 'A ring on a shaft', [
                    'bore_mm' => $nominal,
                    'bore_measured_mm' => $m[1],
                    'shaft_mm' => $m[3],
                ]),
            ];
    }

    /** @return list<Interpretation> */
    private function pair(string $text): array
    {
        if (preg_match('~^([A-Z]{0,3}\d{3,6}[A-Z]?)\s*(?:/|\s|\+|and)\s*([A-Z]{0,3}\d{3,6}[A-Z]?)$~i', $text, $m) !== 1) {
            return [];
        }
        $cones = array_column(Table::rows('taper_sets'), 'cone');
        $cups = array_column(Table::rows('taper_sets'), 'cup');
        [$a, $b] = [strtoupper($m[1]), strtoupper($m[2])];

        return match (true) {
            in_array($a, $cones, true) && in_array($b, $cups, true) => [
                Interpretation::of('taper-set', 'A cone and a cup', ['cone' => $a, 'cup' => $b]),
            ],
            in_array($b, $cones, true) && in_array($a, $cups, true) => [
                Interpretation::of('taper-set', 'A cone and a cup', ['cone' => $b, 'cup' => $a]),
            ],
            default => [],
        };
    }

    /** @return list<Interpretation> bearing first, unless only a seal has such sizes */
    private function sizes(string $text, LengthUnit $unit): array
    {
        $bare = SealFinder::bare($text);
        $parts = array_map(static fn (string $p): string => self::inUnit($p, $unit), ThreeSizes::parts($bare));
        try {
            $mm = array_map(static fn (string $p): float => (new LengthText())->read($p)->mm, $parts);
        } catch (InvalidInput) {
            return [];
        }
        if (count($mm) < 2 || min($mm) <= 0 || $mm[0] === $mm[1]) {
            return [];
        }
        [$small, $large] = $mm[0] < $mm[1] ? [0, 1] : [1, 0];
        $bearing = Interpretation::of(
            'bearing-from-caliper',
            'A bearing of these sizes',
            ['bore_mm' => $parts[$small], 'outside_mm' => $parts[$large]] + (isset($parts[2]) ? ['width_mm' => $parts[2]] : []),
        );
        $seal = Interpretation::of('seal', 'An oil seal', ['printed' => implode(' x ', $parts)]);
        $isSeal = $this->isListed('seals', ['shaft_mm', 'bore_mm', 'width_mm'], $mm[$small], $mm[$large], $mm[2] ?? null);
        $isBearing =
            $this->isListed('bearings', ['bore_mm', 'outside_mm', 'width_sealed_mm'], $mm[$small], $mm[$large], $mm[2] ?? null) ||
            $this->isListed('bearings', ['bore_mm', 'outside_mm', 'width_open_mm'], $mm[$small], $mm[$large], $mm[2] ?? null);

        return $bare !== $text || ($isSeal && ! $isBearing) ? [$seal, $bearing] : [$bearing, $seal];
    }

    /** @return list<Interpretation> */
    private function number(string $text): array
    {
        try {
            $read = $this->reader->read($text);
        } catch (InvalidInput) {
            return [];
        }

        // Three sizes with spaces between them can be run together into a number that spells them out: they are sizes.
        return ThreeSizes::parts(SealFinder::bare($text)) !== []
            ? []
            : [Interpretation::of('bearing-number', 'A bearing number: '.$read->written(), ['number' => $text])];
    }

    /** @return list<Interpretation> one length: a ball, or the seat of a snap ring, or something to turn into the other unit */
    private function single(string $text, LengthUnit $unit): array
    {
        $text = self::inUnit($text, $unit);
        try {
            $mm = (new LengthText())->read($text)->mm;
        } catch (InvalidInput) {
            return [];
        }
        if ($mm <= 0) {
            return [];
        }
        $length = Interpretation::of('length', 'A length in both units', ['typed' => $text]);

        return $mm <= self::LARGEST_BALL
            ? [Interpretation::of('balls', 'A loose ball', ['balls' => [['diameter_mm' => $text]]]), $length]
            : [
                Interpretation::of('bearing-from-caliper', 'The outside of a bearing', ['outside_mm' => $text]),
                Interpretation::of('snap-ring', 'A bore with a snap ring', ['diameter_mm' => $text, 'seat' => 'bore']),
                $length,
            ];
    }

    /** A bare decimal is in the person's own unit; a bare fraction is inches anyway. */
    private static function inUnit(string $typed, LengthUnit $unit): string
    {
        return $unit === LengthUnit::Inch && preg_match('/^[\d.,]+$/', trim($typed)) === 1 ? trim($typed).' in' : $typed;
    }

    /** @param  array{string, string, string}  $columns */
    private function isListed(string $table, array $columns, float $small, float $large, ?float $width): bool
    {
        foreach (Table::rows($table) as $row) {
            if (
                abs((float) $row[$columns[0]] - $small) < self::LISTED &&
                abs((float) $row[$columns[1]] - $large) < self::LISTED &&
                ($width === null || abs((float) $row[$columns[2]] - $width) < self::LISTED)
            ) {
                return true;
            }
        }

        return false;
    }

    /** The listed bearing size that a measured ring belongs to; to the nearest tenth where none is near. */
    private function nominal(Length $ring, string $which): float
    {
        $best = round($ring->mm, 1);
        $miss = self::LISTED;
        foreach (Table::rows('bearings') as $row) {
            $off = abs((float) $row[$which.'_mm'] - $ring->mm);
            if ($off < $miss) {
                [$best, $miss] = [(float) $row[$which.'_mm'], $off];
            }
        }

        return $best;
    }
}
