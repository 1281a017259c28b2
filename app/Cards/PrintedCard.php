<?php

declare(strict_types=1);

namespace App\Cards;

use App\Bench\Notes;
use App\Bench\Workbench;
use App\Models\Job;
use App\Models\Record;
use App\Shapes\Json;
use CleanRace\Core\Hub\Patterns\Patterns;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\Factory;

/** The job card on one page: axle line, parts, readings, verdicts, torques, notes. A signed job prints as it was signed. */
final readonly class PrintedCard
{
    public function __construct(private Workbench $workbench, private Factory $views)
    {
    }

    /** @param  string  $paper a4 or letter */
    public function pdf(Job $job, string $paper, string $units): string
    {
        $notes = Notes::of($job);
        /** @var array<string, mixed> $report */
        $report = json_decode((string) json_encode($job->signOff->card['report'] ?? Json::of($this->workbench->report($job, $notes->notebook()))), true);
        $words = new Words($units);
        $html = $this->views->make('card', [
            'job' => $job, 'report' => $report, 'words' => $words, 'picture' => 'data:image/svg+xml;base64,'.base64_encode(SectionPicture::of($report['section'])),
            'readings' => $this->readings($notes, $report, $words), 'torques' => $this->torques($job, $notes, $words),
            'note' => static fn (string $place): ?string => is_string($notes->current[$place]->value['text'] ?? null) ? $notes->current[$place]->value['text'] : null,
        ])->render();
        $pdf = new Dompdf(new Options(['defaultFont' => 'DejaVu Sans', 'isRemoteEnabled' => false, 'fontCache' => storage_path('framework/cache'), 'tempDir' => storage_path('framework/cache')]));
        $pdf->setPaper($paper);
        $pdf->loadHtml($html);
        $pdf->render();

        return (string) $pdf->output();
    }

    /**
     * Lengths that were read, by what they are called on the screen.
     *
     * @param  array<string, mixed>  $report
     * @return list<array{label: string, value: string, by: string}>
     */
    private function readings(Notes $notes, array $report, Words $words): array
    {
        $out = [];
        foreach ($report['stations'] as $station) {
            foreach ($station['steps'] as $step) {
                foreach ($step['asks'] as $ask) {
                    $record = $notes->current[$ask['place']] ?? null;
                    if ($record instanceof Record && isset($record->value['mm'])) {
                        $side = match (true) {
                            str_contains($ask['place'], '.left.') => 'left ',
                            str_contains($ask['place'], '.right.') => 'right ',
                            default => '',
                        };
                        $out[$ask['place']] = ['label' => $station['label'].', '.$side.lcfirst($ask['label']), 'value' => $words->mm((float) $record->value['mm']), 'by' => str_replace('_', ' ', (string) $record->instrument)];
                    }
                }
            }
        }

        return array_values($out);
    }

    /** @return list<array{name: string, torque: string, source: string, spanner: string, thread: string}> */
    private function torques(Job $job, Notes $notes, Words $words): array
    {
        $said = static fn (string $place, string $key): string => (string) ($notes->current[$place]->value[$key] ?? '');

        return array_map(static fn ($f): array => [
            'name' => $f->name,
            'torque' => ($nm = $said($f->place('torque'), 'nm')) === '' ? '' : $words->quantity(['value' => (float) $nm, 'unit' => 'nm', 'digits' => 0]),
            'source' => match ($said($f->place('source'), 'choice')) {
                'manual' => 'manual', 'part_maker' => 'part maker', 'shop' => 'shop standard', 'none' => 'none found', default => 'not noted'
            },
            'spanner' => $said($f->place('spanner'), 'text'), 'thread' => $said($f->place('thread'), 'text'),
        ], Patterns::find($job->pattern)->fasteners());
    }
}
