<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Calculator\Calculator;
use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** C8: what it takes to press an outer ring home. Thick-walled rings after Lamé; friction over the touching length. */
#[Calculator('press-force', 'Force to press it in', 'size', 'Pressure, force, share of the press, draw-bolt torque, stop figure.', [
    'bore_mm' => 20, 'outside_mm' => 47, 'width_mm' => 14, 'hub_outside_mm' => 66, 'interference_mm' => 0.025, 'contact_length_mm' => 14, 'press_capacity_n' => 117680, 'draw_bolt' => 'M12',
])]
final readonly class PressForce
{
    public function __construct(private Limits $limits)
    {
    }

    public function work(PressForceInput $input): PressForceResult
    {
        $spread = $input->interferencePlusMinus->mm ?? 0.0;
        $pressure = $this->pressure($input, $input->interference->mm);
        $force = $this->force($input, $pressure);
        $low = $this->force($input, $this->pressure($input, $input->interference->mm - $spread));
        $high = $this->force($input, $this->pressure($input, $input->interference->mm + $spread));
        $hub = $input->hubOutside->mm ** 2;
        $hole = $input->outside->mm ** 2;
        $hoop = $pressure * ($hub + $hole) / ($hub - $hole);
        $stop = max($this->limits->get('force.alarm_factor') * $high, $this->limits->get('force.alarm_floor_n'));
        $torque = $this->limits->get($input->oiled ? 'force.nut_oiled' : 'force.nut_dry') * $force * $input->drawBolt->diameter() / 1000;
        $share = $input->pressCapacity === null ? null : Share::of($force / $input->pressCapacity->newtons);

        $verdict = $this->verdict($input, $pressure, $hoop, $force, $high)->showing(
            Figure::of('force', 'Force', Force::newtons($force), $high - $force),
            Figure::of('pressure', 'Pressure in the joint', Pressure::megapascals($pressure), null, 2),
            Figure::of('hoop', 'Stress in the hub', Pressure::megapascals($hoop)),
            ...($share === null ? [] : [Figure::of('share', 'Of this press', $share, null, 1)]),
        )->showing(
            Figure::of('draw_bolt', 'Draw bolt '.$input->drawBolt->value, Torque::newtonMetres($torque)),
            Figure::of('stop_at', 'Stop at', Force::newtons($stop)),
        )->workedOut($this->working($input, $pressure, $force, $hoop, $torque));

        return new PressForceResult(
            Pressure::megapascals($pressure), Pressure::megapascals($hoop), Force::newtons($force), Force::newtons($low),
            Force::newtons($high), Force::newtons($stop), $share, Torque::newtonMetres($torque), $verdict,
        );
    }

    /** MPa */
    private function pressure(PressForceInput $input, float $interference): float
    {
        $effective = max(0.0, $interference - $this->limits->get('force.flattening'));
        $outside = $input->outside->mm;
        $inside = self::ringInside($input->bore->mm, $outside);
        [$hub2, $out2, $in2] = [$input->hubOutside->mm ** 2, $outside ** 2, $inside ** 2];
        $hub = (($hub2 + $out2) / ($hub2 - $out2) + $input->material->poisson()) / $input->material->elastic();
        $ring = (($out2 + $in2) / ($out2 - $in2) - Material::Steel->poisson()) / Material::Steel->elastic();

        return $effective / ($outside * ($hub + $ring));
    }

    /** The outer ring as a plain tube: its inside diameter, in mm, after a quarter of the section. */
    public static function ringInside(float $bore, float $outside): float
    {
        return $outside - 0.25 * ($outside - $bore);
    }

    private function force(PressForceInput $input, float $pressure): float
    {
        return $this->friction($input) * $pressure * M_PI * $input->outside->mm * $this->contact($input);
    }

    private function friction(PressForceInput $input): float
    {
        return $this->limits->get($input->oiled ? 'force.friction_oiled' : 'force.friction_dry');
    }

    /** Length that touches, mm: the width less both corners. */
    private function contact(PressForceInput $input): float
    {
        $corner = Bearing::usualCorner($input->bore, $input->outside)->mm;

        return $input->contactLength->mm ?? max(0.2 * $input->width->mm, $input->width->mm - 2 * $corner);
    }

    private function verdict(PressForceInput $input, float $pressure, float $hoop, float $force, float $high): Verdict
    {
        if ($hoop > $input->material->hoopLimit()) {
            return Verdict::stop(Message::of('force.split', 'The hub may split'), Message::of('force.split.say', 'Its wall is too thin, or the bore too tight, for this fit.'))
                ->next(Message::of('force.split.next', 'Measure the bore again. Warm the hub, or fit another.'));
        }
        if ($input->interference->mm >= $this->limits->get('fit.grip_go') + $this->limits->get('force.flattening') && $pressure < $this->limits->get('force.grip_lost_mpa')) {
            return Verdict::care(Message::of('force.thin', 'The wall is too thin to grip'), Message::of('force.thin.say', 'The hub stretches instead of holding: the ring may creep.'))
                ->next(Message::of('force.thin.next', 'Retaining compound helps; look for cracks.'));
        }
        if ($high > $input->drawBolt->limit($this->limits->get('force.rod_limit_8_8'))->newtons) {
            return Verdict::care(Message::of('force.rod', 'Too much for this rod'), Message::of('force.rod.say', 'Use a thicker rod, warm the hub, or use the press.'));
        }
        $values = ['force' => Force::newtons($force)];

        return ($high <= $this->limits->get('force.hammer_n')
            ? Verdict::go(Message::of('force.light', 'Light work: {force}', $values), Message::of('force.light.say', 'Draw bolt, or hammer and driver, is enough.'))
            : Verdict::go(Message::of('force.press', 'Press or draw bolt: {force}', $values), Message::of('force.press.say', 'More than a hammer should do. Warmth lowers it.')))
            ->next(Message::of('force.shape', 'Watch the shape, not the number: steady, then a sharp rise is home. Stop there. Stand aside.'));
    }

    private function working(PressForceInput $input, float $pressure, float $force, float $hoop, float $torque): Working
    {
        return Working::start()
            ->line('Pressure', 'p = (δ − flattening) / (D·(hub + ring))', sprintf('δ %.3f − %.3f, D %.2f, Do %.2f, ring inside %.2f', $input->interference->mm, $this->limits->get('force.flattening'), $input->outside->mm, $input->hubOutside->mm, self::ringInside($input->bore->mm, $input->outside->mm)), Pressure::megapascals($pressure), 2)
            ->line('Force', 'F = μ·p·π·D·L', sprintf('%.2f × %.2f × π × %.2f × %.2f', $this->friction($input), $pressure, $input->outside->mm, $this->contact($input)), Force::newtons($force))
            ->line('Stress in the hub', 'p·(Do² + D²)/(Do² − D²)', sprintf('limit %.0f MPa', $input->material->hoopLimit()), Pressure::megapascals($hoop))
            ->line('Draw bolt', 'T = K·F·d', sprintf('%.2f × %.0f × %.0f mm', $this->limits->get($input->oiled ? 'force.nut_oiled' : 'force.nut_dry'), $force, $input->drawBolt->diameter()), Torque::newtonMetres($torque));
    }
}
