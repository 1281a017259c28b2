<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Pressing\DrawRod;
use CleanRace\Core\Mechanics\Pressing\DrawRodInput;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Sizing\Plan\PressedSeat;
use CleanRace\Core\Sizing\Plan\SizingRun;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\WallTool;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Written;

/**
 * Press, draw bolt or hammer: by the force that was reckoned, by what hangs on the wall, by the shop's way. Whoever chose
 * another way is told what speaks against it.
 */
final readonly class WayChoice
{
    public function __construct(private Limits $limits, private Bench $bench)
    {
    }

    /** The way that suits force, wall and shop, when nobody chose. */
    public function usual(PressedSeat $seat): WayIn
    {
        $habit = WayIn::tryFrom($this->bench->habits['pressing'] ?? '') ?? WayIn::DrawBolt;
        foreach ([$habit, WayIn::DrawBolt, WayIn::Press, WayIn::Hammer] as $way) {
            if ($this->fault($way, $seat) === null) {
                return $way;
            }
        }

        return $habit;
    }

    /** Of the chosen way, or the usual; the driver's length in mm says how long a rod must be. */
    public function verdict(PressedSeat $seat, ?WayIn $chosen, Length $driver): Verdict
    {
        $usual = $this->usual($seat);
        $way = $chosen ?? $usual;
        $fault = $this->fault($way, $seat);
        if ($fault !== null) {
            return Verdict::care(Message::of('way.not', '{way}: with care', ['way' => Message::plain($way->label())]), $fault)->next(
                Message::of('way.rather', 'Rather: {way}.', ['way' => Message::within($usual->label())]),
            );
        }
        $force = $this->force($seat);
        $words = ['force' => $force ?? Force::newtons(0)];

        return match ($way) {
            WayIn::DrawBolt => $this->drawn($seat, $driver),
            WayIn::Press => Verdict::go(
                Message::of('way.press', 'Press it'),
                $force === null
                    ? Message::of('way.press.unknown', 'How much it takes is not reckoned: watch for steady, then a sharp rise.')
                    : Message::of('way.press.say', 'Plate square, up to {force}. Steady, then a sharp rise: home, stop there.', $words),
            ),
            WayIn::Hammer => Verdict::go(
                Message::of('way.hammer', 'Hammer and driver'),
                $force === null
                    ? Message::of('way.hammer.unknown', 'Small taps round the clock; where it wants more than that, draw or press it.')
                    : Message::of('way.hammer.say', 'Small: {force} at most. Light taps round the clock: 12, 6, 9, 3.', $words),
            ),
        };
    }

    /** The rod and what it must measure; too thin or too short is said. */
    private function drawn(PressedSeat $seat, Length $driver): Verdict
    {
        $housing = $this->bench->hub->stack->one(PartKind::Housing);
        $rods = array_values(
            array_filter($this->bench->wall, static fn (WallTool $t): bool => $t->kind === ToolKind::Rod && $t->length !== null),
        );
        usort($rods, static fn (WallTool $a, WallTool $b): int => ($a->length->mm ?? 0) <=> ($b->length->mm ?? 0));
        $rod = null;
        foreach ([...$rods, null] as $rod) {
            try {
                $result = (new DrawRod($this->limits))->work(
                    new DrawRodInput(
                        $housing->sizes['length'] ?? Length::mm(60),
                        $driver,
                        $seat->bore,
                        $this->bench->drawBolt,
                        rod: $rod?->length,
                        force: $this->force($seat),
                    ),
                );
            } catch (InvalidInput) {
                return Verdict::go(
                    Message::of('way.draw', 'Draw it in'),
                    Message::of('way.draw.thin', 'With a rod that passes the bore of the bearing.'),
                );
            }
            if ($rod === null || $result->verdict->level !== Level::Stop) {
                break;
            }
        }

        return $rod === null
            ? $result->verdict
            : $result->verdict->because(
                Message::of('way.rod', 'By the {rod}: the square, slow way with the least gear.', ['rod' => Written::of($rod->name)]),
            );
    }

    /** What speaks against a way, or nothing. */
    private function fault(WayIn $way, PressedSeat $seat): ?Message
    {
        $force = $this->force($seat);
        $plastic = SizingRun::material($this->bench) === Material::Nylon;
        $hammer = $this->limits->get('force.hammer_n');

        $rod = $this->bench->drawBolt->limit($this->limits->get('force.rod_limit_8_8'));

        return match ($way) {
            WayIn::Hammer => match (true) {
                $plastic => Message::of('way.fault.plastic', 'A plastic shoulder cracks under blows.'),
                $seat->part->kind === PartKind::DoubleRow => Message::of('way.fault.wide', 'A wide bearing cocks under a hammer.'),
                $force !== null && $force->newtons > $hammer => Message::of(
                    'way.fault.hammer',
                    'It takes up to {force}: more than a hammer should, {most} at most.',
                    ['force' => $force, 'most' => Force::newtons($hammer)],
                ),
                default => null,
            },
            WayIn::Press => match (true) {
                ! $this->hasPress() => Message::of('way.fault.no_press', 'No press hangs on the tool wall.'),
                $plastic => Message::of('way.fault.press', 'A plastic shoulder cracks under a press before anyone feels it.'),
                $force !== null && $force->newtons > ($this->bench->pressCapacity->newtons ?? INF) => Message::of(
                    'way.fault.weak_press',
                    'It takes up to {force}, more than the press can do.',
                    ['force' => $force],
                ),
                default => null,
            },
            WayIn::DrawBolt => match (true) {
                $seat->seat === RingSeat::Shaft => Message::of(
                    'way.fault.solid',
                    'No rod goes through a solid shaft: a tube on the inner ring, and press or mallet.',
                ),
                $this->bench->drawBolt->diameter() >= $seat->bore->mm => Message::of(
                    'way.fault.bolt',
                    '{bolt} does not pass the bore of this bearing.',
                    ['bolt' => Written::of($this->bench->drawBolt->value)],
                ),
                $force !== null && $force->newtons > $rod->newtons => Message::of(
                    'way.fault.stretch',
                    '{bolt} would stretch: it takes up to {force}.',
                    ['bolt' => Written::of($this->bench->drawBolt->value), 'force' => $force],
                ),
                default => null,
            },
        };
    }

    private function hasPress(): bool
    {
        return $this->bench->pressCapacity !== null ||
            array_filter($this->bench->wall, static fn (WallTool $t): bool => $t->kind === ToolKind::Press) !== [];
    }

    private function force(PressedSeat $seat): ?Force
    {
        return $seat->force?->forceHigh;
    }
}
