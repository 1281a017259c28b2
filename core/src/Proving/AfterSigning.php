<?php

declare(strict_types=1);

namespace CleanRace\Core\Proving;

use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Fastener;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;

/** What a job that is signed asks to be looked at again by itself, whatever was carried forward. */
final readonly class AfterSigning
{
    public function __construct(private Limits $limits)
    {
    }

    /** What is looked at again after the first ride; null when nothing was tightened nor set by hand. */
    public function recheck(Pattern $pattern, Notebook $notebook): ?Message
    {
        $tightened = array_map(
            static fn (Fastener $f): Message => Message::within($f->name),
            array_filter(Fastener::of($pattern, $notebook), static fn (Fastener $f): bool => $notebook->done($f->place('done'))),
        );
        $set = $pattern->card()->isSetByHand();
        $ridden = $pattern->card()->machine->isRidden();

        return match (true) {
            $tightened === [] && ! $set => null,
            $tightened === [] => Message::plain($ridden ? 'Setting after the first ride' : 'Setting after the first run'),
            default => Message::of(
                $ridden ? 'recheck' : 'recheck.run',
                match (true) {
                    $set && $ridden => 'Setting and torques after the first ride: {fasteners}',
                    $ridden => 'Torques after the first ride: {fasteners}',
                    $set => 'Setting and torques after the first run: {fasteners}',
                    default => 'Torques after the first run: {fasteners}',
                },
                ['fasteners' => Message::listed($tightened)],
            ),
        };
    }

    /** Days after the signature at which it is due. */
    public function recheckDays(): int
    {
        return (int) $this->limits->get('torque.recheck_days');
    }

    /** How many sets must have come and gone before their median life is worth a date. */
    public function enoughSets(): int
    {
        return (int) $this->limits->get('life.enough_sets');
    }
}
