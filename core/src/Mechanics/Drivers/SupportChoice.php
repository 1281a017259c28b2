<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** What the hub stands on, close to the bore and in line with the blow. */
#[
    Calculator('support', 'What the hub stands on', 'seat', 'Ring or blocks, from what passes and what hangs below.', [
        'passes_mm' => 26,
        'hub_outside_mm' => 66,
        'hangs_mm' => 22,
        'supports' => [['name' => 'pipe 1 1/4', 'outside_mm' => 42.4, 'opening_mm' => 36, 'length_mm' => 60]],
    ]),
]
final readonly class SupportChoice
{
    public function __construct(private Limits $limits)
    {
    }

    /** Sizes in mm. The closest ring that lets through what must pass. */
    public function work(SupportChoiceInput $input): SupportChoiceResult
    {
        return $this->among(
            $input->passes,
            $input->hubOutside,
            $input->hangs ?? Length::mm(0.0),
            array_map(static fn (ToolInput $t): Tool => $t->tool(), $input->supports),
        );
    }

    /** @param  list<Tool>  $supports with an opening; their length is their height */
    public function among(Length $passes, Length $hubOutside, Length $hangs, array $supports): SupportChoiceResult
    {
        $opening = $passes->mm + $this->limits->get('support.clearance');
        // It must catch the hub, not lie outside it.
        $most = max($opening, $hubOutside->mm - $this->limits->get('support.catch'));
        $height = $hangs->mm + $this->limits->get('support.height_spare');
        $good = array_values(
            array_filter(
                $supports,
                static fn (Tool $t): bool => $t->opening !== null &&
                    $t->opening->mm >= $opening &&
                    $t->opening->mm <= $most &&
                    $t->length->mm >= $height,
            ),
        );
        usort($good, static fn (Tool $a, Tool $b): int => ($a->opening->mm ?? 0.0) <=> ($b->opening->mm ?? 0.0));
        $best = $good[0] ?? null;
        $words = ['name' => Written::name($best->name ?? ''), 'opening' => Length::mm($opening), 'height' => Length::mm($height)];

        $verdict =
            $best !== null
                ? Verdict::go(
                    Message::of('support.take', 'Stand it on the {name}', $words),
                    Message::of('support.take.say', 'Closest round the bore that lets through what must pass.'),
                )
                : Verdict::go(
                    Message::of('support.blocks', 'Stand it on two blocks'),
                    Message::of(
                        'support.blocks.say',
                        'Wood, close beside the bore, more than {opening} apart and at least {height} high.',
                        $words,
                    ),
                );

        return new SupportChoiceResult(
            Length::mm($opening),
            Length::mm($most),
            Length::mm($height),
            $best?->id,
            $verdict
                ->showing(
                    Figure::of('opening', 'Opening over', Length::mm($opening), null, 1),
                    Figure::of('height', 'High at least', Length::mm($height), null, 0),
                )
                ->workedOut(
                    Working::start()
                        ->line(
                            'Opening',
                            'what passes + clearance',
                            sprintf('%.1f + %.1f', $passes->mm, $this->limits->get('support.clearance')),
                            Length::mm($opening),
                        )
                        ->line(
                            'Height',
                            'what hangs below + spare',
                            sprintf('%.1f + %.1f', $hangs->mm, $this->limits->get('support.height_spare')),
                            Length::mm($height),
                        ),
                ),
        );
    }
}
