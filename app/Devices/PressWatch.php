<?php

declare(strict_types=1);

namespace App\Devices;

use App\Http\Conflicts\Conflict;
use App\Shapes\Json;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Seating\Press\PressSample;
use CleanRace\Core\Seating\Press\PressSetup;
use CleanRace\Core\Seating\Press\PressTrace as Reader;
use CleanRace\Core\Seating\Press\PressTraceInput;
use CleanRace\Core\Tables\Limits;
use Generator;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Follows the gauge of every pressing that was begun, and writes down what it sends: requests only read that, and none waits. */
final class PressWatch
{
    /** Seconds between two looks at what came: well within the time in which it must be said. */
    private const LOOK_S = 0.08;

    /** Seconds after which a pressing that nobody followed has failed: whoever began it looks elsewhere by then. */
    private const STALE_S = 20;

    /** @var array<string, array{samples: list<PressSample>, setup: PressSetup, line: Generator<int, list<PressSample>>}> */
    private array $followed = [];

    public function __construct(private readonly PressGauge $gauge, private readonly Limits $limits)
    {
    }

    /** What was begun and not ended when whoever followed it died is over. */
    public function begin(): void
    {
        DB::table('pressings')->where('state', PressingState::Running->value)->update(['state' => PressingState::Failed->value]);
    }

    /** One look at everything there is; how many pressings are followed after it. */
    public function look(): int
    {
        foreach (DB::table('pressings')->where('state', PressingState::Waiting->value)->orderBy('asked_at')->get() as $row) {
            Carbon::parse($row->asked_at)->diffInSeconds(Carbon::now()) > self::STALE_S
                ? self::settle($row->id, PressingState::Failed)
                : $this->follow($row->id, json_decode($row->begin, true), json_decode($row->setup, true));
        }
        foreach (array_keys($this->followed) as $id) {
            $this->hear($id);
        }

        return count($this->followed);
    }

    /**
     * @param  array<string, string|int|float>  $begin
     * @param  array<string, mixed>  $setup
     */
    private function follow(string $id, array $begin, array $setup): void
    {
        try {
            $line = $this->gauge->samples($begin, self::LOOK_S);
            // The line is opened by the first look at it.
            $line->current();
        } catch (Conflict) {
            self::settle($id, PressingState::Failed);

            return;
        }
        $this->followed[$id] = [
            'samples' => [],
            'line' => $line,
            'setup' => new PressSetup(
                $setup['seat'],
                $setup['part'],
                Length::mm($setup['grip_mm']),
                Length::mm($setup['home_mm']),
                Force::newtons($setup['low_n']),
                Force::newtons($setup['high_n']),
                $setup['on_sleeve'],
                $setup['measured'],
            ),
        ];
        self::settle($id, PressingState::Running);
    }

    private function hear(string $id): void
    {
        $line = $this->followed[$id]['line'];
        $came = $line->valid() ? $line->current() : [];
        $this->followed[$id]['samples'] = array_slice([...$this->followed[$id]['samples'], ...$came], -PressTraceInput::MOST_SAMPLES);
        $ended = ! $line->valid();
        if ($came !== [] || $ended) {
            $this->note($id, $came, $ended);
        }
        $stopped = ! $ended && DB::table('pressings')->where('id', $id)->value('stop') === true;
        if ($stopped) {
            $this->note($id, [], true);
        }
        if ($ended || $stopped) {
            // Closing the line stops the press.
            unset($this->followed[$id]);

            return;
        }
        $line->next();
    }

    /** @param  list<PressSample>  $came */
    private function note(string $id, array $came, bool $ended): void
    {
        ['samples' => $samples, 'setup' => $setup] = $this->followed[$id];
        $pairs = array_map(static fn (PressSample $s): array => [round($s->travel->mm, 3), round($s->force->newtons, 1)], $came);
        $result = Json::of((new Reader($this->limits))->work($setup->input($samples, $ended)));
        DB::update(
            'update pressings set samples = samples || ?::jsonb, count = count + ?, result = ?, state = ?, heard_at = now() where id = ?',
            [
                json_encode($pairs, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                count($pairs),
                json_encode($result, JSON_THROW_ON_ERROR | Json::FLAGS),
                ($ended ? PressingState::Ended : PressingState::Running)->value,
                $id,
            ],
        );
    }

    private static function settle(string $id, PressingState $state): void
    {
        DB::table('pressings')->where('id', $id)->update(['state' => $state->value, 'heard_at' => Carbon::now()]);
    }
}
