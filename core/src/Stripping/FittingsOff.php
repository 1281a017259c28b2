<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Fitting;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tooling\Need;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Message;

/** What a machine carries outside the hub comes off: some of it before the wheel moves, some once the wheel is out. */
final readonly class FittingsOff
{
    /** Steps after which the wheel lies on the bench, the later ones first. */
    private const OUT = ['strip.spacers', 'strip.axle'];

    /**
     * The plan with a step for what comes off first and one for what comes off the wheel.
     *
     * @param  list<PlannedStep>  $plan
     * @return list<PlannedStep>
     */
    public static function into(array $plan, Bench $bench): array
    {
        $there = Fitting::there($bench->pattern, $bench->notebook);
        $ids = array_map(static fn (PlannedStep $p): string => $p->step->id, $plan);
        $found = array_map(static fn (string $id): int|false => array_search($id, $ids, true), self::OUT);
        $out = array_values(array_filter($found, is_int(...)));
        // Where no step lifts the wheel out, all of it comes off before anything else.
        $wheel = isset($out[0]) && $out[0] > array_search('strip.safe', $ids, true) ? $out[0] : null;
        $later = $wheel === null ? [] : array_filter($there, static fn (Fitting $f): bool => $f->offAt === 'wheel');
        if ($later !== []) {
            array_splice($plan, $wheel + 1, 0, [self::step('strip.fittings_wheel', 'Off the wheel', array_values($later))]);
        }
        $first = array_values(array_filter($there, static fn (Fitting $f): bool => ! in_array($f, $later, true)));
        if ($first !== []) {
            $safe = array_search('strip.safe', $ids, true);
            array_splice($plan, $safe === false ? 0 : $safe + 1, 0, [self::step('strip.fittings', 'Off first', $first)]);
        }

        return $plan;
    }

    /** @param  list<Fitting>  $fittings */
    private static function step(string $id, string $title, array $fittings): PlannedStep
    {
        $each = static fn (string $of): array => array_values(
            array_map(
                static fn (Fitting $f): Message => Message::of('fitting.how', '{fitting}: {how}.', [
                    'fitting' => Message::plain($f->label),
                    'how' => Message::within($f->{$of}),
                ]),
                array_filter($fittings, static fn (Fitting $f): bool => $f->{$of} !== ''),
            ),
        );
        $tools = array_values(array_unique(array_filter(array_map(static fn (Fitting $f): string => $f->tool, $fittings))));

        return PlannedStep::of(
            Step::of($id, $title, Message::listed($each('off'), ' '))
                ->with(
                    ...array_filter([
                        'tool' => $tools === []
                            ? null
                            : Message::listed([$tools[0], ...array_map(Message::within(...), array_slice($tools, 1))]),
                        'find' => $each('look') === [] ? null : Message::listed($each('look'), ' '),
                    ]),
                )
                ->asking(
                    ...array_map(
                        static fn (Fitting $f): Ask => Ask::tick(
                            $f->place('off'),
                            Message::of('fitting.off', '{fitting} off', ['fitting' => Message::plain($f->label)]),
                        ),
                        $fittings,
                    ),
                )
                ->ordinarily('All of it off, good')
                ->taking(3 * count($fittings)),
            ...array_map(
                static fn (string $kind): Need => Need::of(ToolKind::from($kind)),
                array_merge(...array_map(static fn (Fitting $f): array => $f->needs, $fittings)),
            ),
        );
    }
}
