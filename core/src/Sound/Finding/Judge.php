<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

use CleanRace\Core\Sound\Beside;
use CleanRace\Core\Sound\Hearing\Hearing;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;

/** Decides what a recording with taps tells: first whether it can tell anything, then what stands out, then whether it runs dry. */
final readonly class Judge
{
    public function __construct(private Limits $limits)
    {
    }

    /**
     * @param  list<PartStrength>  $parts empty where the bearing is not known
     * @param  Beside  $beside what else of this hub may be heard
     */
    public function judge(Hearing $hearing, array $parts, Beside $beside): Judgement
    {
        $turns = (float) $hearing->turning->whole();
        $rubs = $hearing->once > $this->limits->get('sound.once') && $hearing->onceInStep > $this->limits->get($this->isUneven($hearing)
            ? 'sound.once_in_step_uneven'
            : 'sound.once_in_step');
        $ticks = $hearing->crest > $this->limits->get('sound.tick')
            && $hearing->inStep > $this->limits->get('sound.tick_in_step')
            && $hearing->severalTimes < $this->limits->get('sound.several_times');
        $once = $rubs || $ticks;
        $clear = [];
        foreach (Heard::PARTS as $i => $part) {
            $clear[$part->value] = isset($parts[$i]) ? $parts[$i]->clear($once, $turns) : 0.0;
        }
        arsort($clear);
        $best = Heard::from((string) array_key_first($clear));
        [$first, $second] = array_values($clear);
        $next = Heard::from((string) array_keys($clear)[1]);
        $need = $this->limits->get($once || $this->hasPawls($hearing, 'sound.pawls_clear') ? 'sound.need_once' : 'sound.need');
        $odds = new Odds($clear, $once, $need);

        return match (true) {
            ($spoiled = $this->spoiled($hearing, $rubs, $this->isOfPart($hearing, $first))) !== null => $odds->unclear([$spoiled]),
            $first < $need && $this->isNotHeard($hearing) => $odds->unclear([Reasons::notHeard()]),
            ! $once && ($this->isTalkedOver($hearing) || $this->isRestless($hearing) && $first < $this->limits->get(
                'sound.need_restless',
            )) => $odds->unclear([Reasons::restless()]),
            $first > $need && $first - $second < $this->limits->get('sound.apart') => $odds->unclear([
                Reasons::twoAlike($best, $next),
            ]),
            $turns < $this->limits->get('sound.turns_fewest') && $first < $this->limits->get('sound.need_once') => $odds->unclear([
                Reasons::fewTurns(),
            ]),
            $first > $need => $odds->named($best, [Reasons::part($best, $this->partOf($parts, $best)->order, $once)]),
            $once => $odds->rub([$rubs ? Reasons::rub($beside) : Reasons::tick($beside)]),
            $hearing->levels->blows > $this->limits->get('sound.blows_alone') => $odds->unclear([Reasons::restless()]),
            $hearing->pawls !== null && $this->hasPawls($hearing, 'sound.pawls') => $odds->rub([
                Reasons::pawls($hearing->pawls->clicks, $beside),
            ]),
            $this->isDry($hearing) => $beside->freehub === true ? $odds->unclear([Reasons::dryOrFreehub()]) : $odds->dry([Reasons::dry()]),
            $parts === [] => $odds->quiet([Reasons::quiet(), Reasons::noBearing()]),
            default => $odds->quiet([Reasons::quiet()]),
        };
    }

    /**
     * What something else than the wheel did to it; null when nothing did.
     *
     * @param  bool  $rubs whether something rubs once a turn, not each time alike: that is unrest of the wheel's own
     * @param  bool  $ofPart whether a part speaks so clearly that the unrest is its own
     */
    public function spoiled(Hearing $hearing, bool $rubs = false, bool $ofPart = false): ?Message
    {
        $levels = $hearing->levels;
        $part = $ofPart ? $this->limits->get('sound.unrest_of_part') : 1.0;
        $allowed = max($part, $rubs ? $this->limits->get('sound.unrest_of_rub') : 1.0);

        return match (true) {
            $hearing->envelopes->loudness->clipped > $this->limits->get('sound.clipped') => Reasons::clipped(),
            $levels->unrest > $allowed * $this->limits->get('sound.unrest'),
            $levels->wobble > $part * $this->limits->get('sound.wobble') => Reasons::restless(),
            $levels->gatedShare > $this->limits->get('sound.gated') => Reasons::talkedOver(),
            default => null,
        };
    }

    /** A ball that is hurt swells and fades as its spot wanders: where it stands out so far, and rises with speed, that is no wind. */
    private function isOfPart(Hearing $hearing, float $clear): bool
    {
        return $clear > $this->limits->get('sound.need_restless') && $hearing->levels->slope > $this->limits->get('sound.wheel_slope');
    }

    /** Whether single moments are far louder than the rest: blows that no turning wheel explains come at no place of their own. */
    private function isUneven(Hearing $hearing): bool
    {
        return $hearing->levels->blows > $this->limits->get('sound.uneven');
    }

    /** Knocks, talk and wind that are not loud enough to spoil all, but are more than the wheel. */
    public function isRestless(Hearing $hearing): bool
    {
        $levels = $hearing->levels;

        return $this->isTalkedOver($hearing)
            || $levels->blows > $this->limits->get('sound.blows')
            && $levels->unrest > $this->limits->get('sound.unrest_blows')
            && $levels->slope < $this->limits->get('sound.loose_slope')
            || $this->isUneven($hearing)
            && $levels->slope < $this->limits->get('sound.wheel_slope')
            && $levels->unrest > $this->limits->get('sound.uneasy');
    }

    /** @param  string  $limit how far their line must stand out */
    private function hasPawls(Hearing $hearing, string $limit): bool
    {
        return $hearing->pawls !== null && $hearing->pawls->clear > $this->limits->get($limit);
    }

    /** Whether it swells and fades as words do, at no place of the turn. */
    private function isTalkedOver(Hearing $hearing): bool
    {
        return $hearing->slow > $this->limits->get('sound.slow');
    }

    public function isNotHeard(Hearing $hearing): bool
    {
        return $hearing->levels->over < $this->limits->get('sound.heard')
            && $hearing->levels->slope < $this->limits->get('sound.heard_slope');
    }

    public function isDry(Hearing $hearing): bool
    {
        return $hearing->crackle > $this->limits->get('sound.dry_crackle')
            && $hearing->ragged > $this->limits->get('sound.dry_ragged')
            && $hearing->levels->slope > $this->limits->get('sound.dry_slope');
    }

    /** @param  list<PartStrength>  $parts */
    private function partOf(array $parts, Heard $wanted): PartStrength
    {
        foreach ($parts as $part) {
            if ($part->part === $wanted) {
                return $part;
            }
        }

        return $parts[0];
    }
}
