<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Hubs\PairSleeve;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\EntryReader;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Tooling\ToolKind;

/** The good job of the demo, as somebody enters it, with entries otherwise. */
trait GoodWheel
{
    use FindsStep;

    private const ENTRIES = __DIR__.'/../../../database/seeders/data/good.json';

    /** @param  ?list<Tool>  $tools on the wall; null a driver that fits and one that does not */
    private static function bench(Notebook $notebook, bool $signed = false, ?array $tools = null): Bench
    {
        $tools ??= [
            new Tool('7', '42 cup', ToolKind::Cup, Length::mm(46.2), Length::mm(37), Length::mm(60)),
            new Tool('8', 'Plug', ToolKind::Disc, Length::mm(25), null, Length::mm(60)),
        ];

        return new Bench(new PairSleeve(), $notebook, $tools, Force::newtons(117680), DrawBolt::M12, $signed);
    }

    /** @param  ?list<Tool>  $tools */
    private static function report(Notebook $notebook, ?array $tools = null): JobReport
    {
        return (new WheelJob(Limits::standard()))->report(self::bench($notebook, tools: $tools));
    }

    /** @return array<string, Ask> by place */
    private static function asked(Notebook $notebook): array
    {
        $asks = [];
        foreach (self::report($notebook)->stations as $station) {
            foreach ($station->steps as $step) {
                $asks += array_combine(array_map(static fn (Ask $a): string => $a->place, $step->asks), $step->asks);
            }
        }

        return $asks;
    }

    /**
     * The good job, entered as a person enters it, with some entries otherwise; null leaves one out.
     *
     * @param  array<string, ?array<string, mixed>>  $otherwise entries as typed, by place
     */
    private static function job(array $otherwise = []): Notebook
    {
        /** @var list<array{place: string, entry: array<string, mixed>}> $entries */
        $entries = json_decode((string) file_get_contents(self::ENTRIES), true);
        $notebook = new Notebook(['check.complaint' => ['value' => ['text' => 'Hums'], 'instrument' => null]]);
        $asks = self::asked($notebook);
        $last = array_combine(array_column($entries, 'place'), array_column($entries, 'entry'));
        foreach (array_filter([...$last, ...$otherwise], static fn (?array $e): bool => $e !== null) as $place => $entry) {
            $entry = ($entry['choice'] ?? '') === '@42 cup' ? ['choice' => '7'] : $entry;
            $ask = $asks[$place] ?? null;
            $notebook = $notebook->with($place, [
                'value' => (new EntryReader())->read(Places::at($place), $entry, 'mm'),
                'instrument' => $ask?->instrument?->value,
            ]);
        }

        return $notebook;
    }
}
