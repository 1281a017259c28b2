<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Tooling\Need;
use CleanRace\Core\Tooling\WallTool;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** What a plan needs against what hangs on the wall. */
final class ToolCheck
{
    /**
     * @param  list<PlannedStep>  $plan
     * @param  list<WallTool>  $wall
     * @return list<ToolLine> each tool once, in the order in which it is needed
     */
    public static function lines(array $plan, array $wall): array
    {
        $lines = [];
        foreach ($plan as $planned) {
            foreach ($planned->needs as $need) {
                $size = $need->words();
                $key = $need->kind->value.$size?->inEnglish();
                $lines[$key] ??= self::line($need, $size, $planned->step, $wall);
            }
        }

        return array_values($lines);
    }

    /** @param  list<ToolLine>  $lines */
    public static function verdict(array $lines): Verdict
    {
        $missing = array_values(array_filter($lines, static fn (ToolLine $l): bool => $l->have === null));

        return $missing === []
            ? Verdict::go(
                Message::of('tools.all', 'Everything is here'),
                Message::of('tools.all.say', 'All that the plan needs hangs on the wall.'),
            )
            : Verdict::care(
                Message::of('tools.missing', '{count} not on the wall', ['count' => count($missing)]),
                Message::of('tools.missing.say', 'Find them, or what can stand in, before the first bolt turns.'),
            )->because(
                ...array_map(
                    static fn (ToolLine $l): Message => Message::of('tools.without', 'Without {tool} this fails: {step}', [
                        'tool' => Message::within($l->tool),
                        'step' => Message::within($l->step),
                    ]),
                    $missing,
                ),
            );
    }

    /** @param  list<WallTool>  $wall */
    private static function line(Need $need, ?Message $size, Step $step, array $wall): ToolLine
    {
        $found = array_values(array_filter($wall, static fn (WallTool $t): bool => $t->serves($need)))[0] ?? null;

        return new ToolLine(
            ucfirst($need->kind->label()),
            $size,
            $found?->name,
            $found === null ? self::standIn($need) : null,
            $step->title,
            $step->id,
        );
    }

    private static function standIn(Need $need): ?Message
    {
        if ($need->unsized) {
            return Message::of('stand_in.unsized', 'Its size is not noted: try one on the nut before it is lifted');
        }
        $text = array_column(Table::rows('stand_ins'), 'stand_in', 'kind')[$need->kind->value] ?? null;

        return $text === null ? null : Message::of('stand_in.'.$need->kind->value, $text, $need->sizes);
    }
}
