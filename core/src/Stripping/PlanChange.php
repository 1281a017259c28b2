<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Verdict\Message;

/** What one plan does otherwise than another. */
final readonly class PlanChange
{
    /**
     * @param  list<Message>  $added titles of steps that come in
     * @param  list<Message>  $dropped and of those that go
     * @param  list<Message>  $otherwise and of those done with another tool
     */
    private function __construct(public array $added, public array $dropped, public array $otherwise, public int $minutes)
    {
    }

    /**
     * @param  list<PlannedStep>  $usual
     * @param  list<PlannedStep>  $chosen
     */
    public static function between(array $usual, array $chosen): self
    {
        $by = static fn (array $plan): array => array_combine(
            array_map(static fn (PlannedStep $p): string => $p->step->id, $plan),
            $plan,
        );
        [$before, $after] = [$by($usual), $by($chosen)];
        $title = static fn (PlannedStep $p): Message => $p->step->title;
        $minutes = static fn (array $plan): int => array_sum(
            array_map(static fn (PlannedStep $p): int => $p->step->handMinutes + $p->step->waitMinutes, $plan),
        );
        $otherwise = array_filter(
            array_intersect_key($after, $before),
            static fn (PlannedStep $p): bool => $p->step->tool?->inEnglish() !== $before[$p->step->id]->step->tool?->inEnglish(),
        );

        return new self(
            array_values(array_map($title, array_diff_key($after, $before))),
            array_values(array_map($title, array_diff_key($before, $after))),
            array_values(array_map($title, $otherwise)),
            $minutes($chosen) - $minutes($usual),
        );
    }

    /** @return list<Message> empty when nothing differs */
    public function messages(): array
    {
        $list = static fn (array $titles): Message => Message::listed(array_map(Message::within(...), $titles), '; ');

        return array_values(
            array_filter([
                $this->added === []
                    ? null
                    : Message::of('plan.added', 'Against the shop\'s way it adds: {what}.', ['what' => $list($this->added)]),
                $this->dropped === [] ? null : Message::of('plan.dropped', 'It drops: {what}.', ['what' => $list($this->dropped)]),
                $this->otherwise === []
                    ? null
                    : Message::of('plan.otherwise', 'Done with other tools: {what}.', ['what' => $list($this->otherwise)]),
                $this->minutes === 0
                    ? null
                    : ($this->minutes > 0
                        ? Message::counted(
                            'plan.minutes',
                            $this->minutes,
                            'A minute longer than the shop\'s way.',
                            '{count} minutes longer than the shop\'s way.',
                        )
                        : Message::counted(
                            'plan.minutes',
                            -$this->minutes,
                            'A minute shorter than the shop\'s way.',
                            '{count} minutes shorter than the shop\'s way.',
                        )),
            ]),
        );
    }
}
