<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\Need;
use CleanRace\Core\Tooling\ToolKind;

/** One way of getting a bearing out, said for this bearing in this hub. */
final readonly class Pulling
{
    public const FIND = 'A ring that turned in its bore: bright outside.';

    /**
     * @param  string  $tool with places for the sizes
     * @param  array<string, Length>  $sizes
     * @param  list<Need>  $needs
     */
    private function __construct(
        public string $detail,
        public string $tool,
        public array $sizes,
        public string $why,
        public string $caution,
        public int $minutes,
        public array $needs,
    ) {
    }

    /** How this bearing comes out of this hub by that school; sizes in mm. */
    public static function of(Extraction $way, Part $part, Stack $stack): self
    {
        $limits = Limits::standard();
        [$bore, $outside, $width] = [$part->sizes['bore'], $part->sizes['outside'], $part->along()];
        $housing = $stack->one(PartKind::Housing);
        $ledge =
            $housing !== null && $housing->mm('ledge_bore') > 0
                ? $housing->mm('ledge_bore')
                : $limits->get('pull.ledge_share') * $outside->mm;
        $sizes = [
            'bore' => $bore,
            'length' => Length::mm(($housing?->mm('length') ?? $width) + $limits->get('pull.rod_spare')),
            'inside' => Length::mm($outside->mm + $limits->get('pull.cup_wider')),
            'depth' => Length::mm($width + $limits->get('pull.cup_deeper')),
            'under' => Length::mm($ledge - $limits->get('pull.plug_clear')),
        ];

        return match ($way) {
            Extraction::Drift => new self(
                'From inside, few taps, then the opposite side: 12, 6, 9, 3. It leaves level or it scars the bore.',
                'Long square-edged punch, hammer',
                [],
                'Cheap and always there; a cocked ring scars the bore.',
                'Eyes covered. The {body} stands on blocks close to the bore, in line with the blow; nothing else touches them.',
                6,
                [Need::of(ToolKind::Drift)],
            ),
            Extraction::Puller => new self(
                'Collet behind the inner ring, spread it, draw by bridge or slide hammer. Square, and nothing to push aside.',
                'Expanding puller for a bore of {bore}',
                $sizes,
                'It pulls straight, so the bore stays whole.',
                'Eyes covered. Stand beside a slide hammer.',
                8,
                [Need::puller($bore), Need::of(ToolKind::SlideHammer)],
            ),
            Extraction::Rod => new self(
                'Rod through, a plate behind the ring, the receiving cup on the {body}. Oiled thread, big washers, turned by hand. The '
                    .'thread left over must fit inside the socket.',
                'Rod of at least {length}, plate under {under} outside, cup over {inside} inside and {depth} deep',
                $sizes,
                'Square and strong with hand tools; it needs both sides open.',
                'A plate that slips off flies: keep out of line.',
                10,
                [Need::rod($sizes['length']), Need::receiver($sizes['inside'], $sizes['depth'])],
            ),
            Extraction::Press => new self(
                'Plug smaller than the shoulder, wider than the bore of the inner ring. The {body} square on blocks close round the bore.',
                'Press; plug over {bore}, under {under}',
                $sizes,
                'A press tells at once when something else stands in the way.',
                'Stand aside, guard down. Never a cast part on its rim.',
                8,
                [Need::of(ToolKind::Press), Need::plug($bore, $sizes['under'])],
            ),
        };
    }
}
