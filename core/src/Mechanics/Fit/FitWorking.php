<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Working;

/** How a fit was reached: what was taken for granted, how readings and hands were weighed, what alone would decide it. */
final readonly class FitWorking
{
    /** @param  Estimate  $fit interference as it was decided, mm */
    public function __construct(private Limits $limits, private SeatEvidence $evidence, private Estimate $fit)
    {
    }

    /** What alone would decide it. */
    public function settledBy(): Message
    {
        return $this->evidence->joint->seat === RingSeat::Bore
            ? Message::of('fit.settle', 'A bore gauge or an inside micrometer settles it alone; how the ring goes in tells most of it.')
            : Message::of('fit.settle_shaft', 'A micrometer on the shaft settles it alone; how the ring goes on tells most of it.');
    }

    /** What is taken for granted of a seat that nobody says the use of. */
    public static function asAtSpeed(): Message
    {
        return Message::of('fit.at_speed', 'Judged as a pressed ring that turns under load at speed, the strictest.');
    }

    /** @return list<Message> what was taken for granted where nobody told */
    public function assumed(): array
    {
        $joint = $this->evidence->joint;

        return $this->evidence->feel === null || ($joint->isWallKnown() && $joint->ringKnown)
            ? []
            : [
                $joint->seat === RingSeat::Shaft || $joint->isWallKnown()
                    ? Message::of('fit.assumed_ring', 'The feel is weighed for the commonest ring of this size.')
                    : Message::of(
                        'fit.assumed',
                        'The feel is weighed for a {body} of {material}, outside {around}: not all of it was entered.',
                        [
                            'material' => Message::plain($joint->body()->label()),
                            'around' => $joint->hubOutside(),
                        ],
                    ),
            ];
    }

    /**
     * How readings and hands were weighed together.
     *
     * @param  float  $right probability that it is as it is meant
     */
    public function working(float $right): Working
    {
        $working = Working::start()->line('Meant', 'what this seat is for', '', Message::plain($this->evidence->meant->label()));
        $read = $this->evidence->read;
        if ($this->evidence->shown !== null && $read !== null) {
            $working = $working
                ->line('As read', 'larger − smaller, nominal ring', '', Length::mm($this->evidence->shown), 3)
                ->then($this->evidence->working)
                ->line(
                    'From readings',
                    'ring in the middle of its tolerance',
                    sprintf('± %.3f', $read->spread()),
                    Length::mm($read->mean),
                    4,
                );
        }
        if ($this->evidence->feel !== null) {
            $felt = new Felt($this->limits, $this->evidence->feel, $this->evidence->joint);
            $working = $working->line(
                'From hands',
                'a hand feels force',
                Message::plain($this->evidence->feel->label()),
                self::span($felt),
            );
        }

        return $working
            ->line('Before any evidence', 'tighter than makers give: one twentieth as likely', '', Length::mm($this->evidence->most), 3)
            ->line('Together', 'product of the evidence', sprintf('± %.3f', $this->fit->spread()), Length::mm($this->fit->mean), 4)
            ->line(
                'As meant',
                'P(interference within its limits)',
                Message::filled('limit {limit} mm', limit: sprintf('%+.3f', $this->evidence->meant->least($this->limits))),
                sprintf('%.0f%%', 100 * $right),
            );
    }

    private static function span(Felt $felt): string
    {
        [$low, $high] = array_map(static fn (float $mm): ?string => is_finite($mm) ? sprintf('%+.3f', $mm) : null, $felt->band());

        return sprintf('%s … %s mm', $low ?? '', $high ?? '');
    }
}
