<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Measure\Money;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/**
 * Parts and bench time and the risk of a worn seat, against the assembly. When the seat turns out worn, the
 * assembly is bought after all.
 */
#[
    Calculator('bearings-or-assembly', 'Bearings or the assembly', 'source', 'Both ways in money, and where they meet.', [
        'parts' => '38.40',
        'minutes' => 90,
        'assembly' => '240.00',
        'assembly_minutes' => 30,
        'hour' => '54.00',
        'risk' => 10,
    ]),
]
final readonly class BearingsOrAssembly
{
    private const MINUTES = 60;

    public function __construct(private Limits $limits)
    {
    }

    /** Amounts in minor units, minutes; when the seat turns out worn, both are paid. */
    public function work(AssemblyInput $input): AssemblyResult
    {
        $bench = $input->hour->part($input->minutes, self::MINUTES);
        $fitting = $input->hour->part($input->assemblyMinutes, self::MINUTES);
        $assembly = $input->assembly->plus($fitting);
        $risk = $assembly->part($input->risk, 100);
        $bearings = $input->parts->plus($bench)->plus($risk);
        // Both cost the same where parts + bench + risk·(a + fitting) = a + fitting.
        $free = 100 - $input->risk;
        $meet = $free === 0 ? null : intdiv(($input->parts->minor + $bench->minor) * 100 + intdiv($free, 2), $free) - $fitting->minor;
        $breakEven = $meet === null || $meet < 0 ? null : Money::minor($meet);
        $words = [
            'bearings' => Written::of($bearings->shown()),
            'assembly' => Written::of($assembly->shown()),
            'even' => Written::of($breakEven?->shown() ?? '0'),
        ];
        $apart = abs($bearings->minor - $assembly->minor) / max(1, $assembly->minor);
        $verdict = match (true) {
            $apart < $this->limits->get('assembly.near') => Verdict::care(
                Message::of('assembly.near', 'Costs about the same'),
                Message::of('assembly.near.say', 'Bearings {bearings}, assembly {assembly}: time and delivery decide.', $words),
            ),
            $bearings->minor < $assembly->minor => Verdict::go(
                Message::of('assembly.bearings', 'Bearings: {bearings}', $words),
                Message::of('assembly.bearings.say', 'The assembly comes to {assembly}.', $words),
            ),
            default => Verdict::go(
                Message::of('assembly.whole', 'The assembly: {assembly}', $words),
                Message::of('assembly.whole.say', 'Bearings come to {bearings} with the bench time and the risk.', $words),
            ),
        };

        return new AssemblyResult(
            $bearings,
            $risk,
            $assembly,
            $breakEven,
            $verdict->next(Message::of('assembly.even', 'They meet where the assembly costs {even}.', $words))->workedOut(
                Working::start()
                    ->line(
                        'Bearings',
                        'parts + hour × minutes / 60 + risk',
                        "{$input->parts->shown()} + {$bench->shown()} + {$risk->shown()}",
                        $bearings->shown(),
                    )
                    ->line(
                        'Risk',
                        'of a hundred, so many buy the assembly after all',
                        "$input->risk % of {$assembly->shown()}",
                        $risk->shown(),
                    )
                    ->line(
                        'Assembly',
                        'price + hour × minutes / 60',
                        "{$input->assembly->shown()} + {$fitting->shown()}",
                        $assembly->shown(),
                    ),
            ),
        );
    }
}
