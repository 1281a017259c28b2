<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** One article that covers several lines of the list; what it leaves out stays on the list. */
final readonly class Kit
{
    /** What a kit may bring, by the kinds of parts: seldom snap ring and spacer tube. */
    private const BRINGS = [
        'bearings' => [
            'Bearings',
            [PartKind::Bearing, PartKind::DoubleRow, PartKind::FlangedBearing, PartKind::AngularBearing, PartKind::Bush],
        ],
        'tapers' => ['Cups and cones', [PartKind::TaperCup, PartKind::TaperCone, PartKind::Cup, PartKind::Cone]],
        'balls' => ['Balls', [PartKind::Balls]],
        'seals' => ['Seals', [PartKind::Seal, PartKind::Felt, PartKind::DustCap]],
        'o_rings' => ['O-rings', [PartKind::ORing]],
        'spacers' => ['Spacers, collars, washers', [PartKind::Spacer, PartKind::Collar, PartKind::Washer, PartKind::EndCap]],
        'rings' => ['Snap rings, clips', [PartKind::SnapRing, PartKind::Clip]],
        'tube' => ['Spacer tube', [PartKind::Sleeve]],
        'pins' => ['Pin', [PartKind::CastleNut]],
    ];

    /** @param  list<string>  $brings names of what it brings */
    private function __construct(public string $number, private array $brings)
    {
    }

    /** The kit that is bought for this job; null while nobody named one. */
    public static function of(Notebook $notebook): ?self
    {
        $number = $notebook->text(Places::KIT);

        return $number === null ? null : new self($number, $notebook->choices(Places::KIT_BRINGS));
    }

    /**
     * @param  list<Part>  $parts of the hub
     * @return list<Ask> its number, and once it has one what it brings of what this hub has
     */
    public static function asks(Notebook $notebook, array $parts): array
    {
        $kinds = array_map(static fn (Part $p): PartKind => $p->kind, $parts);
        $options = [];
        foreach (self::BRINGS as $name => [$label, $of]) {
            if (array_filter($kinds, static fn (PartKind $k): bool => in_array($k, $of, true)) !== []) {
                $options[] = new Option($name, $label);
            }
        }

        return [
            Ask::text(Places::KIT, 'A kit instead, by its number', wanted: false),
            ...self::of($notebook) === null ? [] : [Ask::choices(Places::KIT_BRINGS, 'It brings', $options)],
        ];
    }

    /** Whether it brings parts of that kind. */
    public function brings(PartKind $kind): bool
    {
        foreach ($this->brings as $name) {
            if (in_array($kind, self::BRINGS[$name][1] ?? [], true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Its one line on the list.
     *
     * @param  non-empty-list<Message|string>  $instead what it is for
     */
    public function line(array $instead): ToBuy
    {
        return new ToBuy(
            Message::listed([$instead[0], ...array_map(Message::within(...), array_slice($instead, 1))]),
            Message::of('buy.kit', 'Kit {number}', ['number' => Written::of($this->number)]),
            1,
            'Open it and count before anything is pressed',
            (new ArticleKey())->of($this->number, 'kit'),
        );
    }
}
