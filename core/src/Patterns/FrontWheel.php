<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Verdict\Message;

/** A bicycle hub of some kind in a wheel that drives nothing: no freehub, no chain line, and sides called by other words. */
final readonly class FrontWheel implements Pattern
{
    public const NO = 'front';

    private const DRIVEN = 'Sprocket side';

    /** What is measured and fastened only where a chain drives. */
    private const ONLY_DRIVEN = ['chain_line', 'spacers_right', 'cassette'];

    private function __construct(private Pattern $driven)
    {
    }

    /** The same pattern as it stands in this wheel. */
    public static function of(Pattern $pattern, Notebook $notebook): Pattern
    {
        return $notebook->choice(Places::DRIVEN) === self::NO && self::mayBe($pattern) ? new self($pattern) : $pattern;
    }

    /** Whether such a hub is built for wheels that drive, and for others that do not. */
    public static function mayBe(Pattern $pattern): bool
    {
        $card = $pattern->card();

        return $card->role === HubRole::Wheel && $card->machine === MachineKind::Bicycle && $card->right === self::DRIVEN;
    }

    public function id(): string
    {
        return $this->driven->id();
    }

    public function card(): PatternCard
    {
        $card = $this->driven->card();
        $called = $this->sides();

        return $card->inFront(
            $this->said($card->name),
            $called[0] ?? $card->left,
            $called[1],
            array_map($this->said(...), $card->cautions),
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        return Stack::of(
            ...array_map(
                fn (Part $p): ?Part => $p->kind === PartKind::Freehub
                    ? null
                    : $p->named($p->id, $this->said(Message::plain($p->name)->inEnglish())),
                $this->driven->stack($notebook)->parts,
            ),
        );
    }

    public function capture(): array
    {
        $only = array_map(PlacesOf::check(...), self::ONLY_DRIVEN);

        return array_values(
            array_map(
                fn (Ask $a): Ask => $a->called($this->said(Message::plain($a->label)->inEnglish())),
                array_filter($this->driven->capture(), static fn (Ask $a): bool => ! in_array($a->place, $only, true)),
            ),
        );
    }

    public function moves(Stack $stack, Side $first): array
    {
        return array_map(fn (Move $m): Move => $m->saying(array_map($this->said(...), $m->words)), $this->driven->moves($stack, $first));
    }

    public function firstSide(Notebook $notebook): Side
    {
        return $this->driven->firstSide($notebook);
    }

    public function firstSideReason(Notebook $notebook): string
    {
        return 'Nothing drives this wheel: either side may go first. This one does, to the depth that it had before.';
    }

    public function assembly(Side $first): array
    {
        return array_map(fn (Put $p): Put => $p->saying(array_map($this->said(...), $p->words)), $this->driven->assembly($first));
    }

    public function fasteners(): array
    {
        return array_values(
            array_map(
                fn (Fastener $f): Fastener => $f->called($this->said($f->name)),
                array_filter($this->driven->fasteners(), static fn (Fastener $f): bool => ! in_array($f->id, self::ONLY_DRIVEN, true)),
            ),
        );
    }

    /** @return array{?string, string} what its ends are called: the first as it was where that says more than that nothing drives there */
    private function sides(): array
    {
        return $this->driven->card()->left === 'Plain side' ? ['Left', 'Right'] : [null, 'Plain side'];
    }

    /** The same in words of a wheel with no sprockets. */
    private function said(string $words): string
    {
        $both = $this->sides()[0] !== null;

        return strtr(
            $words,
            $both
                ? [
                    'Sprocket-side' => 'Right',
                    'Plain-side' => 'Left',
                    'Sprocket side' => 'Right side',
                    'Plain side' => 'Left side',
                    'sprocket-side' => 'right',
                    'plain-side' => 'left',
                    'sprocket side' => 'right side',
                    'plain side' => 'left side',
                ]
                : [
                    'Sprocket-side' => 'Plain-side',
                    'Sprocket side' => 'Plain side',
                    'sprocket-side' => 'plain-side',
                    'sprocket side' => 'plain side',
                    'Two cartridges, axle and freehub as one' => 'Two cartridges on a tube axle',
                    'Pull axle and freehub out as one' => 'Pull the axle out',
                    'Over cap and freehub end' => 'Over cap and axle end',
                    'Hold the axle from the freehub side' => 'Hold the axle from its other end',
                    '; turn backward to free the pawls' => '',
                ],
        );
    }
}
