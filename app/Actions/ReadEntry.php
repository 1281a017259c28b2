<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Job;
use App\Models\Recording;
use App\Models\Tool;
use CleanRace\Core\Hub\Finding;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\StackEdits;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Mechanics\Warmth\WarmHub;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Place;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\FrontWheel;
use CleanRace\Core\Patterns\Hub;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\HubPlaces;
use CleanRace\Core\Steps\EntryReader;

/**
 * Turns an entry as it came into what the notebook of this job keeps for that place. What this hub can have and what makes
 * sense as a value is kept, whatever other answers say: no station is asked.
 */
final readonly class ReadEntry
{
    /** Kinds of answers that are read off an instrument. */
    private const READ_OFF = [AskKind::Length, AskKind::Depth, AskKind::ConeTry];

    public function __construct(private EntryReader $reader)
    {
    }

    /**
     * @param  Notebook  $notebook at least what {@see self::needs} names
     * @param  ?array<string, mixed>  $entry null withdraws what stands there
     * @return array{value: ?array<string, mixed>, instrument: ?string}
     *
     * @throws InvalidInput with the place as its field
     */
    public function __invoke(Job $job, Notebook $notebook, string $address, ?array $entry, string $unit, ?string $instrument): array
    {
        $place = Places::at($address);
        try {
            $hub = new HubPlaces(HubPatterns::find($job->pattern), $notebook);
            $hub->mustHave($place);
            if ($entry === null) {
                return ['value' => null, 'instrument' => null];
            }
            $part = $hub->part($place);
            $findings = $part === null ? [] : array_map(static fn (Finding $f): string => $f->value, Finding::of($part->kind));
            $value = $this->reader->read($place, $entry, $unit, $notebook->value($address), $findings);
            if ($place->kind === AskKind::Stack) {
                StackEdits::from($value)->checked(Hub::asBuilt(FrontWheel::of(HubPatterns::find($job->pattern), $notebook), $notebook));
            }
        } catch (InvalidInput $invalid) {
            throw InvalidInput::entered($invalid->field === 'reason' ? 'reason' : $address, $invalid->getMessage(), $entry);
        }
        $value = match (true) {
            $place->kind === AskKind::Part => $this->inOrder($notebook, $address, $value),
            in_array($place->role, ['feel', 'wall'], true) => $this->asWarm($notebook, $value),
            default => $value,
        };
        if ($place->kind === AskKind::Sound) {
            $value['sealed'] = self::digestOf($job, $address, $value['recording'], $entry);
        }
        if (is_int($entry['from_job'] ?? null) && $entry['from_job'] > 0) {
            $value['from_job'] = $entry['from_job'];
        }
        if ($place->role === 'press' && ($entry['simulated'] ?? null) === true) {
            $value['simulated'] = true;
        }
        $by = in_array($place->kind, self::READ_OFF, true) ? Instrument::tryFrom($instrument ?? '') ?? self::usual($place) : null;
        if ($by !== null && isset($value['mm'])) {
            // A reading keeps how well it was read, whatever hangs on the wall later.
            $value['half_mm'] = Tool::gauges($job->shop_id)->halfWidth($by)->mm;
        }

        return ['value' => $value, 'instrument' => $by?->value];
    }

    /**
     * A record holds the digest of its recording, which goes ahead of it.
     *
     * @param  array<string, mixed>  $entry
     *
     * @throws InvalidInput when this job has no such recording
     */
    private static function digestOf(Job $job, string $address, string $recording, array $entry): string
    {
        return Recording::query()->where('job_id', $job->id)->whereKey($recording)->value('digest')
            ?? throw InvalidInput::entered($address, 'That recording did not arrive. Record it again.', $entry);
    }

    /**
     * What must be known of a job to read an entry at a place: these, and all that is noted of its parts for one.
     *
     * @return list<string> addresses
     */
    public static function needs(string $address): array
    {
        return [$address, Places::HUB, Places::RING_SIDE, Places::WARMED, Places::HUB_TEMPERATURE];
    }

    private static function usual(Place $place): ?Instrument
    {
        // A shaft is measured over, by a micrometer; a bore by the jaws of a caliper.
        return $place->role === 'wall' && str_ends_with($place->seat ?? '', '_shaft') ? Instrument::Micrometer : $place->instrument;
    }

    /**
     * What is felt or read of a seat is kept with how warm the hub was.
     *
     * @param  array<string, mixed>  $value
     * @return array<string, mixed>
     */
    private function asWarm(Notebook $notebook, array $value): array
    {
        $warm = WarmHub::now($notebook);

        return $warm === null ? $value : $value + ['hub_c' => $warm->celsius];
    }

    /**
     * Parts keep the order in which they came off.
     *
     * @param  array<string, mixed>  $value
     * @return array<string, mixed>
     */
    private function inOrder(Notebook $notebook, string $address, array $value): array
    {
        $order = $notebook->value($address)['order'] ?? null;
        if ($order === null && in_array($value['state'], [PartState::OnTray->value, PartState::Scrapped->value], true)) {
            $order = 1 + $notebook->count(PlacesOf::part(''), 'order');
        }

        return $order === null ? $value : $value + ['order' => $order];
    }
}
