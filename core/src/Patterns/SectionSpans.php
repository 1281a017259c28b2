<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Drawing\Span;
use CleanRace\Core\Hub\Drawing\SpanOf;
use CleanRace\Core\Hub\Lane;
use CleanRace\Core\Hub\Layout;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Verdict\Message;

/** Dimensions along the axle, and gaps between neighbours. */
final readonly class SectionSpans
{
    /** Less than this nobody can see or feel, in mm. */
    private const LEAST_GAP = 0.05;

    public function __construct(private Hub $hub, private Notebook $notebook, private Layout $layout)
    {
    }

    /**
     * Where two neighbours of a lane do not touch.
     *
     * @return list<Span>
     */
    public function gaps(): array
    {
        $gaps = [];
        foreach ([[Lane::Axle, Lane::Both], [Lane::Housing, Lane::Both]] as $lanes) {
            $row = array_values(
                array_filter(
                    $this->hub->stack->line(),
                    static fn (Part $p): bool => in_array($p->kind->lane(), [...$lanes, Lane::Row], true) &&
                        ! in_array($p->kind, [PartKind::ORing, PartKind::Nipple], true),
                ),
            );
            foreach ($row as $i => $part) {
                $next = $row[$i + 1] ?? null;
                // Loose rows have their own shape; between two bearings is the span, not a gap.
                if (
                    $next === null ||
                    $part->kind->lane() === Lane::Row ||
                    $next->kind->lane() === Lane::Row ||
                    ($part->kind->lane() === Lane::Both && $next->kind->lane() === Lane::Both)
                ) {
                    continue;
                }
                [$from, $to] = [$this->layout->at[$part->id][1], $this->layout->at[$next->id][0]];
                if ($to - $from > self::LEAST_GAP) {
                    $gaps[] = new Span(
                        SpanOf::Gap,
                        Message::of('span.gap', '{one} to {other}', [
                            'one' => Message::within($part->name),
                            'other' => Message::within($next->name),
                        ]),
                        Length::mm($from),
                        Length::mm($to),
                        false,
                    );
                }
            }
        }

        return $gaps;
    }

    /** @return list<Span> */
    public function spans(?Part $housing): array
    {
        $read = fn (string $place): bool => $this->notebook->has($place);
        $spans = [];
        $first = $this->hub->first;
        if ($housing !== null) {
            $length = $housing->mm('length');
            $spans[] = new Span(SpanOf::OverFaces, 'over faces', Length::mm(0), Length::mm($length), $read(Places::OVER_FACES));
            $ledge = $housing->mm('ledge_'.($first === Side::Right ? 'right' : 'left'));
            if ($ledge > 0 && $this->hub->pattern->card()->pair) {
                $spans[] =
                    $first === Side::Right
                        ? new Span(
                            SpanOf::Ledge,
                            'shoulder',
                            Length::mm($length - $ledge),
                            Length::mm($length),
                            $read(Places::LEDGE_DEPTH),
                        )
                        : new Span(SpanOf::Ledge, 'shoulder', Length::mm(0), Length::mm($ledge), $read(Places::LEDGE_DEPTH));
            }
        }
        $sleeve = $this->hub->stack->find('sleeve');
        if ($sleeve !== null && isset($this->layout->at['sleeve'])) {
            $spans[] = new Span(
                SpanOf::Sleeve,
                'spacer tube',
                Length::mm($this->layout->at['sleeve'][0]),
                Length::mm($this->layout->at['sleeve'][1]),
                $read(Places::SLEEVE_LENGTH),
            );
        }

        return $spans;
    }
}
