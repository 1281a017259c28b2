<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bench\Workbench;
use App\Models\Job;
use CleanRace\Core\Hub\AskKind;
use CleanRace\Core\Hub\EntryReader;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Places;
use CleanRace\Core\Hub\StackEdits;
use CleanRace\Core\Hub\WarmHub;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Measure\Notebook;

/** Turns an entry as it came into what the notebook of this job keeps for that place. */
final readonly class ReadEntry
{
    public function __construct(private Workbench $workbench, private EntryReader $reader)
    {
    }

    /**
     * @param  ?array<string, mixed>  $entry null withdraws what stands there
     * @return array{value: ?array<string, mixed>, instrument: ?string}
     *
     * @throws Nonsense with the place as its field
     */
    public function __invoke(Job $job, Notebook $notebook, string $place, ?array $entry, string $unit, ?string $instrument): array
    {
        $ask = $this->workbench->ask($job, $notebook, $place) ?? throw Nonsense::about('place', 'Nothing is asked at that place of this job.');
        if ($entry === null) {
            return ['value' => null, 'instrument' => null];
        }
        try {
            $value = $this->reader->read($ask, $entry, $unit, $notebook->value($place));
            if ($ask->kind === AskKind::Stack) {
                StackEdits::from($value)->checked($this->workbench->pattern($job)->stack($notebook));
            }
        } catch (Nonsense $nonsense) {
            throw Nonsense::about($nonsense->field === 'reason' ? 'reason' : $place, $nonsense->getMessage());
        }
        if ($ask->kind === AskKind::Part) {
            $value = $this->inOrder($notebook, $place, $value);
        }
        $warm = Places::isFeel($place) ? WarmHub::now($notebook) : null;
        if ($warm !== null) {
            // What hands tell of a fit is kept with how warm the hub was.
            $value['hub_c'] = $warm->celsius;
        }
        $by = in_array($ask->kind, [AskKind::Length, AskKind::Depth, AskKind::ConeTry], true) ? (Instrument::tryFrom($instrument ?? '') ?? $ask->instrument) : null;
        if ($by !== null && isset($value['mm'])) {
            // A reading keeps how well it was read, whatever hangs on the wall later.
            $value['half_mm'] = $job->shop->gauges()->halfWidth($by)->mm;
        }

        return ['value' => $value, 'instrument' => $by?->value];
    }

    /**
     * Parts keep the order in which they came off.
     *
     * @param  array<string, mixed>  $value
     * @return array<string, mixed>
     */
    private function inOrder(Notebook $notebook, string $place, array $value): array
    {
        $order = $notebook->value($place)['order'] ?? null;
        if ($order === null && in_array($value['state'], [PartState::OnTray->value, PartState::Scrapped->value], true)) {
            $order = 1 + $notebook->count('part.', 'order');
        }

        return $order === null ? $value : $value + ['order' => $order];
    }
}
