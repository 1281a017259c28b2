<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Catalogue\Number\CounterWords;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Measure\Typed\ThreeSizes;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliper;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliperInput;
use CleanRace\Core\Sizing\Bearing\CaliperCandidate;
use CleanRace\Core\Sizing\Bearing\HubConditions;
use CleanRace\Core\Sizing\Bearing\InThisHub;
use CleanRace\Core\Sizing\Bearing\NumberVerdict;
use CleanRace\Core\Sizing\Bearing\RingState;
use CleanRace\Core\Sizing\SmallParts\BallFinder;
use CleanRace\Core\Sizing\SmallParts\BallInput;
use CleanRace\Core\Sizing\SmallParts\BallReading;
use CleanRace\Core\Sizing\SmallParts\ORingFinder;
use CleanRace\Core\Sizing\SmallParts\ORingInput;
use CleanRace\Core\Sizing\SmallParts\PartCandidate;
use CleanRace\Core\Sizing\SmallParts\PartFound;
use CleanRace\Core\Sizing\SmallParts\PartRanking;
use CleanRace\Core\Sizing\SmallParts\SealFinder;
use CleanRace\Core\Sizing\SmallParts\SealInput;
use CleanRace\Core\Sizing\SmallParts\SnapRingFinder;
use CleanRace\Core\Sizing\SmallParts\SnapRingInput;
use CleanRace\Core\Sizing\SmallParts\SplitPinFinder;
use CleanRace\Core\Sizing\SmallParts\SplitPinInput;
use CleanRace\Core\Sizing\SmallParts\TaperSet;
use CleanRace\Core\Sizing\SmallParts\TaperSetInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** Sizes the parts of any hub that are bought new, each by what is stamped or printed on it or by the instrument that serves its kind. */
final readonly class PartSizing
{
    public function __construct(private Limits $limits, private DesignationReader $reader = new DesignationReader())
    {
    }

    /** @return list<Part> of this hub that are sized here, those that matter most first */
    public function parts(Bench $bench): array
    {
        $parts = array_values(
            array_filter(
                $bench->hub->stack->line(),
                static fn (Part $p): bool => isset(PartSizeSteps::READ[$p->kind->value]) && ! ($bench->isPair() && $p->kind->isCartridge()),
            ),
        );
        $order = array_flip(array_keys(PartSizeSteps::READ));
        usort($parts, static fn (Part $a, Part $b): int => ($order[$a->kind->value] ?? 0) <=> ($order[$b->kind->value] ?? 0));

        return $parts;
    }

    /** @return list<PartFinding> of those of which something is known */
    public function findings(Bench $bench): array
    {
        return array_values(
            array_filter(array_map(fn (Part $part): ?PartFinding => $this->of($bench, $part)?->finding, $this->parts($bench))),
        );
    }

    /** What is known of a part; null while nothing is. */
    public function of(Bench $bench, Part $part): ?PartSized
    {
        $text = $bench->notebook->text(PlacesOf::sized($part->id));
        $read = fn (string $what): ?Reading => $bench->notebook->reading(PlacesOf::sizedBy($part->id, $what));
        try {
            return match ($part->kind) {
                PartKind::Seal => $this->found(
                    $part,
                    'Oil seal {found}',
                    $text !== null || $read('shaft') !== null || $read('bore') !== null
                        ? (new SealFinder($this->limits))->work(new SealInput($text, $read('shaft'), $read('bore'), $read('width')))
                        : null,
                    $text,
                ),
                PartKind::SnapRing => $this->found(
                    $part,
                    'Internal snap ring {found}',
                    $this->ring(RingSeat::Bore, $read('diameter'), $read('thickness')),
                    $text,
                ),
                PartKind::Clip => $this->found(
                    $part,
                    'External snap ring {found}',
                    $this->ring(RingSeat::Shaft, $read('diameter'), $read('thickness')),
                    $text,
                ),
                PartKind::Balls => $this->found($part, 'Balls {found}', $this->balls($bench->notebook, $part), $text),
                PartKind::ORing => $this->found(
                    $part,
                    'O-ring {found}',
                    $read('groove') === null
                        ? null
                        : (new ORingFinder($this->limits))->work(new ORingInput($read('groove'), $read('section'))),
                    $text,
                ),
                PartKind::CastleNut => $this->found(
                    $part,
                    '{found}',
                    $read('hole') === null
                        ? null
                        : (new SplitPinFinder($this->limits))->work(
                            new SplitPinInput($read('hole'), Length::mm(max(1.0, $part->mm('bore')))),
                        ),
                    $text,
                ),
                PartKind::TaperCone, PartKind::TaperCup => $this->taper($bench, $part, $text),
                PartKind::Bush, PartKind::Felt => $text === null
                    ? null
                    : PartSized::of($part->id, Message::listed([$part->kind->label(), Written::of($text)])),
                default => $this->bearing($bench, $part, $text),
            };
        } catch (InvalidInput) {
            return $text === null ? null : PartSized::of($part->id, Written::of($text));
        }
    }

    private function found(Part $part, string $as, ?PartFound $found, ?string $text): ?PartSized
    {
        if ($found === null) {
            return $text === null ? null : PartSized::of($part->id, Written::of($text));
        }

        return PartSized::of(
            $part->id,
            $found->askFor === null
                ? ($text === null
                    ? null
                    : Written::of($text))
                : Message::of('found', $as, ['found' => $found->askFor]),
            null,
            $found->candidates,
            $found->verdict,
        );
    }

    private function ring(RingSeat $seat, ?Reading $diameter, ?Reading $thickness): ?PartFound
    {
        return $diameter === null
            ? null
            : (new SnapRingFinder($this->limits))->work(new SnapRingInput($diameter, $seat, null, $thickness));
    }

    private function balls(Notebook $notebook, Part $part): ?PartFound
    {
        $balls = array_values(
            array_filter(
                array_map(
                    static fn (string $what): ?Length => $notebook->length(PlacesOf::sizedBy($part->id, $what)),
                    array_keys(PartSizeSteps::READ['balls']),
                ),
            ),
        );

        return $balls === []
            ? null
            : (new BallFinder($this->limits))->work(
                new BallInput(
                    array_map(static fn (Length $l): BallReading => new BallReading($l), $balls),
                    $notebook->reading(PlacesOf::sizedBy($part->id, 'ball_1'))->instrument ?? Instrument::DigitalCaliper,
                ),
            );
    }

    private function taper(Bench $bench, Part $part, ?string $text): ?PartSized
    {
        $other = $part->kind === PartKind::TaperCone ? PartKind::TaperCup : PartKind::TaperCone;
        $mate =
            array_values(array_filter($bench->hub->stack->ofKind($other), static fn (Part $p): bool => $p->side === $part->side))[0] ??
            null;
        $mateText = $mate === null ? null : $bench->notebook->text(PlacesOf::sized($mate->id));
        if ($text === null) {
            return null;
        }
        if ($mateText === null) {
            return $this->bearing($bench, $part, $text);
        }
        [$cone, $cup] = $part->kind === PartKind::TaperCone ? [$text, $mateText] : [$mateText, $text];
        $set = (new TaperSet())->work(new TaperSetInput($cone, $cup));

        return PartSized::of(
            $part->id,
            $set->set === null
                ? Written::of($text)
                : Message::of('taper.ask_for', 'Taper set {set}, cone and cup', ['set' => Written::of($set->set)]),
            $set->set,
            [],
            $set->verdict,
        );
    }

    /** By number, by sizes written out, or by the caliper. */
    private function bearing(Bench $bench, Part $part, ?string $text): ?PartSized
    {
        $sizes = $text === null ? [] : ThreeSizes::parts($text);
        if ($text !== null && $sizes === []) {
            $readings = $this->reader->readings($text);

            return PartSized::of(
                $part->id,
                CounterWords::of($readings[0]),
                $readings[0]->written(),
                [],
                NumberVerdict::of($readings),
                $part->kind->isCartridge() ? (new InThisHub())->judge($readings[0], HubConditions::of($bench)) : null,
            );
        }
        $read = fn (string $what, int $at): ?Reading => isset($sizes[$at])
            ? Reading::mm((new LengthText())->read($sizes[$at])->mm, Instrument::DigitalCaliper)
            : $bench->notebook->reading(PlacesOf::sizedBy($part->id, $what));
        [$bore, $outside, $width] = [$read('bore', 0), $read('outside', 1), $read('width', 2)];
        if ($bore === null && $outside === null && $width === null) {
            return null;
        }
        $result = (new BearingFromCaliper($this->limits))->work(
            new BearingFromCaliperInput(
                $bore,
                $outside,
                $width,
                RingState::tryFrom($bench->notebook->choice(PlacesOf::sizedBy($part->id, 'state')) ?? '') ?? RingState::Worn,
            ),
        );
        $candidates = array_map(
            static fn (CaliperCandidate $c): PartCandidate => new PartCandidate(
                $c->number,
                sprintf(
                    '%s × %s × %s mm',
                    PartRanking::mm((string) $c->bore->mm),
                    PartRanking::mm((string) $c->outside->mm),
                    PartRanking::mm((string) $c->width->mm),
                ),
                $c->system,
                $c->chiSquare,
                $c->probability,
            ),
            $result->candidates,
        );

        return PartSized::of(
            $part->id,
            $result->number === null ? null : CounterWords::of($this->reader->read($result->number.' 2RS')),
            $result->number === null ? null : $result->number.' 2RS',
            $candidates,
            $result->verdict,
        );
    }
}
