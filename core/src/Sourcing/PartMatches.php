<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\TrayItem;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Message;

/** The match check of every part that is bought new: what the hub knows of the old one beside what the new one measures. */
final readonly class PartMatches
{
    /** @return list<Step> one for each part on the tray that another comes for */
    public function steps(Bench $bench): array
    {
        return array_map(
            fn (Part $part): Step => Step::of(
                'source.match.'.$part->id,
                'Match: {part}',
                'Old beside new, before anything is pressed.',
                ['part' => Message::within($part->name)],
            )
                ->with(
                    part: $part->id,
                    find: in_array($part->kind, [PartKind::TaperCone, PartKind::TaperCup], true)
                        ? 'Cone and cup tried together: the rollers lie flat all round.'
                        : ($part->kind === PartKind::Seal
                            ? 'The lip tried on the shaft.'
                            : null),
                )
                ->on(Panel::Match)
                ->asking(...$this->asks($part))
                ->judged($this->compare($bench, $part)?->verdict)
                ->advice()
                ->optional(),
            $this->parts($bench),
        );
    }

    /** @return list<PartMatch> */
    public function matches(Bench $bench): array
    {
        return array_values(
            array_filter(
                array_map(function (Part $part) use ($bench): ?PartMatch {
                    $result = $this->compare($bench, $part);

                    return $result === null ? null : new PartMatch($part->id, $result->compared);
                }, $this->parts($bench)),
            ),
        );
    }

    /** @return list<Part> */
    private function parts(Bench $bench): array
    {
        $parts = array_map(
            static fn (TrayItem $item): ?Part => $item->condition === 'replace' ? $bench->hub->stack->find($item->part) : null,
            $bench->tray->items,
        );

        return array_values(
            array_filter(
                $parts,
                static fn (?Part $p): bool => $p !== null &&
                    ! ($bench->isPair() && $p->kind === PartKind::Bearing) &&
                    MatchPart::sizes($p->kind) !== [],
            ),
        );
    }

    /** @return list<Ask> of the new one, and of the old where nobody told its size */
    private function asks(Part $part): array
    {
        $asks = [];
        foreach (MatchPart::sizes($part->kind) as $row) {
            foreach ($this->known($part, $row['what']) === null ? ['old', 'new'] : ['new'] as $which) {
                $label = Message::of('match.asked', $which === 'old' ? '{size}, old' : '{size}, new', [
                    'size' => Message::plain($row['label']),
                ]);
                $at = self::place($part, $which, $row['what']);
                $asks[] = $row['words'] === '1' ? Ask::text($at, $label, wanted: false) : Ask::length($at, $label, wanted: false);
            }
        }

        return $asks;
    }

    private function compare(Bench $bench, Part $part): ?MatchCheckResult
    {
        $sizes = [];
        foreach (MatchPart::sizes($part->kind) as $row) {
            $old = $this->said($bench, self::place($part, 'old', $row['what'])) ?? $this->known($part, $row['what']);
            $new = $this->said($bench, self::place($part, 'new', $row['what']));
            if ($old !== null && $new !== null) {
                $sizes[] = new NamedSize($row['what'], $old, $new);
            }
        }
        try {
            return $sizes === [] ? null : (new MatchPart())->work(new MatchPartInput($part->kind, $sizes));
        } catch (InvalidInput) {
            return null;
        }
    }

    /** A size of the old one that the hub knows. What cones measure nobody reads off a drawing: theirs are always asked. */
    private function known(Part $part, string $what): ?string
    {
        return $part->kind === PartKind::Cone || ! isset($part->sizes[$what]) ? null : (string) round($part->mm($what), 3);
    }

    private function said(Bench $bench, string $place): ?string
    {
        $length = $bench->notebook->length($place);

        return $length === null ? $bench->notebook->text($place) : (string) round($length->mm, 3);
    }

    private static function place(Part $part, string $which, string $what): string
    {
        return PlacesOf::matched($part->id, $which, $what);
    }
}
