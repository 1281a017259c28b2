<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Hub\Lane;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Fastener;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Tooling\Need;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Message;

/** How a part of a kind usually comes off: the words, the tools, and what is noted of its fastener. */
final class TakeOff
{
    /** Tools that are nothing without their size. */
    private const TURNING = ['socket', 'spanner', 'cone_spanner'];

    private const NUTS = [PartKind::LockNut, PartKind::CastleNut];

    private const SEIZED_NUT = 'Seized: the nut alone is warmed, no flame near seal, rubber or grease; penetrant as it cools, then again.';

    /** How an end spacer comes off that sits tight in its bearing. */
    private const TIGHT_SPACER = [
        'title' => 'End spacers driven out from across',
        'detail' => 'A long punch through the {body} on the far edge of each, little by little and all round, before its seal is touched. '
            .'Each to its own side; look whether one has a nose that stood in the spacer tube.',
        'tool' => 'Long punch, hammer',
        'caution' => 'Eyes covered. The blow goes into the spacer, not into the inner ring.',
    ];

    /**
     * @param  array<string, string>  $words of the pattern
     * @return array<string, string> words of this part by the state of the hub, else of the pattern
     */
    public static function words(Part $part, Ways $ways, array $words): array
    {
        return match (true) {
            $part->kind === PartKind::Spacer && $ways->has(Condition::TightSpacers) => self::TIGHT_SPACER + $words,
            in_array($part->kind, self::NUTS, true) && $ways->has(Condition::Seized) => [
                'detail' => ($words['detail'] ?? self::usual($part->kind)['detail']).' '.self::SEIZED_NUT,
            ] + $words,
            default => $words,
        };
    }

    /** @return array<string, string> the row of take_off.csv */
    public static function usual(PartKind $kind): array
    {
        $rows = array_column(Table::rows('take_off'), null, 'kind');

        return $rows[$kind->value] ?? $rows['bearing'];
    }

    /**
     * Asked once, at the step where the fastener comes off; offered the next time for this machine.
     *
     * @param  list<string>  $parts
     * @return list<Ask>
     */
    public static function fastenerAsks(Bench $bench, array $parts): array
    {
        $asks = [];
        foreach ($bench->pattern->fasteners() as $fastener) {
            if ($fastener->part !== null && in_array($fastener->part, $parts, true)) {
                array_push($asks, ...FastenerAsks::of($fastener, $bench->pattern->card()));
            }
        }

        return $asks;
    }

    /**
     * Whether a fastener of these parts has no spanner noted yet, here or the last time: it is asked while it comes off.
     *
     * @param  list<string>  $parts
     */
    public static function wantsSpanner(Bench $bench, array $parts): bool
    {
        foreach ($bench->pattern->fasteners() as $fastener) {
            $place = $fastener->place('spanner');
            if (in_array($fastener->part, $parts, true) && ! $bench->notebook->has($place) && ! isset($bench->spanners[$place])) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  string  $kinds of tools, as take_off.csv lists them; sized by what was noted of the fastener
     * @param  list<string>  $parts
     * @return list<Need>
     */
    public static function needs(Bench $bench, string $kinds, array $parts): array
    {
        $noted = array_values(
            array_filter(
                array_map(
                    static fn (Fastener $f): ?string => $f->part !== null && in_array($f->part, $parts, true)
                        ? $bench->notebook->text($f->place('spanner')) ?? ($bench->spanners[$f->place('spanner')] ?? null)
                        : null,
                    $bench->pattern->fasteners(),
                ),
            ),
        );

        // What was noted is the size of the nut; what holds against it has its own.
        $kinds = array_values(array_filter(explode(' ', $kinds)));
        $turning = array_values(array_intersect($kinds, self::TURNING));

        return array_map(
            static fn (string $kind): Need => in_array($kind, self::TURNING, true)
                ? Need::turning(ToolKind::from($kind), $kind === $turning[0] ? $noted[0] ?? null : null)
                : Need::of(ToolKind::from($kind)),
            $kinds,
        );
    }

    /**
     * A name for the step that takes these off.
     *
     * @param  non-empty-list<Part>  $parts
     */
    public static function name(array $parts): string
    {
        $kinds = array_values(array_unique(array_map(static fn (Part $p): string => $p->kind->value, $parts)));

        return match (true) {
            $parts[0]->kind === PartKind::Axle => 'axle',
            count($parts) > 1 && $kinds === ['seal'] => 'seals',
            count($parts) > 1 && $kinds === ['spacer'] => 'spacers',
            default => $parts[0]->id,
        };
    }

    /** What the step is called when one part comes off. */
    public static function title(Part $part): Message
    {
        if ($part->kind === PartKind::Axle) {
            return Message::plain('Axle out');
        }
        $out = in_array($part->kind->lane(), [Lane::Housing, Lane::Both, Lane::Row], true) || $part->kind === PartKind::Sleeve;

        return Message::of('strip.part', $out ? '{part} out' : '{part} off', ['part' => Message::plain($part->name)]);
    }
}
