<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Warmth;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Measure\TemperatureRise;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** How warm the hub must be for the bearing to drop in. Linear growth of the hub against a ring that stays at shop temperature. */
#[
    Calculator('heat', 'How warm the hub', 'size', 'Temperature at which the ring drops in.', [
        'outside_mm' => 47,
        'interference_mm' => 0.025,
        'material' => 'aluminium',
        'room_c' => 18,
    ]),
]
final readonly class Heat
{
    private const ROOM_C = 20.0;

    public function __construct(private Limits $limits)
    {
    }

    /** Interference and sizes in mm, temperatures in °C: Δt = (interference + what is wanted) ÷ (α · D). */
    public function work(HeatInput $input): HeatResult
    {
        $room = $input->room->celsius ?? self::ROOM_C;
        $outside = $input->outside->mm;
        $allowance = $this->limits->get(
            $outside >= $this->limits->get('heat.allowance_from') ? 'heat.allowance_large' : 'heat.allowance_small',
        );
        $shrink = $input->freezer
            ? max(0.0, $outside * Material::Steel->alpha() * ($room - $this->limits->get('heat.freezer_c')))
            : 0.0;
        $rise = max(0.0, ($input->interference->mm + $allowance - $shrink) / ($outside * $input->material->alpha()));
        $limit = $input->finish->limit($this->limits);
        $wanted = $room + $rise;
        $target = min($wanted, $limit);

        $working = Working::start()
            ->line(
                'Rise',
                'ΔT = (δ + a) / (D·α)',
                sprintf(
                    '(%.3f + %.3f%s) / (%.2f × %.1fe-6)',
                    $input->interference->mm,
                    $allowance,
                    $shrink > 0 ? sprintf(' − %.3f', $shrink) : '',
                    $outside,
                    $input->material->alpha() * 1e6,
                ),
                TemperatureRise::kelvin($rise),
            )
            ->line('Warmed to', 'shop + ΔT', sprintf('%.1f + %.1f', $room, $rise), Temperature::celsius($wanted));

        return new HeatResult(
            TemperatureRise::kelvin($rise),
            Temperature::celsius($wanted),
            Temperature::celsius($target),
            Temperature::celsius($limit),
            Length::mm($shrink),
            $this->verdict($wanted, $limit, $rise)
                ->showing(
                    Figure::of('target', 'Warmed to', Temperature::celsius($target)),
                    Figure::of('rise', 'Rise', TemperatureRise::kelvin($rise)),
                    Figure::of('heat_limit', 'Temperature limit of paint or rubber nearby', Temperature::celsius($limit)),
                    ...$shrink > 0 ? [Figure::of('freezer', 'Share of it by the freezer', Length::mm($shrink), null, 3)] : [],
                )
                ->workedOut($working),
        );
    }

    private function verdict(float $wanted, float $limit, float $rise): Verdict
    {
        $values = ['to' => Temperature::celsius($wanted), 'limit' => Temperature::celsius($limit)];
        if ($rise <= 0) {
            return Verdict::go(
                Message::of('heat.none', 'No heat needed'),
                Message::of('heat.none.say', 'The ring goes in at shop temperature.'),
            );
        }
        $verdict =
            $wanted > $limit
                ? Verdict::care(
                    Message::of('heat.part', 'Warm to {limit} and press the rest', $values),
                    Message::of('heat.part.say', 'The fit asks for {to}, more than what is near can bear.', $values),
                )
                : Verdict::go(
                    Message::of('heat.to', 'Warm the {body} to {to}', $values),
                    Message::of('heat.to.say', 'The bearing drops in; hold it down until it grips.'),
                );

        return $verdict->next(
            Message::of(
                'heat.next',
                'Warm the {body}, not the bearing, which bears {sealed} at most. No solvent near; gloves; read it with a thermometer.',
                ['sealed' => Temperature::celsius($this->limits->get('heat.sealed_limit_c'))],
            ),
        );
    }
}
