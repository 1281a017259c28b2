<?php

declare(strict_types=1);

namespace CleanRace\Core\Proving;

use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\TrayItem;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Fitting;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Status;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** Whether a job may be signed: all that stands in the way, and what of it a word lifts. Decided here and nowhere else. */
final readonly class Blocks
{
    /** @param  list<Block>  $all */
    private function __construct(public array $all)
    {
    }

    /** @param  list<StationReport>  $earlier the stations before Prove */
    public static function of(Bench $bench, array $earlier): self
    {
        if (! $bench->pattern->card()->sure) {
            $what = Message::of('block.kind', 'How the hub is built is not said yet');

            return new self([new Block(Level::Stop, Station::Strip, 'strip.kind', $what, null, false)]);
        }

        return new self([...self::stations($bench, $earlier), ...self::parts($bench), ...self::checks($bench)]);
    }

    /** Whether nothing stands in the way of a signature. */
    public function isClear(): bool
    {
        return $this->open() === [];
    }

    /** @return list<Block> what stands in the way now */
    public function open(): array
    {
        return array_values(array_filter($this->all, static fn (Block $b): bool => $b->open));
    }

    /** @return list<Block> what a word lifts, whether it was given or not */
    public function byWord(): array
    {
        return array_values(array_filter($this->all, static fn (Block $b): bool => $b->byWord));
    }

    /**
     * @param  list<StationReport>  $earlier
     * @return list<Block>
     */
    private static function stations(Bench $bench, array $earlier): array
    {
        $blocks = [];
        $said = self::headlines($earlier);
        foreach ($earlier as $report) {
            foreach ($report->steps as $step) {
                $open = $step->open();
                if ($open !== null) {
                    $blocks[] = new Block(
                        $open->level,
                        $report->station,
                        $step->id,
                        ($said[self::english($open->headline)] ?? 0) > 1
                            ? Message::of('block.where', '{what}: {step}', [
                                'what' => $open->headline,
                                'step' => Message::within($step->title),
                            ])
                            : $open->headline,
                        self::word($bench, $step->id),
                        $open->level === Level::Care,
                    );
                }
            }
            if (in_array($report->status, [Status::Untouched, Status::UnderWay], true)) {
                $id = 'unfinished.'.$report->station->value;
                $missing = $report->totalSteps - $report->doneSteps;
                $blocks[] = new Block(
                    Level::Care,
                    $report->station,
                    $id,
                    Message::counted('block.unfinished', $missing, 'One step not done', '{count} steps not done'),
                    self::word($bench, $id),
                    true,
                );
            }
        }

        return $blocks;
    }

    /**
     * How often each judgement that stands open is said: what is said twice says where.
     *
     * @param  list<StationReport>  $earlier
     * @return array<string, int> by what it says
     */
    private static function headlines(array $earlier): array
    {
        $steps = array_merge(...array_map(static fn (StationReport $r): array => $r->steps, $earlier));
        $open = array_filter(array_map(static fn (Step $s): ?Verdict => $s->open(), $steps));

        return array_count_values(array_map(static fn (Verdict $v): string => self::english($v->headline), array_values($open)));
    }

    private static function english(Message|string $words): string
    {
        return Message::plain($words)->inEnglish();
    }

    /** @return list<Block> parts that still lie there, and parts that were to be replaced and were not */
    private static function parts(Bench $bench): array
    {
        $blocks = [];
        foreach ($bench->tray->left() as $item) {
            $blocks[] = new Block(
                Level::Stop,
                Station::Prove,
                'tray.'.$item->part,
                Message::of('block.tray', '{part} still lies on the tray', ['part' => Message::plain($item->name)]),
                null,
                false,
                $item->part,
            );
        }
        foreach (Fitting::there($bench->pattern, $bench->notebook) as $fitting) {
            if ($bench->notebook->done($fitting->place('off')) && ! $bench->notebook->done($fitting->place('back'))) {
                $what = Message::of('block.fitting', '{fitting} is not back', ['fitting' => Message::plain($fitting->label)]);
                $blocks[] = new Block(Level::Stop, Station::Set, 'set.fittings_'.$fitting->backAt, $what, null, false);
            }
        }
        foreach ($bench->tray->items as $item) {
            $what = self::notReplaced($item);
            if ($what !== null) {
                $id = 'replace.'.$item->part;
                $blocks[] = new Block(Level::Stop, Station::Seat, $id, $what, self::word($bench, $id), true);
            }
        }

        return $blocks;
    }

    /** A part that somebody said is to be replaced, and that is in the hub all the same. */
    private static function notReplaced(TrayItem $item): ?Message
    {
        if ($item->condition !== 'replace' || $item->new) {
            return null;
        }

        return match ($item->state) {
            PartState::Fitted => Message::of('block.fitted_again', '{part} was to be replaced, and the old one is fitted again', [
                'part' => Message::plain($item->name),
            ]),
            PartState::Stays, PartState::InPlace => Message::of('block.left_in', '{part} was to be replaced, and was left in', [
                'part' => Message::plain($item->name),
            ]),
            default => null,
        };
    }

    /** @return list<Block> */
    private static function checks(Bench $bench): array
    {
        $blocks = [];
        if (Prove::secondWanted($bench->habits) && $bench->notebook->choice(Places::SECOND) !== 'pass') {
            $blocks[] = new Block(
                Level::Stop,
                Station::Prove,
                Places::SECOND,
                Message::of('block.second', 'A second person has not looked it over'),
                null,
                false,
            );
        }
        foreach (LastChecks::of($bench) as $id => $label) {
            if ($bench->notebook->choice(PlacesOf::prove($id)) !== 'pass') {
                $blocks[] = new Block(
                    Level::Stop,
                    Station::Prove,
                    PlacesOf::prove($id),
                    Message::of('block.check', 'Not passed: {check}', ['check' => Message::within($label)]),
                    null,
                    false,
                );
            }
        }

        return $blocks;
    }

    private static function word(Bench $bench, string $step): ?string
    {
        return $bench->notebook->text(PlacesOf::word($step));
    }
}
