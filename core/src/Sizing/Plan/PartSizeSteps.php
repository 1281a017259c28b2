<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Message;

/** The steps at which parts of any hub are sized. */
final readonly class PartSizeSteps
{
    private const HINTS = [
        'seal' => '35 62 7',
        'taper_cone' => 'LM11949',
        'taper_cup' => 'LM11910',
        'felt' => 'shaft, outside, thickness',
        'bush' => 'shaft, outside, length',
    ];

    /** Kinds that are sized here, and what is read of them, by the name of its place. */
    public const READ = [
        'bearing' => ['bore' => 'Bore', 'outside' => 'Outside', 'width' => 'Width'],
        'double_row' => ['bore' => 'Bore', 'outside' => 'Outside', 'width' => 'Width'],
        'flanged_bearing' => ['bore' => 'Bore', 'outside' => 'Outside', 'width' => 'Width'],
        'angular_bearing' => ['bore' => 'Bore', 'outside' => 'Outside', 'width' => 'Width'],
        'bush' => ['bore' => 'Bore', 'outside' => 'Outside', 'width' => 'Length'],
        'taper_cone' => ['bore' => 'Bore', 'width' => 'Width of the cone'],
        'taper_cup' => ['outside' => 'Outside', 'width' => 'Width of the cup'],
        'balls' => ['ball_1' => 'One ball', 'ball_2' => 'Another', 'ball_3' => 'A third'],
        'seal' => ['shaft' => 'Shaft, where the lip runs', 'bore' => 'Bore it sits in', 'width' => 'Width'],
        'snap_ring' => ['diameter' => 'Bore beside the groove', 'thickness' => 'Ring, thickness'],
        'clip' => ['diameter' => 'Shaft beside the groove', 'thickness' => 'Clip, thickness'],
        'o_ring' => ['groove' => 'Bottom of the groove', 'section' => 'Old ring, thickness'],
        'castle_nut' => ['hole' => 'Hole of the split pin'],
        'felt' => [],
    ];

    public function __construct(private PartSizing $sizing)
    {
    }

    /** @return list<Step> one for each */
    public function steps(Bench $bench): array
    {
        return array_map(fn (Part $part): Step => $this->step($bench, $part), $this->sizing->parts($bench));
    }

    private function step(Bench $bench, Part $part): Step
    {
        $kind = $part->kind->value;
        $sized = $this->sizing->of($bench, $part);
        $asks = array_map(
            static fn (string $what, string $label): Ask => Ask::length(PlacesOf::sizedBy($part->id, $what), $label, wanted: false),
            array_keys(self::READ[$kind] ?? []),
            array_values(self::READ[$kind] ?? []),
        );
        $said = match (true) {
            in_array($part->kind, [PartKind::SnapRing, PartKind::Clip, PartKind::CastleNut, PartKind::Balls, PartKind::ORing], true) => [],
            default => [
                Ask::text(
                    PlacesOf::sized($part->id),
                    $part->kind === PartKind::Seal ? 'Printed on it' : 'Stamped on it',
                    wanted: false,
                    hint: self::HINTS[$kind] ?? '6204 2RS, or 15 x 28 x 7',
                ),
            ],
        };
        $state = $part->kind->isCartridge()
            ? [
                Ask::choice(
                    PlacesOf::sizedBy($part->id, 'state'),
                    'The rings are',
                    Option::of(['clean' => 'Clean', 'worn' => 'Worn', 'rusty' => 'Rusty']),
                    wanted: false,
                ),
            ]
            : [];

        $step = Step::of('size.part.'.$part->id, '{part}', $this->detail($part->kind), ['part' => Message::plain($part->name)])
            ->with(part: $part->id)
            ->on(Panel::PartSize)
            ->asking(...$said, ...$asks, ...$state)
            ->judged(...$sized->verdicts ?? [])
            // A number settles it; what was calipered is looked at beside its likenesses.
            ->settledByGo(
                $part->kind->isCartridge() &&
                    $bench->notebook->has(PlacesOf::sized($part->id)) &&
                    ! $bench->notebook->has(PlacesOf::sizedBy($part->id, 'bore')),
            )
            ->advice();

        return $this->isBought($bench, $part) && ! $bench->stays($part) ? $step : $step->optional();
    }

    /** Whether a new one is bought for it, whose size must be known: what is good, or not there, needs none. */
    private function isBought(Bench $bench, Part $part): bool
    {
        $item = $bench->tray->find($part->id);

        return match (true) {
            $item?->state === PartState::NotThere, $item?->condition === 'use' => false,
            $item?->condition === 'replace' => $item->state === PartState::OnTray,
            default => $part->kind->isRenewed() && ! $bench->isPair(),
        };
    }

    private function detail(PartKind $kind): string
    {
        return match ($kind) {
            PartKind::Seal => 'Shaft, bore and width, printed or measured: the shaft where the lip ran, the bore beside it.',
            PartKind::SnapRing, PartKind::Clip => 'By what it sits in or on, measured beside the groove.',
            PartKind::Balls => 'Wipe them; measure three or more. All new, one batch, the same on both sides.',
            PartKind::ORing => 'By the bottom of its groove; the thickness off the old one.',
            PartKind::CastleNut => 'Its pin goes by the hole through the thread.',
            PartKind::TaperCone, PartKind::TaperCup => 'Number on the face. Cone and cup are one set.',
            default => 'What is stamped on the ring settles it. Nothing to read: caliper it, three places round.',
        };
    }
}
