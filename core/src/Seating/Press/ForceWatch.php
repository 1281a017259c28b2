<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** Is what the gauge shows what was reckoned, and where is the stop. */
#[
    Calculator('force-watch', 'Is the gauge right', 'seat', 'What press gauge or draw wrench shows against what was reckoned.', [
        'force_low_n' => 900,
        'force_high_n' => 1800,
        'pressure_mpa' => 0.7,
        'ram_mm' => 50,
    ]),
]
final readonly class ForceWatch
{
    public function __construct(private Limits $limits)
    {
    }

    /** Forces in N, pressures in MPa with the ram in mm, torques in N·m by the bolt's thread. */
    public function work(ForceWatchInput $input): ForceWatchResult
    {
        $force = $this->force($input);
        $stop = max($this->limits->get('force.alarm_factor') * $input->forceHigh->newtons, $this->limits->get('force.alarm_floor_n'));
        $nearHome = $input->toGo !== null && $input->toGo->mm <= $this->limits->get('press.home_band_mm');
        $words = [
            'force' => Force::newtons($force),
            'stop' => Force::newtons($stop),
            'high' => $input->forceHigh,
            'low' => $input->forceLow,
        ];

        $verdict = match (true) {
            $force >= $stop && $nearHome => Verdict::go(
                Message::of('watch.home', 'Sharp rise at its place: stop'),
                Message::of('watch.home.say', '{force}, and nothing left to go: it stands on its shoulder.', $words),
            ),
            $force >= $stop => Verdict::stop(
                Message::of('watch.stop', 'Stop: {force}', $words),
                Message::of('watch.stop.say', 'Past {stop}. Cocked, dirt, home already, or a ring that is too large.', $words),
            )->next(Message::of('watch.stop.next', 'Read it for square, look how far it is, before anything more.')),
            $force > $this->limits->get('press.tight_factor') * $input->forceHigh->newtons && ! $nearHome => Verdict::care(
                Message::of('watch.high', '{force}: more than expected', $words),
                Message::of('watch.high.say', 'Reckoned with up to {high}. Read it for square now; warmth lowers it.', $words),
            ),
            $force < $this->limits->get('press.loose_share') * $input->forceLow->newtons => Verdict::care(
                Message::of('watch.low', '{force}: hardly any grip', $words),
                Message::of('watch.low.say', 'Reckoned with at least {low} once it is all in. Early on this is natural.', $words),
            ),
            default => Verdict::go(
                Message::of('watch.right', '{force}, as reckoned', $words),
                Message::of(
                    'watch.right.say',
                    'Steady, then a sharp rise means home: stop there, and at {stop} whatever happens.',
                    $words,
                ),
            ),
        };

        return new ForceWatchResult(
            Force::newtons($force),
            Force::newtons($stop),
            Share::of(min(9.99, $force / $stop)),
            $verdict
                ->showing(
                    Figure::of('force', 'Shown', Force::newtons($force)),
                    Figure::of('reckoned_low', 'Reckoned, least', $input->forceLow),
                    Figure::of('reckoned_high', 'Reckoned, most', $input->forceHigh),
                    Figure::of('stop', 'Stop at', Force::newtons($stop)),
                )
                ->workedOut($this->working($input, $force, $stop)),
        );
    }

    private function force(ForceWatchInput $input): float
    {
        return match (true) {
            $input->force !== null => $input->force->newtons,
            $input->pressure !== null && $input->ram !== null => (($input->pressure->megapascals * M_PI) / 4) * $input->ram->mm ** 2,
            default => (($input->torque->newtonMetres ?? 0.0) * 1000) /
                ($this->limits->get($input->oiled ? 'force.nut_oiled' : 'force.nut_dry') * $input->drawBolt->diameter()),
        };
    }

    private function working(ForceWatchInput $input, float $force, float $stop): Working
    {
        $working = match (true) {
            $input->pressure !== null && $input->ram !== null => Working::start()->line(
                'Force',
                'p·π/4·d²',
                sprintf('%.2f MPa × π/4 × %.1f²', $input->pressure->megapascals, $input->ram->mm),
                Force::newtons($force),
            ),
            $input->torque !== null => Working::start()->line(
                'Force',
                'T ÷ (K·d)',
                sprintf(
                    '%.1f N·m ÷ (%.2f × %.0f mm)',
                    $input->torque->newtonMetres,
                    $this->limits->get($input->oiled ? 'force.nut_oiled' : 'force.nut_dry'),
                    $input->drawBolt->diameter(),
                ),
                Force::newtons($force),
            ),
            default => Working::start()->line('Force', 'as shown', '', Force::newtons($force)),
        };

        return $working->line(
            'Stop at',
            'factor × most reckoned, not below the floor',
            Message::filled(
                '{product}, floor {floor}',
                product: sprintf('%.0f × %.0f', $this->limits->get('force.alarm_factor'), $input->forceHigh->newtons),
                floor: sprintf('%.0f', $this->limits->get('force.alarm_floor_n')),
            ),
            Force::newtons($stop),
        );
    }
}
