<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** Which driver would cover most of this shop's work that none covers now. */
#[
    Calculator('next-tool', 'Which driver next', 'seat', 'From the bearings that were fitted and the drivers there are.', [
        'fitted' => [
            ['number' => '6204', 'bore_mm' => 20, 'outside_mm' => 47, 'jobs' => 7],
            ['number' => '6205', 'bore_mm' => 25, 'outside_mm' => 52, 'jobs' => 3],
        ],
        'tools' => [['name' => '42 cup', 'outside_mm' => 46.2, 'opening_mm' => 37, 'length_mm' => 60]],
    ]),
]
final readonly class NextTool
{
    private const MOST_OFFERS = 3;

    /** Long enough for any hub, in mm. */
    private const LENGTH = 80.0;

    public function __construct(private Limits $limits)
    {
    }

    /** Over jobs that were done: which one driver would serve most of what none serves now. */
    public function work(NextToolInput $input): NextToolResult
    {
        return $this->among($input->fitted, array_map(static fn (ToolInput $t): Tool => $t->tool(), $input->tools));
    }

    /**
     * @param  list<FittedBefore>  $fitted
     * @param  list<Tool>  $tools
     */
    public function among(array $fitted, array $tools): NextToolResult
    {
        $all = array_sum(array_map(static fn (FittedBefore $f): int => $f->jobs, $fitted));
        $open = array_values(array_filter($fitted, fn (FittedBefore $f): bool => ! $this->serves($f, $tools)));
        usort($open, static fn (FittedBefore $a, FittedBefore $b): int => [$b->jobs, $a->number] <=> [$a->jobs, $b->number]);
        $missing = array_sum(array_map(static fn (FittedBefore $f): int => $f->jobs, $open));
        $offers = $this->offers($open);
        $words = [
            'name' => Message::plain($offers[0]->name ?? ''),
            'jobs' => $offers[0]->jobs ?? 0,
            'all' => $all,
            'missing' => $missing,
        ];

        $verdict = match (true) {
            $all === 0 => Verdict::care(
                Message::of('next_tool.none', 'Nothing fitted yet'),
                Message::of('next_tool.none.say', 'What to get next shows once bearings were fitted here.'),
            ),
            $open === [] => Verdict::go(
                Message::of('next_tool.all', 'The wall covers all of it'),
                Message::of('next_tool.all.say', 'Every bearing of {all} jobs has a driver that stands on its ring.', $words),
            ),
            $offers === [] => Verdict::care(
                Message::of('next_tool.own', 'Only rings too slight for a driver'),
                Message::of('next_tool.own.say', 'Keep their old rings, slit: they make the driver.'),
            ),
            default => Verdict::care(
                Message::of('next_tool.get', 'Next: {name}', $words),
                Message::of('next_tool.get.say', 'It would serve {jobs} of the {missing} jobs that have no driver now.', $words),
            ),
        };

        return new NextToolResult(
            Share::of($all === 0 ? 0.0 : ($all - $missing) / $all),
            array_map(static fn (FittedBefore $f): string => $f->number, $open),
            $offers,
            $verdict->workedOut(
                Working::start()->line(
                    'Covered',
                    'jobs with a driver that is go ÷ all jobs',
                    Message::of('working.of', '{some} of {all}', ['some' => $all - $missing, 'all' => $all]),
                    sprintf('%.0f%%', $all === 0 ? 0 : (100 * ($all - $missing)) / $all),
                ),
            ),
        );
    }

    /**
     * @param  list<FittedBefore>  $open
     * @return list<ToolOffer>
     */
    private function offers(array $open): array
    {
        $offers = [];
        foreach ([...$this->pipes(), ...array_filter(array_map($this->made(...), $open))] as [$tool, $name]) {
            $served = array_values(array_filter($open, fn (FittedBefore $f): bool => $this->serves($f, [$tool])));
            if ($served !== []) {
                $offers[] = new ToolOffer(
                    $name,
                    $tool->outside,
                    $tool->opening,
                    array_map(static fn (FittedBefore $f): string => $f->number, $served),
                    array_sum(array_map(static fn (FittedBefore $f): int => $f->jobs, $served)),
                );
            }
        }
        usort($offers, static fn (ToolOffer $a, ToolOffer $b): int => $b->jobs <=> $a->jobs);
        $different = [];
        foreach ($offers as $offer) {
            $different[implode(' ', $offer->numbers)] ??= $offer;
        }

        return array_slice(array_values($different), 0, self::MOST_OFFERS);
    }

    /** @return list<array{Tool, Message}> each with what it is called */
    private function pipes(): array
    {
        return array_map(
            static fn (array $row): array => [
                new Tool(
                    $row['name'],
                    $row['name'],
                    ToolKind::Pipe,
                    Length::mm((float) $row['outside_mm']),
                    Length::mm((float) $row['inside_mm']),
                    Length::mm(self::LENGTH),
                ),
                Message::plain($row['name']),
            ],
            Table::rows('pipes'),
        );
    }

    /** @return ?array{Tool, Message} */
    private function made(FittedBefore $for): ?array
    {
        $make = (new DriverChoice($this->limits))->among(
            RingFace::of($this->limits, $for->bore, $for->outside, $for->thin),
            DriverWay::IntoBore,
            Length::mm(5),
            [],
        )->make;
        if ($make->outsideLeast->mm > $make->outsideMost->mm) {
            return null;
        }

        $opening = Length::mm(min($make->openingMost->mm, max($make->openingLeast->mm, $make->outsideMost->mm - 10)));
        $name = Message::filled(
            'cup {outside} / {opening}, turned',
            outside: sprintf('%.0f', floor($make->outsideMost->mm)),
            opening: sprintf('%.0f', ceil($make->openingLeast->mm)),
        );

        return [new Tool('made', $name->inEnglish(), ToolKind::Cup, $make->outsideMost, $opening, Length::mm(self::LENGTH)), $name];
    }

    /** @param  list<Tool>  $tools */
    private function serves(FittedBefore $fitted, array $tools): bool
    {
        $rules = new DriverRules(
            $this->limits,
            RingFace::of($this->limits, $fitted->bore, $fitted->outside, $fitted->thin),
            DriverWay::IntoBore,
            Length::mm(5),
            null,
        );
        foreach ($tools as $tool) {
            if ($rules->judge($tool)->level === Level::Go) {
                return true;
            }
        }

        return false;
    }
}
