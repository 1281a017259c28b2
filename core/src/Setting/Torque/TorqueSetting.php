<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Torque;

use CleanRace\Core\Catalogue\BoltGrade;
use CleanRace\Core\Catalogue\Thread;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** What to set a torque wrench to: its source, its range, an adapter on it, and what the thread takes at most. */
#[
    Calculator('torque', 'Set the torque wrench', 'set', 'The setting with an adapter, the range, the thread\'s ceiling.', [
        'source' => 'manual',
        'torque_nm' => 45,
        'thread' => 'M10',
        'grade' => '8.8',
        'wrench_length_mm' => 380,
        'adapter_mm' => 60,
    ]),
]
final readonly class TorqueSetting
{
    public function __construct(private Limits $limits)
    {
    }

    /** Torques in N·m, lengths in mm: T·L ÷ (L + E·cos φ); at most K·d·75 % of proof (ISO 898-1, SAE J429). */
    public function work(TorqueInput $input): TorqueResult
    {
        $lever = $this->lever($input);
        $set = $input->torque === null ? null : Torque::newtonMetres($input->torque->newtonMetres * $lever);
        $thread = $input->thread === null ? null : Thread::read($input->thread);
        $grade = $input->grade;
        // Without a grade nobody knows what the thread takes.
        $ceiling =
            $thread === null || $grade === null ? null : $this->ceiling($thread, $grade, $input->treatment->nutFactor($this->limits));
        $asked = $input->torque ?? Torque::newtonMetres(0);
        $adapted = $set !== null && abs($lever - 1) > 1e-9;
        $words = [
            'torque' => $asked,
            'set' => $set ?? Torque::newtonMetres(0),
            'ceiling' => $ceiling ?? Torque::newtonMetres(0),
            'thread' => Written::of($input->thread === null ? '' : Thread::read($input->thread)->text),
            'grade' => Written::of($grade->value ?? ''),
            'least' => $input->wrenchLeast ?? Torque::newtonMetres(0),
            'most' => $input->wrenchMost ?? Torque::newtonMetres(0),
        ];

        return new TorqueResult(
            $set,
            $ceiling,
            $this->verdict($input, $set, $ceiling, $lever, $words)
                ->because(...$this->treated($input))
                ->showing(
                    ...! $adapted ? [] : [Figure::of('set_to', 'Set the wrench to', $set, null, 1)],
                    ...$ceiling === null ? [] : [Figure::of('ceiling', 'The thread takes at most', $ceiling, null, 1)],
                )
                ->workedOut(
                    (! $adapted
                        ? Working::start()
                        : Working::start()->line(
                            'Set to',
                            'T · L / (L + E · cos φ)',
                            sprintf('%.1f × %.3f', $asked->newtonMetres, $lever),
                            $set,
                            1,
                        )
                    )->then(
                        $thread === null || $grade === null || $ceiling === null
                            ? Working::start()
                            : Working::start()->line(
                                'Ceiling',
                                'K · d · 75 % of proof',
                                sprintf(
                                    '%.2f × %.2f mm × 0.75 × %.0f MPa × %.1f mm²',
                                    $input->treatment->nutFactor($this->limits),
                                    $thread->diameter->mm,
                                    $grade->proof(),
                                    $thread->stressArea(),
                                ),
                                $ceiling,
                                1,
                            ),
                    ),
                ),
        );
    }

    /** @param  array<string, Torque|Written>  $words */
    private function verdict(TorqueInput $input, ?Torque $set, ?Torque $ceiling, float $lever, array $words): Verdict
    {
        return match (true) {
            $set === null && $input->guards => Verdict::care(
                Message::of('torque.guards', 'No figure: steering or brake hang on it'),
                Message::of('torque.guards.say', 'Look again: the manual, the maker of the part, a shop that knows the machine.'),
            )->next(
                Message::of(
                    'torque.guards.next',
                    'Judged by hand it wants a word on who decides, and is checked after the first ride.',
                ),
            ),
            $input->torque === null && $ceiling !== null => Verdict::go(
                Message::of('torque.bound', 'No figure: stay well below {ceiling}', $words),
                Message::of(
                    'torque.bound.say',
                    'That is what {thread}, grade {grade}, takes at most. Snug by hand, judged, and recorded as judged.',
                    $words,
                ),
            )->next(Message::of('torque.bound.next', 'Alloy, plastic or a hollow axle gives way far earlier: then feel decides.')),
            $set === null => Verdict::go(
                Message::of('torque.none', 'No figure found'),
                Message::of('torque.none.say', 'Recorded as such: snug by the usual practice for its thread, and judged.'),
            ),
            $ceiling !== null && $set->newtonMetres / $lever > $ceiling->newtonMetres => Verdict::stop(
                Message::of('torque.over', 'More than the thread takes'),
                Message::of(
                    'torque.over.say',
                    '{torque} on {thread}, grade {grade}: at most {ceiling}. Wrong unit, wrong line, or another bolt.',
                    $words,
                ),
            )->next(Message::of('torque.over.next', 'Read the manual again: in-lb or ft-lb, and which thread.')),
            $input->noWrench => Verdict::care(
                Message::of('torque.no_wrench', '{torque}, and no wrench for it', $words),
                Message::of('torque.no_wrench.say', 'By hand it is a guess: recorded as judged.'),
            )->next(Message::of('torque.no_wrench.next', 'Borrow one that reads it, or have it checked before it runs.')),
            $input->wrenchMost !== null && $set->newtonMetres > $input->wrenchMost->newtonMetres,
            $input->wrenchLeast !== null && $set->newtonMetres < $input->wrenchLeast->newtonMetres => Verdict::care(
                Message::of('torque.range', 'Out of the wrench\'s range'),
                Message::of('torque.range.say', '{set} is wanted; it reads from {least} to {most}.', $words),
            ),
            abs($lever - 1) > 1e-9 => Verdict::go(
                Message::of('torque.to', 'Set it to {set}', $words),
                Message::of('torque.to.say', 'The adapter makes it {torque} at the bolt.', $words),
            ),
            default => Verdict::go(
                Message::of('torque.set', '{torque}', $words),
                Message::of('torque.set.say', 'Recorded with its source.'),
            ),
        };
    }

    /** @return list<Message> what lies on the thread does to its torque */
    private function treated(TorqueInput $input): array
    {
        $less =
            $input->torque === null
                ? null
                : Torque::newtonMetres(
                    ($input->torque->newtonMetres * $input->treatment->nutFactor($this->limits)) /
                        ThreadTreatment::Dry->nutFactor($this->limits),
                );

        return match ($input->treatment) {
            ThreadTreatment::AntiSeize => [
                Message::of(
                    'torque.anti_seize',
                    'Anti-seize: the same torque pulls about a third harder. The manual says whether its figure is for dry threads.',
                ),
                ...$less === null
                    ? []
                    : [Message::of('torque.anti_seize.less', 'If it is, {less} pulls as the dry thread would.', ['less' => $less])],
            ],
            ThreadTreatment::Oiled => [Message::of('torque.oiled', 'Oil: the same torque pulls about a sixth harder.')],
            ThreadTreatment::ThreadLock => [
                Message::of(
                    'torque.thread_lock',
                    'Thread-lock: threads degreased and dry, or it does not set. It changes the torque little.',
                ),
            ],
            ThreadTreatment::Dry => [],
        };
    }

    private function lever(TorqueInput $input): float
    {
        if ($input->adapter === null || $input->wrenchLength === null) {
            return 1.0;
        }
        $along = $input->adapter->mm * cos(deg2rad($input->adapterAngle->degrees ?? 0.0));

        return $input->wrenchLength->mm / max(1.0, $input->wrenchLength->mm + $along);
    }

    private function ceiling(Thread $thread, BoltGrade $grade, float $nutFactor): Torque
    {
        return Torque::newtonMetres(
            (($nutFactor * $thread->diameter->mm) / 1000) *
                $this->limits->get('torque.share_of_proof') *
                $grade->proof() *
                $thread->stressArea(),
        );
    }
}
