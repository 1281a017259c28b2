<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Catalogue\Table;
use CleanRace\Core\Tooling\Need;
use CleanRace\Core\Tooling\ToolKind;
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
                $key = $need->kind->value.$need->size;
                $found = self::found($need, $wall);
                $lines[$key] ??= new ToolLine(ucfirst($need->kind->label()), $need->size, $found?->name, $found === null ? self::standIn($need) : null, $planned->step->title, $planned->step->id);
            }
        }

        return array_values($lines);
    }

    /** @param  list<ToolLine>  $lines */
    public static function verdict(array $lines): Verdict
    {
        $missing = array_values(array_filter($lines, static fn (ToolLine $l): bool => $l->have === null));

        return $missing === []
            ? Verdict::go(Message::of('tools.all', 'Everything is here'), Message::of('tools.all.say', 'All that the plan needs hangs on the wall.'))
            : Verdict::care(Message::of('tools.missing', '{count} not on the wall', ['count' => count($missing)]), Message::of('tools.missing.say', 'Find them, or what can stand in, before the first bolt turns.'))
                ->because(...array_map(static fn (ToolLine $l): Message => Message::of('tools.without', 'Without {tool} {size} this fails: {step}', ['tool' => lcfirst($l->tool), 'size' => $l->size, 'step' => lcfirst($l->step->inEnglish())]), $missing));
    }

    /** @param  list<WallTool>  $wall */
    private static function found(Need $need, array $wall): ?WallTool
    {
        $kinds = match ($need->kind) {
            ToolKind::Socket => [ToolKind::Socket, ToolKind::ImpactSocket, ToolKind::ChromeSocket],
            default => [$need->kind],
        };
        $sized = in_array($need->kind, [ToolKind::Socket, ToolKind::Spanner, ToolKind::ConeSpanner], true) && is_numeric($need->size);
        foreach ($wall as $tool) {
            if (in_array($tool->kind, $kinds, true) && ($sized ? $tool->across !== null && abs($tool->across->mm - (float) $need->size) < 0.05 : $tool->kind !== $need->kind || $tool->serves($need))) {
                return $tool;
            }
        }

        return null;
    }

    private static function standIn(Need $need): ?string
    {
        $key = match ($need->kind) {
            ToolKind::Cup => 'receiver', ToolKind::Disc => 'plug', default => $need->kind->value
        };
        $text = array_column(Table::rows('stand_ins'), 'stand_in', 'kind')[$key] ?? null;

        return $text === null ? null : strtr($text, ['{bore}' => str_replace('bore ', '', $need->size), '{rod}' => str_replace('length ', '', $need->size), '{inside} or more, deeper than {depth}' => str_replace('inside ', '', $need->size), '{least} to {most}' => str_replace('outside ', '', $need->size)]);
    }
}
