<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Plan;

use CleanRace\Core\Catalogue\BoltGrade;
use CleanRace\Core\Catalogue\Thread;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Fastener;
use CleanRace\Core\Patterns\HubSetting;
use CleanRace\Core\Setting\Torque\ThreadTreatment;
use CleanRace\Core\Setting\Torque\TorqueInput;
use CleanRace\Core\Setting\Torque\TorqueSetting;
use CleanRace\Core\Setting\Torque\TorqueSource;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\WallTool;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Written;

/** Every fastener of a hub, in the order of tightening, each with its figure and where that comes from. */
final readonly class TorqueSteps
{
    private const NO_WRENCH = 'none';

    public function __construct(private Limits $limits, private Bench $bench)
    {
    }

    /** @return list<Step> */
    public function steps(): array
    {
        return array_map($this->step(...), $this->fasteners());
    }

    /** @return list<Fastener> that have a figure: a castle nut of tapers is set by its slots */
    private function fasteners(): array
    {
        $bySlots = in_array(HubSetting::Tapers, $this->bench->pattern->card()->sets, true);
        $castle = array_map(
            static fn (Part $p): string => $p->id,
            array_filter($this->bench->hub->stack->parts, static fn (Part $p): bool => $p->kind === PartKind::CastleNut),
        );

        return array_values(
            array_filter(
                Fastener::of($this->bench->pattern, $this->bench->notebook),
                fn (Fastener $f): bool => (! $bySlots || ! in_array($f->part, $castle, true)) && ! $this->isMissing($f),
            ),
        );
    }

    /** Whether it went with a part that this hub has not. */
    private function isMissing(Fastener $fastener): bool
    {
        return $fastener->part !== null && $this->bench->tray->state($fastener->part) === PartState::NotThere;
    }

    /** A ring or a pin has no thread: it is seen in its groove or its hole. */
    private function plain(Fastener $fastener): Step
    {
        return Step::of(
            'set.'.$fastener->id,
            '{name} in',
            'All round in its groove, or through its hole with both legs spread. A new pin; a ring that was bent is replaced.',
            ['name' => Message::plain($fastener->name)],
        )
            ->asking(self::kind($fastener), Ask::tick($fastener->place('done'), 'In, and seen')->byItself())
            ->judged($this->outOfOrder($fastener))
            ->taking(2);
    }

    private static function kind(Fastener $fastener): Ask
    {
        return Ask::choice($fastener->place('kind'), 'It is', Option::of(['ring' => 'A ring', 'pin' => 'A pin', 'bolt' => 'A bolt']));
    }

    /** This machine has none: nothing more is asked, and nothing judged. */
    private function absent(Fastener $fastener): Step
    {
        return Step::of('set.'.$fastener->id, 'No {name} here', null, ['name' => Message::within($fastener->name)])->asking(
            Ask::choice($fastener->place('source'), 'From', Fastener::tightened()),
        );
    }

    private function isAbsent(Fastener $fastener): bool
    {
        return $this->bench->notebook->choice($fastener->place('source')) === Fastener::ABSENT;
    }

    private function step(Fastener $fastener): Step
    {
        if ($this->isAbsent($fastener)) {
            return $this->absent($fastener);
        }
        if ($fastener->orPlain && $this->bench->notebook->choice($fastener->place('kind')) !== 'bolt') {
            return $this->plain($fastener);
        }
        $wrenches = array_values(array_filter($this->bench->wall, static fn (WallTool $t): bool => $t->kind === ToolKind::TorqueWrench));

        return Step::of(
            'set.'.$fastener->id,
            'Tighten {name}',
            $fastener->onGround
                ? 'Threads clean; the last turn with the wheel on the ground. The figure comes from the machine\'s manual; none found '
                    .'is an answer too.'
                : 'Threads clean. The figure comes from the machine\'s manual; none found is an answer too.',
            ['name' => Message::within($fastener->name)],
        )
            ->with(
                tool: 'Torque wrench',
                caution: $fastener->id === 'caliper_bolts'
                    ? 'Brakes: the manual and, where the law says so, a licensed person decide. Pump the lever after.'
                    : null,
            )
            ->on(Panel::Torques)
            ->asking(...$fastener->orPlain ? [self::kind($fastener)] : [], ...$this->asks($fastener, $wrenches))
            ->judged($this->outOfOrder($fastener), $this->judged($fastener, $wrenches))
            ->ordinarily($fastener->several ? 'All tightened crosswise, to the manual\'s figure' : 'Tightened, to the manual\'s figure')
            ->taking(2);
    }

    /**
     * @param  list<WallTool>  $wrenches
     * @return list<Ask>
     */
    private function asks(Fastener $fastener, array $wrenches): array
    {
        $grades = array_column(BoltGrade::cases(), 'value');
        $hanging = array_map(static fn (WallTool $t): Option => new Option($t->id, $t->name), $wrenches);
        $adapted = [
            Ask::length($fastener->place('wrench_length'), 'Wrench, grip to square', wanted: false),
            Ask::turn($fastener->place('adapter_turned'), 'Adapter turned out of line'),
        ];

        return [
            Ask::torque($fastener->place('torque'), 'Torque', wanted: false),
            $this->source($fastener),
            Ask::text($fastener->place('spanner'), 'Spanner', hint: '27, or 1 1/16')->borrowed(),
            Ask::text($fastener->place('thread'), 'Thread', hint: 'M16 × 1.5')->borrowed(),
            Ask::choice($fastener->place('grade'), 'Marked', Option::of(array_combine($grades, $grades)), wanted: false),
            Ask::choice($fastener->place('treatment'), 'On the thread', Option::each(ThreadTreatment::class), wanted: false),
            Ask::choice(
                $fastener->place('wrench'),
                'Wrench',
                [...$hanging, new Option('other', 'Another wrench'), new Option(self::NO_WRENCH, 'No wrench for it')],
                wanted: false,
            ),
            Ask::length($fastener->place('adapter'), 'Adapter, square to bolt', wanted: false),
            ...$this->bench->notebook->has($fastener->place('adapter')) ? $adapted : [],
            ...$fastener->several ? [Ask::plain(AskKind::Count, $fastener->place('bolts'), 'How many there are')] : [],
            Ask::tick($fastener->place('done'), $fastener->several ? 'All tightened, crosswise' : 'Tightened'),
        ];
    }

    /** Where the figure comes from: usually the manual, once there is a figure. */
    private function source(Fastener $fastener): Ask
    {
        $ask = Ask::choice($fastener->place('source'), 'From', Fastener::tightened());

        return $this->bench->notebook->torque($fastener->place('torque')) === null ? $ask : $ask->usually(TorqueSource::Manual->value);
    }

    private function outOfOrder(Fastener $fastener): ?Verdict
    {
        $notebook = $this->bench->notebook;
        foreach ($this->fasteners() as $earlier) {
            if ($earlier->id === $fastener->id) {
                break;
            }
            if ($notebook->done($fastener->place('done')) && ! $notebook->done($earlier->place('done')) && ! $this->isAbsent($earlier)) {
                return Verdict::stop(
                    Message::of('torque.order', '{name} first', ['name' => Message::plain($earlier->name)]),
                    Message::of(
                        'torque.order.say',
                        'Tightened before it, this one holds in place what should settle by itself.',
                    ),
                )->next(Message::of('torque.order.next', 'Loosen, then go through the list from the top.'));
            }
        }

        return null;
    }

    /** @param  list<WallTool>  $wrenches */
    private function judged(Fastener $fastener, array $wrenches): ?Verdict
    {
        $notebook = $this->bench->notebook;
        $torque = $notebook->torque($fastener->place('torque'));
        $source = TorqueSource::tryFrom($notebook->choice($fastener->place('source')) ?? '');
        if ($source === null) {
            return $torque === null
                ? null
                : Verdict::care(
                    Message::of('torque.source', 'Where does the figure come from'),
                    Message::of('torque.source.say', 'A figure without its source is a guess to the next who reads it.'),
                );
        }
        if ($torque === null && $source !== TorqueSource::None) {
            return Verdict::care(
                Message::of('torque.missing', 'The figure is missing'),
                Message::of('torque.missing.say', 'Enter what the source says, or say that none was found.'),
            );
        }
        $wrench =
            array_values(
                array_filter($wrenches, static fn (WallTool $t): bool => $t->id === $notebook->choice($fastener->place('wrench'))),
            )[0] ?? null;
        $length = $notebook->length($fastener->place('wrench_length'));
        try {
            return (new TorqueSetting($this->limits))
                ->work(
                    new TorqueInput(
                        $source,
                        $torque,
                        $this->thread($fastener),
                        BoltGrade::tryFrom($notebook->choice($fastener->place('grade')) ?? ''),
                        ThreadTreatment::tryFrom($notebook->choice($fastener->place('treatment')) ?? '') ?? ThreadTreatment::Dry,
                        $wrench?->torqueLow,
                        $wrench?->torqueHigh,
                        $length,
                        $length === null ? null : $notebook->length($fastener->place('adapter')),
                        $notebook->turn($fastener->place('adapter_turned')),
                        $notebook->choice($fastener->place('wrench')) === self::NO_WRENCH,
                        $fastener->guards,
                    ),
                )
                ->verdict->because(...$this->asWritten($fastener));
        } catch (InvalidInput) {
            return null;
        }
    }

    /** @return list<Message> the figure as its source has it, when it is not in newton-metres */
    private function asWritten(Fastener $fastener): array
    {
        $typed = $this->bench->notebook->value($fastener->place('torque'))['typed'] ?? null;

        return is_string($typed) && preg_match('/[fi]/i', $typed) === 1
            ? [Message::of('torque.written', 'As its source has it: {typed}.', ['typed' => Written::of($typed)])]
            : [];
    }

    /** A thread that can be read; what cannot is kept, and no ceiling is reckoned from it. */
    private function thread(Fastener $fastener): ?string
    {
        $text = $this->bench->notebook->text($fastener->place('thread'));
        try {
            return $text === null ? null : Thread::read($text)->text;
        } catch (InvalidInput) {
            return null;
        }
    }
}
