<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** Which tool stands on the ring whose fit is made, clear of seal, the other ring, bore and shaft; and what to make when none does. */
#[Calculator(
    'driver',
    'Choose the driver',
    'seat',
    'Which tool stands on the ring that is pushed, and what to make when none does.',
    [
        'bore_mm' => 20,
        'outside_mm' => 47,
        'depth_mm' => 9.2,
        'tools' => [
            ['name' => '42 cup', 'outside_mm' => 46.2, 'opening_mm' => 37, 'length_mm' => 60],
            ['name' => '24 socket', 'outside_mm' => 32, 'opening_mm' => 24, 'length_mm' => 45, 'kind' => 'impact_socket'],
        ],
    ],
)]
final readonly class DriverChoice
{
    public function __construct(private Limits $limits)
    {
    }

    /** Sizes in mm. The tools best first, and what to make when none serves. */
    public function work(DriverChoiceInput $input): DriverChoiceResult
    {
        return $this->among(
            RingFace::of($this->limits, $input->bore, $input->outside, $input->thin),
            $input->way,
            $input->depth ?? Length::mm(0.0),
            array_map(static fn (ToolInput $t): Tool => $t->tool(), $input->tools),
            $input->ledge,
            $input->axle,
        );
    }

    /**
     * @param  Length  $depth how deep the ring ends below the face, or how far down the shaft
     * @param  list<Tool>  $tools
     * @param  ?Length  $ledge bore of the ledge, when the old bearing is to be pushed out through it
     * @param  ?Length  $axle that stands through it already, when both rings are pushed
     */
    public function among(
        RingFace $face,
        DriverWay $way,
        Length $depth,
        array $tools,
        ?Length $ledge = null,
        ?Length $axle = null,
    ): DriverChoiceResult {
        $rules = new DriverRules($this->limits, $face, $way, $depth, $ledge, $axle);
        $fits = array_map($rules->judge(...), $tools);
        usort(
            $fits,
            static fn (DriverFit $a, DriverFit $b): int => [$a->level->rank(), -$a->contact->share, $a->name] <=> [
                $b->level->rank(),
                -$b->contact->share,
                $b->name,
            ],
        );
        $best = ($fits[0] ?? null)?->level !== Level::Stop ? $fits[0] ?? null : null;
        $make = $rules->make();

        return new DriverChoiceResult(
            $best?->id,
            Length::mm($face->outerInside),
            Length::mm($face->innerOutside),
            $make->outsideMost,
            $make->outsideLeast,
            $make->openingLeast,
            $fits,
            $make,
            $this->verdict($best, $make, $way)
                ->showing(
                    Figure::of('outer_zone', 'Outer ring from', Length::mm($face->outerInside), null, 1),
                    Figure::of('driver_most', 'Driver at most', $make->outsideMost, null, 1),
                    Figure::of('driver_opening', 'Opening over', $make->openingLeast, null, 1),
                )
                ->workedOut(
                    Working::start()
                        ->line(
                            'Outer ring\'s face',
                            'D − k(D − d) … D',
                            sprintf('%.2f − %.2f × %.2f', $face->outside, $face->share, $face->outside - $face->bore),
                            Length::mm($face->outerInside),
                        )
                        ->line(
                            'Inner ring\'s face',
                            'd … d + k(D − d)',
                            sprintf('%.2f + %.2f × %.2f', $face->bore, $face->share, $face->outside - $face->bore),
                            Length::mm($face->innerOutside),
                        ),
                ),
        );
    }

    private function verdict(?DriverFit $best, ToolToMake $make, DriverWay $way): Verdict
    {
        if ($best === null) {
            return Verdict::stop(Message::of('driver.none', 'Nothing on the wall will do'), $make->words())->next(
                $way === DriverWay::OutFromBehind
                    ? Message::of('driver.none.out', 'A stepped plug turned to these sizes, or draw it with a rod and a cup.')
                    : Message::of(
                        'driver.none.next',
                        'Pipe, a turned plug, or the old outer ring with a slit through it so that it comes out again.',
                    ),
            );
        }
        $covers = match ($way) {
            DriverWay::OntoShaft => 'It covers {share} of the inner ring\'s face.',
            DriverWay::BothRings => 'It covers {share} of the face of both rings.',
            DriverWay::OutFromBehind => 'It covers {share} of the ring from behind.',
            DriverWay::IntoBore => 'It covers {share} of the outer ring\'s face.',
        };

        return $best->level === Level::Go
            ? Verdict::go(
                Message::of('driver.take', 'Take the {name}', ['name' => Written::name($best->name)]),
                Message::of('driver.take.say', $covers, ['share' => $best->contact]),
            )
            : Verdict::care(
                Message::of('driver.with_care', '{name}, with care', ['name' => Written::name($best->name)]),
                $best->reason,
            )->next($make->words());
    }
}
