<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tooling\Need;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Limits;

/** One way of getting a bearing out, said for this bearing in this hub. */
final readonly class Pulling
{
    /** @param  list<Need>  $needs */
    private function __construct(public string $detail, public string $tool, public string $why, public string $caution, public string $find, public int $minutes, public array $needs)
    {
    }

    public static function of(Extraction $way, Part $part, Stack $stack): self
    {
        $limits = Limits::standard();
        $bore = $part->sizes['bore'] ?? Length::mm(20);
        $outside = $part->sizes['outside'] ?? Length::mm(40);
        $through = Length::mm(($stack->one(PartKind::Housing)?->mm('length') ?? 80.0) + $limits->get('pull.rod_spare'));
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
                'Rod through, a plate behind the ring, the receiving cup on the hub. Oiled thread, big washers, turned by hand. The thread left over must fit inside the socket.', sprintf('Rod of at least %s, cup over %s inside', self::plain($through), self::plain(Length::mm($outside->mm + $limits->get('pull.cup_wider')))),
                'Square and strong with hand tools; it needs both sides open.', 'A plate that slips off flies: keep out of line.', $find, 10,
                [new Need(ToolKind::Rod, size: 'length '.self::plain($through)), new Need(ToolKind::Cup, size: sprintf('inside over %s, deeper than %s', self::plain(Length::mm($outside->mm + $limits->get('pull.cup_wider'))), self::plain(Length::mm($part->along() + $limits->get('pull.cup_deeper')))))],
            ),
            Extraction::Press => new self(
                'Plug smaller than the ledge, wider than the bore of the inner ring. Hub square on its blocks, close round the bore.', sprintf('Press; plug over %s', self::plain($bore)),
                'A press tells at once when something else stands in the way.', 'Stand aside, guard down. Never a cast part on its rim.', $find, 8,
                [new Need(ToolKind::Press), new Need(ToolKind::Disc, size: sprintf('outside over %s, under %s', self::plain($bore), self::plain(Length::mm($limits->get('pull.ledge_share') * $outside->mm - $limits->get('pull.plug_clear')))))],
            ),
        };
    }

    private static function plain(Length $length): string
    {
        return rtrim(rtrim(number_format($length->mm, 1, '.', ''), '0'), '.').' mm';
    }
}
