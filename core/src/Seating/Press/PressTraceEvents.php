<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;

/** What a force–travel curve shows on its way, place by place. */
final readonly class PressTraceEvents
{
    /** Shares of the grip between which the beginning of a seating is read. */
    public const EARLY = [0.1, 0.35];

    public function __construct(private Limits $limits)
    {
    }

    /** @return list<PressEvent> */
    public function events(PressTraceInput $input, ForceCurve $curve, ?float $knee, float $alarm, PressKind $kind): array
    {
        $events = [];
        $quiet = $this->limits->get('press.quiet_n');
        foreach ($curve->forces as $i => $force) {
            if ($force > $quiet) {
                $events[] = new PressEvent(
                    'start',
                    Length::mm($i * ForceCurve::STEP),
                    Force::newtons($force),
                    Message::of('press.event.start', 'starts'),
                );
                break;
            }
        }
        if ($curve->travel() > $input->grip->mm && ($knee === null || $knee > $input->grip->mm)) {
            $events[] = new PressEvent(
                'slide',
                $input->grip,
                Force::newtons($curve->force($input->grip->mm)),
                Message::of('press.event.slide', 'all in'),
            );
        }
        foreach ($curve->forces as $i => $force) {
            if ($force > $alarm && ($knee === null || $i * ForceCurve::STEP < $knee)) {
                $events[] = new PressEvent(
                    'high',
                    Length::mm($i * ForceCurve::STEP),
                    Force::newtons($force),
                    Message::of('press.event.high', 'too high'),
                );
                break;
            }
        }
        $peak = $this->worstPeak($curve, $input->grip->mm, $knee ?? $curve->travel());
        if ($kind === PressKind::DirtyBore && $peak !== null) {
            $events[] = new PressEvent(
                'peak',
                Length::mm($peak),
                Force::newtons($curve->force($peak)),
                Message::of('press.event.peak', 'rough here'),
            );
        }
        if ($knee !== null) {
            $events[] = new PressEvent(
                'knee',
                Length::mm($knee),
                Force::newtons($curve->force($knee)),
                Message::of('press.event.knee', 'sharp rise'),
            );
        }
        usort($events, static fn (PressEvent $a, PressEvent $b): int => $a->travel->mm <=> $b->travel->mm);

        return $events;
    }

    private function worstPeak(ForceCurve $curve, float $grip, float $until): ?float
    {
        $worst = null;
        $most = 0.0;
        foreach ($curve->scaled as $i => $scaled) {
            $at = $i * ForceCurve::STEP;
            if (! is_nan($scaled) && $at > self::EARLY[0] * $grip && $at < $until - 0.3 && $scaled > $most) {
                [$worst, $most] = [$at, $scaled];
            }
        }

        return $worst;
    }
}
