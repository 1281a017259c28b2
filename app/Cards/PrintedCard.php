<?php

declare(strict_types=1);

namespace App\Cards;

use App\Bench\Notes;
use App\Bench\Workbench;
use App\Models\Job;
use App\Models\Record;
use App\Shapes\Json;
use App\Store\RecordChain;
use CleanRace\Core\Notebook\Place;
use CleanRace\Core\Notebook\PlaceTable;
use CleanRace\Core\Patterns\Fastener;
use CleanRace\Core\Patterns\FrontWheel;
use CleanRace\Core\Patterns\HubPatterns;

/** The job card on one page: axle line, parts, readings, verdicts, torques, notes. A signed job prints as it was signed. */
final readonly class PrintedCard
{
    private const SIZES_PT = [7.6, 6.9, 6.2, 5.5];

    private const INSTRUMENTS = [
        'steel_rule' => 'rule',
        'vernier' => 'vernier',
        'digital_caliper' => 'caliper',
        'caliper_compared' => 'caliper, set on the ring',
        'depth_caliper' => 'depth rod',
        'micrometer' => 'micrometer',
        'bore_gauge' => 'bore gauge',
        'depth_micrometer' => 'depth mic.',
        'dial_gauge' => 'dial',
        'feeler' => 'feeler',
    ];

    /** Where in a bore or on a shaft a diameter was read. */
    private const SEATS = [
        'bore' => ['lip' => 'Bore at the lip', 'middle' => 'Bore in the middle', 'bottom' => 'Bore at the bottom'],
        'shaft' => ['lip' => 'Shaft at the lip', 'middle' => 'Shaft in the middle', 'bottom' => 'Shaft at the bottom'],
    ];

    public function __construct(private Workbench $workbench, private Paper $paper, private Language $language)
    {
    }

    /** @param  string  $paper a4 or letter */
    public function pdf(Job $job, string $paper, string $units): string
    {
        $notes = Notes::of($job);
        /** @var array<string, mixed> $report */
        $report = json_decode(
            (string) json_encode($job->signOff->card['report'] ?? Json::of($this->workbench->report($job, $notes->notebook()))),
            true,
        );
        $words = new Words($units, $this->language);
        $content = [
            'job' => $job,
            'report' => $report,
            'words' => $words,
            'code' => RecordChain::codeOf($job),
            'picture' => 'data:image/svg+xml;base64,'.base64_encode(SectionPicture::of($report['section'])),
            'readings' => $this->readings($notes, $report, $words),
            'sounds' => $this->sounds($job, $notes, $report, $words),
            'torques' => $this->torques($job, $notes, $words),
            'simulated' => array_filter($notes->current, static fn (Record $r): bool => ($r->value['simulated'] ?? false) === true) !== [],
            'note' => static fn (string $place): ?string => is_string($notes->current[$place]->value['text'] ?? null)
                ? $notes->current[$place]->value['text']
                : null,
        ];
        // A long job is set smaller until it is one page.
        foreach (self::SIZES_PT as $size) {
            $pdf = $this->paper->rendered('card', $content + ['size' => $size], $paper);
            if ($pdf->getCanvas()->get_page_count() === 1) {
                break;
            }
        }

        return (string) $pdf->output();
    }

    /**
     * @param  array<string, mixed>  $report
     * @return list<array{label: string, says: string, picture: ?string}> recordings, in the order in which they are asked
     */
    private function sounds(Job $job, Notes $notes, array $report, Words $words): array
    {
        $sounds = $job->signOff === null ? SoundsOnCard::of($job, $notes->current) : $job->signOff->card['sounds'] ?? [];
        $lines = [];
        foreach ($report['stations'] as $station) {
            foreach (array_merge(...array_column($station['steps'], 'asks')) as $ask) {
                if (isset($sounds[$ask['place']])) {
                    $lines[] = [
                        'label' => $words->say($station['label']).', '.lcfirst($words->say($ask['label'])),
                        'says' => $words->say($sounds[$ask['place']]['headline']),
                        'picture' => SoundsOnCard::picture($sounds[$ask['place']]['turns']),
                    ];
                }
            }
        }

        return $lines;
    }

    /**
     * Lengths that were read, by what they are called on the screen; those round one clock in one line.
     *
     * @param  array<string, mixed>  $report
     * @return list<array{label: string, value: string, by: string}>
     */
    private function readings(Notes $notes, array $report, Words $words): array
    {
        $lines = [];
        $names = array_column($report['hub']['parts'] ?? [], 'name', 'part');
        foreach ($report['stations'] as $station) {
            foreach ($station['steps'] as $step) {
                foreach ($step['asks'] as $ask) {
                    $record = $notes->current[$ask['place']] ?? null;
                    if (! ($record instanceof Record) || ! isset($record->value['mm'])) {
                        continue;
                    }
                    $value = $words->mm((float) $record->value['mm']);
                    $round = $ask['at'] !== null;
                    $group = $round ? substr($ask['place'], 0, (int) strrpos($ask['place'], '.')) : $ask['place'];
                    $hour = $round ? ' at '.substr($ask['place'], strlen($group) + 1) : '';
                    $lines[$group] ??= [
                        'label' => $words->say(self::label(PlaceTable::find($ask['place']), $ask['label'], $names)),
                        'value' => [],
                        'by' => self::INSTRUMENTS[$record->instrument] ?? '',
                    ];
                    $lines[$group]['value'][] = preg_replace('/ \w+$/', '', $round ? $value : '').($round ? $hour : $value);
                }
            }
        }

        return array_values(array_map(static fn (array $line): array => ['value' => implode(', ', $line['value'])] + $line, $lines));
    }

    /**
     * What a reading is called; at a seat, with the part that sits there.
     *
     * @param  array{text: string, values: mixed}|string  $label of what was asked
     * @param  array<string, array{text: string, values: mixed}|string>  $names of the parts, by id
     * @return array{text: string, values: mixed}|string
     */
    private static function label(?Place $place, array|string $label, array $names): array|string
    {
        if ($place === null || $place->seat === null) {
            return $label;
        }
        $part = $names['bearing_'.$place->seat] ?? ($names[preg_replace('/_shaft$/', '', $place->seat)] ?? null);
        $address = explode('.', $place->address);
        $what =
            match (true) {
                $address[0] === 'bore' => self::SEATS[str_ends_with($place->seat, '_shaft') ? 'shaft' : 'bore'][$address[2] ?? ''] ??
                    null,
                $address[0] === 'seat' && ($address[2] ?? '') === 'start' => 'Going in',
                $address[0] === 'seat' && ($address[2] ?? '') === 'home' => 'Home',
                default => null,
            } ?? $label;

        return $part === null
            ? $what
            : ['text' => '{part}: {what}', 'values' => ['part' => self::nested($part), 'what' => self::nested($what)]];
    }

    /**
     * Words inside other words.
     *
     * @param  array{text: string, values: mixed}|string  $words
     * @return array{text: string, values: mixed}
     */
    private static function nested(array|string $words): array
    {
        return is_string($words) ? ['text' => $words, 'values' => []] : $words;
    }

    /** @return list<array{name: string, torque: string, source: string, spanner: string, thread: string}> */
    private function torques(Job $job, Notes $notes, Words $words): array
    {
        $said = static fn (string $place, string $key): string => (string) ($notes->current[$place]->value[$key] ?? '');

        return array_map(
            static fn ($f): array => [
                'name' => $words->of($f->name),
                'torque' => ($nm = $said($f->place('torque'), 'nm')) === ''
                        ? ''
                        : $words->quantity(['value' => (float) $nm, 'unit' => 'nm', 'digits' => 0]),
                'source' => match ($said($f->place('source'), 'choice')) {
                    'manual' => 'manual',
                    'part_maker' => 'part maker',
                    'shop' => 'shop standard',
                    'none' => 'none found',
                    Fastener::ABSENT => 'none here',
                    default => 'not noted',
                },
                'spanner' => $said($f->place('spanner'), 'text'),
                'thread' => $said($f->place('thread'), 'text'),
            ],
            Fastener::of(FrontWheel::of(HubPatterns::find($job->pattern), $notes->notebook()), $notes->notebook()),
        );
    }
}
