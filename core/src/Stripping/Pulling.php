<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tooling\Need;
use CleanRace\Core\Tooling\ToolKind;

/** One way of getting a bearing out, said for this bearing in this hub. */
final readonly class Pulling
{
    /** Room for washers and nuts on a draw rod, receiving cup deeper than the ring and wider, in mm. */
    private const ROD_SPARE = 60.0;

    private const CUP_DEEPER = 3.0;

    private const CUP_WIDER = 1.0;

    private const PLUG_CLEAR = 0.5;

    /** @param  list<Need>  $needs */
    private function __construct(public string $detail, public string $tool, public string $why, public string $caution, public string $find, public int $minutes, public array $needs)
    {
    }

    public static function of(Extraction $way, Part $part, Stack $stack): self
    {
        $bore = $part->sizes['bore'] ?? Length::mm(20);
        $outside = $part->sizes['outside'] ?? Length::mm(40);
        $through = Length::mm(($stack->one(PartKind::Housing)?->mm('length') ?? 80.0) + self::ROD_SPARE);
        $find = 'A ring that turned in its bore: bright outside.';

        return match ($way) {
            Extraction::Drift => new self(
                'From inside, few taps, then the opposite side: 12, 6, 9, 3. It leaves level or it scars the bore.', 'Long square-edged punch, hammer',
                'Cheap and always there; a cocked ring scars the bore.', 'Eyes covered. Support the hub close to the bore, in line with the blow, disc clear.', $find, 6, [new Need(ToolKind::Drift)],
            ),
            Extraction::Puller => new self(
                'Collet behind the inner ring, spread it, draw by bridge or slide hammer. Square, and no sleeve to move.', sprintf('Expanding puller for a bore of %s', self::plain($bore)),
                'It pulls straight, so the bore stays whole.', 'Eyes covered. Stand beside a slide hammer.', $find, 8, [new Need(ToolKind::BlindPuller, $bore, $bore, 'bore '.self::plain($bore)), new Need(ToolKind::SlideHammer)],
            ),
            Extraction::Rod => new self(
                'Rod through, a plate behind the ring, the receiving cup on the hub. Oiled thread, big washers, turned by hand. The thread left over must fit inside the socket.', sprintf('Rod of at least %s, cup over %s inside', self::plain($through), self::plain(Length::mm($outside->mm + self::CUP_WIDER))),
                'Square and strong with hand tools; it needs both sides open.', 'A plate that slips off flies: keep out of line.', $find, 10,
                [new Need(ToolKind::Rod, size: 'length '.self::plain($through)), new Need(ToolKind::Cup, size: sprintf('inside over %s, deeper than %s', self::plain(Length::mm($outside->mm + self::CUP_WIDER)), self::plain(Length::mm($part->along() + self::CUP_DEEPER))))],
            ),
            Extraction::Press => new self(
                'Plug smaller than the ledge, wider than the bore of the inner ring. Hub square on its blocks, close round the bore.', sprintf('Press; plug over %s', self::plain($bore)),
                'A press tells at once when something else stands in the way.', 'Stand aside, guard down. Never a cast part on its rim.', $find, 8,
                [new Need(ToolKind::Press), new Need(ToolKind::Disc, size: sprintf('outside over %s, under %s', self::plain($bore), self::plain(Length::mm(0.86 * $outside->mm - self::PLUG_CLEAR))))],
            ),
        };
    }

    private static function plain(Length $length): string
    {
        return rtrim(rtrim(number_format($length->mm, 1, '.', ''), '0'), '.').' mm';
    }
}
