<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Pressing;

use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Mechanics\Fit\Joint;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/**
 * What it takes to press a ring home, in its bore or on its shaft, and to get a corroded one out again.
 * Thick-walled rings after Lamé; friction over the touching length.
 */
#[
    Calculator('press-force', 'Force to press it in', 'size', 'Pressure, force, share of the press, draw-bolt torque, stop figure.', [
        'bore_mm' => 20,
        'outside_mm' => 47,
        'width_mm' => 14,
        'hub_outside_mm' => 66,
        'interference_mm' => 0.025,
        'contact_length_mm' => 14,
        'press_capacity_n' => 117680,
        'draw_bolt' => 'M12',
    ]),
]
final readonly class PressForce
{
    public function __construct(private Limits $limits)
    {
    }

    /**
     * Lengths in mm, forces in N, pressures in MPa; thick-walled rings after Lamé, friction over the length that
     * touches.
     */
    public function work(PressForceInput $input): PressForceResult
    {
        $spread = $input->interferencePlusMinus->mm ?? 0.0;
        $joint = $input->joint();
        $pressure = $joint->pressure($this->limits, $input->interference->mm);
        $force = $joint->force($this->limits, $input->interference->mm, $input->oiled);
        $low = $joint->force($this->limits, $input->interference->mm - $spread, $input->oiled);
        $high = $joint->force($this->limits, $input->interference->mm + $spread, $input->oiled);
        $hoop = $pressure * $joint->hoopFactor();
        $removal =
            (($this->limits->get('force.removal_factor') * $this->limits->get('force.friction_corroded')) /
                $this->limits->get($input->oiled ? 'force.friction_oiled' : 'force.friction_dry')) *
            $force;
        $stop = max($this->limits->get('force.alarm_factor') * $high, $this->limits->get('force.alarm_floor_n'));
        $torque =
            ($this->limits->get($input->oiled ? 'force.nut_oiled' : 'force.nut_dry') * $force * $input->drawBolt->diameter()) / 1000;
        $share = $input->pressCapacity === null ? null : Share::of($force / $input->pressCapacity->newtons);

        $verdict = $this->verdict($input, $joint, $pressure, $hoop, $force, $high)
            ->showing(
                Figure::of('force', 'Force', Force::newtons($force), $high - $force),
                Figure::of('pressure', 'Pressure in the joint', Pressure::megapascals($pressure), null, 2),
                Figure::of(
                    'hoop',
                    $input->seat === RingSeat::Bore ? 'Stress in the {body}' : 'Stress in the ring',
                    Pressure::megapascals($hoop),
                ),
                ...$share === null ? [] : [Figure::of('share', 'Of this press', $share, null, 1)],
            )
            ->showing(
                Figure::of('draw_bolt', 'Draw bolt '.$input->drawBolt->value, Torque::newtonMetres($torque)),
                Figure::of('stop_at', 'Stop at', Force::newtons($stop)),
                Figure::of('removal', 'To get it out, corroded', Force::newtons($removal)),
            )
            ->workedOut($this->working($input, $pressure, $force, $hoop, $torque));

        return new PressForceResult(
            Pressure::megapascals($pressure),
            Pressure::megapascals($hoop),
            Force::newtons($force),
            Force::newtons($low),
            Force::newtons($high),
            Force::newtons($stop),
            Force::newtons($removal),
            $share,
            Torque::newtonMetres($torque),
            $verdict,
        );
    }

    private function verdict(PressForceInput $input, Joint $joint, float $pressure, float $hoop, float $force, float $high): Verdict
    {
        if ($input->seat === RingSeat::Bore && $hoop > $input->body()->hoopLimit()) {
            return Verdict::stop(
                Message::of('force.split', 'The {body} may split'),
                Message::of('force.split.say', 'Its wall is too thin, or the bore too tight, for this fit.'),
            )->next(Message::of('force.split.next', 'Measure the bore again. Warm the {body}, or fit another.'));
        }
        if (
            $input->seat === RingSeat::Bore &&
            $input->interference->mm > $this->limits->get('force.flattening') &&
            $pressure <
                $this->limits->get('force.thin_share') *
                    $joint->withWall($this->limits->get('force.stout_wall'))->pressure($this->limits, $input->interference->mm)
        ) {
            return Verdict::care(
                Message::of('force.thin', 'The wall is too thin to grip'),
                Message::of('force.thin.say', 'The {body} stretches instead of holding: the ring may creep.'),
            )->next(Message::of('force.thin.next', 'Retaining compound helps; look for cracks.'));
        }
        if ($high > $input->drawBolt->limit($this->limits->get('force.rod_limit_8_8'))->newtons) {
            return Verdict::care(
                Message::of('force.rod', 'Too much for this rod'),
                Message::of('force.rod.say', 'Use a thicker rod, warm the {body}, or use the press.'),
            );
        }
        $values = ['force' => Force::newtons($force)];

        return ($high <= $this->limits->get('force.hammer_n')
            ? Verdict::go(
                Message::of('force.light', 'Light work: {force}', $values),
                Message::of('force.light.say', 'Draw bolt, or hammer and driver, is enough.'),
            )
            : Verdict::go(
                Message::of('force.press', 'Press or draw bolt: {force}', $values),
                Message::of('force.press.say', 'More than a hammer should do. Warmth lowers it.'),
            )
        )->next(
            Message::of('force.shape', 'Watch the shape, not the number: steady, then a sharp rise is home. Stop there. Stand aside.'),
        );
    }

    private function working(PressForceInput $input, float $pressure, float $force, float $hoop, float $torque): Working
    {
        $joint = $input->joint();

        return Working::start()
            ->line(
                'Pressure',
                $input->seat === RingSeat::Bore
                    ? 'p = (δ − flattening) / (D·(hub + ring))'
                    : 'p = (δ − flattening) / (d·(ring + shaft))',
                Message::filled(
                    'δ {delta}, joint {joint}, around it {around}, within it {within}',
                    delta: sprintf('%.3f − %.3f', $input->interference->mm, $this->limits->get('force.flattening')),
                    joint: sprintf('%.2f', $joint->diameter()->mm),
                    around: sprintf(
                        '%.2f',
                        $input->seat === RingSeat::Bore
                            ? $input->hubOutside->mm ?? 0.0
                            : Joint::innerRingOutside($input->bore->mm, $input->outside->mm),
                    ),
                    within: sprintf(
                        '%.2f',
                        $input->seat === RingSeat::Bore
                            ? Joint::ringInside($input->bore->mm, $input->outside->mm)
                            : $input->shaftHole->mm ?? 0.0,
                    ),
                ),
                Pressure::megapascals($pressure),
                2,
            )
            ->line(
                'Force',
                'F = μ·p·π·D·L',
                sprintf(
                    '%.2f × %.2f × π × %.2f × %.2f',
                    $this->limits->get($input->oiled ? 'force.friction_oiled' : 'force.friction_dry'),
                    $pressure,
                    $joint->diameter()->mm,
                    $joint->touches(),
                ),
                Force::newtons($force),
            )
            ->line(
                $input->seat === RingSeat::Bore ? 'Stress in the {body}' : 'Stress in the ring',
                'p·(outside² + inside²)/(outside² − inside²)',
                $input->seat === RingSeat::Bore
                    ? Message::filled('limit {limit} MPa', limit: sprintf('%.0f', $input->body()->hoopLimit()))
                    : 'hardened steel bears far more',
                Pressure::megapascals($hoop),
            )
            ->line(
                'Draw bolt',
                'T = K·F·d',
                sprintf(
                    '%.2f × %.0f × %.0f mm',
                    $this->limits->get($input->oiled ? 'force.nut_oiled' : 'force.nut_dry'),
                    $force,
                    $input->drawBolt->diameter(),
                ),
                Torque::newtonMetres($torque),
            );
    }
}
