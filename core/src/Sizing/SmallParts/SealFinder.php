<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Measure\Typed\ThreeSizes;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** A rotary shaft seal from what is printed on it, in either order, or from shaft, bore and width. */
#[Calculator('seal', 'Find an oil seal', 'size', 'Shaft, bore and width, printed or measured.', ['printed' => '35 62 7'])]
final readonly class SealFinder
{
    /** A printed size is taken as it stands. */
    private const PRINTED_MM = 0.02;

    public function __construct(private Limits $limits)
    {
    }

    /** @throws InvalidInput when what is printed is not three lengths */
    public function work(SealInput $input): PartFound
    {
        [$shaft, $bore, $width] =
            $input->printed === null || trim($input->printed) === ''
                ? [$input->shaft, $input->bore, $input->width]
                : self::printed($input->printed);
        $worn = $this->limits->get('seal.track_worn');
        [$candidates, $rows, $fits] = (new PartRanking($this->limits))->of(
            Table::rows('seals'),
            fn (array $row): float => PartRanking::miss($shaft, (float) $row['shaft_mm'] - $worn, (float) $row['shaft_mm'] + 0.02) +
                PartRanking::miss(
                    $bore,
                    (float) $row['bore_mm'] - 0.02,
                    (float) $row['bore_mm'] + $this->limits->get('seal.bore_over'),
                ) +
                PartRanking::miss(
                    $width,
                    (float) $row['width_mm'] - $this->limits->get('seal.width_off'),
                    (float) $row['width_mm'] + $this->limits->get('seal.width_off'),
                ),
            static fn (array $row): array => [
                Message::plain('seal'),
                Written::of(
                    implode(' × ', array_map(PartRanking::mm(...), [$row['shaft_mm'], $row['bore_mm'], $row['width_mm']])).' mm',
                ),
            ],
        );
        $best = $candidates[0] ?? null;
        $sure = $best !== null && $best->probability->share >= $this->limits->get('level.sure');

        return PartFound::of(
            $sure ? Written::name($best->sizes) : null,
            $candidates,
            $this->verdict($candidates, $fits, $sure, [$shaft, $bore, $width])->workedOut(
                Working::start()->line(
                    'Shaft × bore × width',
                    'nearest listed',
                    implode(
                        ' × ',
                        array_map(static fn (?Reading $r): string => $r === null ? '?' : sprintf('%.2f', $r->value->mm), [
                            $shaft,
                            $bore,
                            $width,
                        ]),
                    ),
                    $rows === [] ? 'none' : $candidates[0]->sizes,
                ),
            ),
        );
    }

    /**
     * @param  list<PartCandidate>  $candidates
     * @param  array{?Reading, ?Reading, ?Reading}  $read
     */
    private function verdict(array $candidates, bool $fits, bool $sure, array $read): Verdict
    {
        [$shaft, $bore, $width] = $read;
        $best = Message::plain($candidates[0]->sizes ?? '');
        $verdict = match (true) {
            ! $fits => Verdict::care(
                Message::of('seal.none', 'No listed seal fits'),
                Message::of('seal.none.say', 'Nearest: {list}. It can still be had: ask with the three sizes.', [
                    'list' => Message::listed(array_column($candidates, 'sizes'), '; '),
                ]),
            ),
            $sure => Verdict::go(
                Message::of('seal.is', 'Seal {sizes}', ['sizes' => $best]),
                Message::of('seal.is.say', 'A stock size. Say one lip, or one lip and a dust lip.'),
            ),
            default => Verdict::care(
                Message::of('seal.may', 'Likely {sizes}', ['sizes' => $best]),
                Message::of('seal.may.say', 'Others fit as well: {list}.', [
                    'list' => Message::listed(array_slice(array_column($candidates, 'sizes'), 1, 3), '; '),
                ]),
            )->settledBy(
                $width === null
                    ? Message::of('seal.width', 'The width settles it: depth of the seat, or the old seal.')
                    : ($shaft === null
                        ? Message::of('seal.shaft', 'The shaft settles it.')
                        : Message::of('seal.bore', 'The bore settles it.')),
            ),
        };

        return $verdict
            ->showing(
                ...array_values(
                    array_filter([
                        $shaft === null ? null : Figure::of('shaft', 'Shaft', $shaft->value, 2 * $shaft->sigma()),
                        $bore === null ? null : Figure::of('bore', 'Bore it sits in', $bore->value, 2 * $bore->sigma()),
                        $width === null ? null : Figure::of('width', 'Width', $width->value, 2 * $width->sigma()),
                    ]),
                ),
            )
            ->next(Message::of('seal.next', 'Feel the track for a groove with a nail: a new lip in an old groove leaks.'));
    }

    /** Without the letters of its type, that stand before or behind: TC 30 47 7, 30x47x7 SC. */
    public static function bare(string $printed): string
    {
        return (string) preg_replace(
            '/^\s*(?:T[ABC]|S[ABC]|V[ABC]|TC4|TCV|DC|KC)\s*(?=\d)|(?<=\d)\s*(?:T[ABC]|S[ABC]|V[ABC]|TCV|DC|KC)\s*$/i',
            '',
            $printed,
        );
    }

    /**
     * Shaft × bore × width, or bore × shaft × width: the smaller of the first two is the shaft.
     *
     * @return array{Reading, Reading, ?Reading}
     */
    private static function printed(string $printed): array
    {
        $lengths = array_map((new LengthText())->read(...), ThreeSizes::parts(self::bare($printed)));
        if (count($lengths) < 2 || count($lengths) > 3) {
            throw InvalidInput::about('printed', 'Type shaft, bore and width, such as 35 62 7 or 1 x 1 1/2 x 1/4 in.');
        }
        $exact = static fn (Length $l): Reading => Reading::of($l, Length::mm(self::PRINTED_MM));
        [$a, $b] = $lengths;
        if ($a->mm === $b->mm) {
            throw InvalidInput::about('printed', 'Shaft and bore cannot be the same.');
        }

        return [$exact($a->mm < $b->mm ? $a : $b), $exact($a->mm < $b->mm ? $b : $a), isset($lengths[2]) ? $exact($lengths[2]) : null];
    }
}
