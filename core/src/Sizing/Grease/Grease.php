<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Grease;

use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Measure\Mass;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Measure\Volume;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** Sealed, greased or fed by a nipple; how much grease, how many strokes, and which seal comes out. */
#[
    Calculator('grease', 'Grease', 'size', 'How much, and which seal comes out.', [
        'bore_mm' => 25,
        'outside_mm' => 52,
        'width_mm' => 15,
        'use' => 'fast_wheel',
    ]),
]
final readonly class Grease
{
    public function __construct(private Limits $limits)
    {
    }

    /** Grams by bearing and fill, strokes by the cavity in cm³. */
    public function work(GreaseInput $input): GreaseResult
    {
        $cm3 = 0.001;
        $free =
            (($this->limits->get('grease.free_share') * M_PI) / 4) *
            ($input->outside->mm ** 2 - $input->bore->mm ** 2) *
            $input->width->mm *
            $cm3;
        $fill = $this->limits->get(
            match (true) {
                $input->use === HubUse::FastWheel => 'grease.fill_fast',
                $input->wet => 'grease.fill_slow_wet',
                default => 'grease.fill_slow',
            },
        );
        $grams = $free * $fill * $this->limits->get('grease.density');
        $cavity =
            $input->cavityOutside === null || $input->cavityLength === null
                ? null
                : (M_PI / 4) *
                    ($input->cavityOutside->mm ** 2 - ($input->cavityInside->mm ?? 0.0) ** 2) *
                    $input->cavityLength->mm *
                    $cm3;
        [$way, $sealOut] = self::way($input);
        $strokes =
            $cavity === null || $input->nipple !== NippleUse::Used
                ? null
                : (int) ceil($cavity / $this->limits->get('grease.stroke_cm3'));

        return new GreaseResult(
            $way,
            $sealOut,
            Volume::cubicCentimetres($free),
            Share::of($fill),
            Mass::grams($grams),
            $cavity === null ? null : Volume::cubicCentimetres($cavity),
            $strokes,
            $this->verdict($input, $way, $grams)
                ->showing(
                    Figure::of('grease', 'Grease', Mass::grams($grams)),
                    Figure::of('free', 'Room in the bearing', Volume::cubicCentimetres($free)),
                    Figure::of('fill', 'Of it filled', Share::of($fill)),
                    ...$cavity === null
                        ? []
                        : [Figure::of('cavity', 'Cavity between the bearings', Volume::cubicCentimetres($cavity), null, 0)],
                )
                ->because(...$this->notes($input, $strokes))
                ->workedOut(
                    Working::start()
                        ->line(
                            'Room in the bearing',
                            '⅓ · π/4 · (D² − d²) · B',
                            sprintf('D %.2f, d %.2f, B %.2f', $input->outside->mm, $input->bore->mm, $input->width->mm),
                            Volume::cubicCentimetres($free),
                            1,
                        )
                        ->line(
                            'Grease',
                            'room × fill × density',
                            sprintf('%.1f × %.0f %% × %.1f', $free, 100 * $fill, $this->limits->get('grease.density')),
                            Mass::grams($grams),
                            1,
                        ),
                ),
        );
    }

    /**
     * The rule: a nipple that is used feeds the bearing from within, so the seal that faces it comes out.
     *
     * @return array{string, string}
     */
    private static function way(GreaseInput $input): array
    {
        return match (true) {
            $input->nipple === NippleUse::Used && $input->seals > 0 => ['hybrid', $input->seals === 2 ? 'inner' : 'none'],
            $input->seals === 0 => ['greased', 'none'],
            default => ['sealed', 'none'],
        };
    }

    private function verdict(GreaseInput $input, string $way, float $grams): Verdict
    {
        $words = ['grease' => Mass::grams($grams)];
        if ($input->old !== null && $input->new !== null && ! $input->old->mixesWith($input->new)) {
            return Verdict::stop(
                Message::of('grease.mix', 'These greases do not mix'),
                Message::of('grease.mix.say', '{old} and {new} together turn to soup or set hard.', [
                    'old' => Message::plain($input->old->label()),
                    'new' => Message::plain($input->new->label()),
                ]),
            )->next(Message::of('grease.mix.next', 'Wash all the old out, or use the same kind.'));
        }
        if ($way === 'greased' && ! $input->hubSeals) {
            return Verdict::of(
                Level::Care,
                Message::of('grease.open', '{grease}, and look at the seals', $words),
                Message::of('grease.open.say', 'An open bearing is packed only where its own seals are good.'),
            )->next(Message::of('grease.open.next', 'No seals of its own: fit a sealed bearing.'));
        }

        return match ($way) {
            'hybrid' => Verdict::go(
                $input->seals === 2
                    ? Message::of('grease.hybrid', 'Inner seal out, fed by the nipple')
                    : Message::of('grease.open_side', 'Open side in, fed by the nipple'),
                Message::of('grease.hybrid.say', 'The outer seal stays. Pack {grease} by hand, then the gun until it shows.', $words),
            )->next(Message::of('grease.hybrid.next', 'Stop when it shows past a seal: more blows the seal out.')),
            'greased' => Verdict::go(
                Message::of('grease.packed', 'Pack {grease}', $words),
                Message::of('grease.packed.say', 'From one side until it shows on the other, turn both ways, again.'),
            ),
            default => $input->opensSealed
                ? Verdict::go(
                    Message::of('grease.opened', 'Top up to {grease}', $words),
                    Message::of(
                        'grease.opened.say',
                        'Sealed bearings come about a third full. Lift a seal by its inner edge with a fine pick, all round.',
                    ),
                )->next(
                    $input->use === HubUse::FastWheel
                        ? Message::of('grease.opened.fast', 'Not more than this in a wheel at speed: it churns and runs hot.')
                        : Message::of('grease.opened.slow', 'More is right for slow and wet.'),
                )
                : Verdict::go(
                    Message::of('grease.sealed', 'As it comes'),
                    Message::of('grease.sealed.say', 'Sealed and left alone. It holds about {grease} of what suits this use.', $words),
                ),
        };
    }

    /** @return list<Message> */
    private function notes(GreaseInput $input, ?int $strokes): array
    {
        return array_values(
            array_filter([
                $strokes === null
                    ? null
                    : Message::of('grease.strokes', 'The cavity takes about {strokes} strokes of {stroke} cm³: measure your own gun.', [
                        'strokes' => $strokes,
                        'stroke' => Written::of(sprintf('%.1f', $this->limits->get('grease.stroke_cm3'))),
                    ]),
                $input->nipple === NippleUse::Unused && $input->seals === 2
                    ? Message::of('grease.unused', 'The nipple does nothing now: tell the owner.')
                    : null,
                $input->coldest !== null && $input->coldest->celsius < $this->limits->get('grease.cold_c')
                    ? Message::of('grease.cold', 'Below {cold} a grease rated for the cold.', [
                        'cold' => Temperature::celsius($this->limits->get('grease.cold_c')),
                    ])
                    : null,
                $input->old === null && $input->new !== null && $input->seals < 2
                    ? Message::of('grease.unknown', 'What was in it is not known: wash it out.')
                    : null,
            ]),
        );
    }
}
