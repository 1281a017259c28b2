<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Drawing\Hatch;
use CleanRace\Core\Hub\Drawing\Outline;
use CleanRace\Core\Hub\Drawing\PartDrawer;
use CleanRace\Core\Hub\Lane;
use CleanRace\Core\Hub\Layout;
use CleanRace\Core\Hub\Part;

/** The outline of an axle: ends turned down, shoulder, thread. */
final readonly class AxleOutline
{
    public function __construct(private Hub $hub, private Layout $layout)
    {
    }

    /** @return list<Outline> */
    public function axle(Part $part, float $from, float $to): array
    {
        $r = $part->mm('diameter') / 2;
        $c = min(1.5, 0.2 * $r);
        [$lf, $lr] = $this->end($part, $from, $to, -1);
        [$rf, $rr] = $this->end($part, $from, $to, 1);
        [$sf, $st, $s] = [$this->layout->shoulderFrom, $this->layout->shoulderTo, $part->mm('shoulder_diameter') / 2];
        $top = [[$from, $lr - $c], [$from + $c, $lr], ...$lf > $from + $c ? [[$lf, $lr], [$lf, $r]] : []];
        $tail = [...$rf < $to - $c ? [[$rf, $r], [$rf, $rr]] : [], [$to - $c, $rr], [$to, $rr - $c]];
        if ($sf !== null && $st !== null && $s > $r) {
            $sf = max($sf, $from);
            $st = min($st, $to);
            $top = $sf <= $from ? [[$from, $s]] : [...$top, [$sf, $r], [$sf, $s]];
            $top = $st >= $to ? [...$top, [$to, $s]] : [...$top, [$st, $s], [$st, $r], ...$tail];
        } else {
            $top = [...$top, ...$tail];
        }
        $thread = $part->mm('thread_length');
        $lines = [];
        if ($thread > 0) {
            $lines = [
                ...$part->form === 'shoulder_left' ? [] : PartDrawer::threads($from + $c, $from + $thread, 0.86 * $lr - 0.5),
                ...$part->form === 'shoulder_right' ? [] : PartDrawer::threads($to - $thread, $to - $c, 0.86 * $rr - 0.5),
            ];
        }

        return [Outline::of(Hatch::Shaft, [[$from, 0.0], ...$top, [$to, 0.0]]), ...$lines];
    }

    /**
     * Where an end of the axle is turned down for nuts and caps, and to what radius.
     *
     * @param  int  $way -1 for the left end, 1 for the right
     * @return array{float, float}
     */
    private function end(Part $axle, float $from, float $to, int $way): array
    {
        $thin = $axle->mm('end_diameter');
        $held = $axle->form === ($way < 0 ? 'shoulder_left' : 'shoulder_right');
        $at = $way < 0 ? $from : $to;
        if ($thin <= 0 || $held) {
            return [$at, $axle->mm('diameter') / 2];
        }
        $wider = [];
        foreach ($this->hub->stack->line() as $part) {
            if ($part->mm('bore') > $thin + 0.5 && in_array($part->kind->lane(), [Lane::Axle, Lane::Both], true)) {
                $wider[] = $this->layout->at[$part->id][$way < 0 ? 0 : 1];
            }
        }

        return [$wider === [] ? $at : ($way < 0 ? min($wider) : max($wider)), $thin / 2];
    }
}
