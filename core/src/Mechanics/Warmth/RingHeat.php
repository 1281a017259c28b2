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

/** For a shaft: how warm the bearing must be for its inner ring to slip on. */
#[
    Calculator('ring-heat', 'How warm the bearing, for a shaft', 'size', 'Temperature at which the inner ring slips on.', [
        'bore_mm' => 30,
        'interference_mm' => 0.012,
        'room_c' => 18,
    ]),
]
final readonly class RingHeat
{
    private const ROOM_C = 20.0;

    public function __construct(private Limits $limits)
    {
    }

    /** Interference and bore in mm, temperatures in °C; never past what seals and grease bear. */
    public function work(RingHeatInput $input): HeatResult
    {
        $room = $input->room->celsius ?? self::ROOM_C;
        $bore = $input->bore->mm;
        $allowance = $this->limits->get(
            $bore >= $this->limits->get('heat.allowance_from') ? 'heat.allowance_large' : 'heat.allowance_small',
        );
        $rise = max(0.0, ($input->interference->mm + $allowance) / ($bore * Material::Steel->alpha()));
        $limit = $this->limits->get($input->sealed ? 'heat.sealed_limit_c' : 'heat.bearing_limit_c');
        $wanted = $room + $rise;
        $words = ['to' => Temperature::celsius($wanted), 'limit' => Temperature::celsius($limit)];
        $verdict =
            $wanted > $limit
                ? Verdict::care(
                    Message::of('ring_heat.part', 'Warm it to {limit} and press the rest', $words),
                    Message::of(
                        'ring_heat.part.say',
                        $input->sealed
                            ? 'The fit asks for {to}, more than a sealed bearing bears.'
                            : 'The fit asks for {to}, more than bearing steel bears.',
                        $words,
                    ),
                )
                : Verdict::go(
                    Message::of('ring_heat.to', 'Bearing to {to}', $words),
                    Message::of('ring_heat.to.say', 'It slips on; hold it against its shoulder until it grips.'),
                );

        return new HeatResult(
            TemperatureRise::kelvin($rise),
            Temperature::celsius($wanted),
            Temperature::celsius(min($wanted, $limit)),
            Temperature::celsius($limit),
            Length::mm(0),
            $verdict
                ->showing(
                    Figure::of('target', 'Bearing to', Temperature::celsius(min($wanted, $limit))),
                    Figure::of('rise', 'Rise', TemperatureRise::kelvin($rise)),
                )
                ->next(Message::of('ring_heat.next', 'Oven, plate or bag in hot water, never a flame on a bearing. Gloves.'))
                ->workedOut(
                    Working::start()->line(
                        'Rise',
                        'ΔT = (δ + a) / (d·α)',
                        sprintf(
                            '(%.3f + %.3f) / (%.2f × %.1fe-6)',
                            $input->interference->mm,
                            $allowance,
                            $bore,
                            Material::Steel->alpha() * 1e6,
                        ),
                        TemperatureRise::kelvin($rise),
                    ),
                ),
        );
    }
}
