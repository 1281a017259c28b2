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

    /** Words of a hub with a plain side, where neither side has sprockets. */
    public const LEFT_RIGHT = [
        'Sprocket-side' => 'Right',
        'Plain-side' => 'Left',
        'Sprocket side' => 'Right side',
        'Plain side' => 'Left side',
        'sprocket-side' => 'right',
        'plain-side' => 'left',
        'sprocket side' => 'right side',
        'plain side' => 'left side',
    ];

    /** Words of a hub whose other side is told apart all the same. */
    public const PLAIN = [
        'Sprocket-side' => 'Plain-side',
        'Sprocket side' => 'Plain side',
        'sprocket-side' => 'plain-side',
        'sprocket side' => 'plain side',
    ];

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

    /** Whether such a hub is built for wheels that drive, and for others that do not: then its card has words for both. */
    public static function mayBe(Pattern $pattern): bool
    {
        return $pattern->card()->drives && $pattern->card()->front !== [];
    }

    public function id(): string
    {
        return $this->driven->id();
    }

    public function card(): PatternCard
    {
        $card = $this->driven->card();

        return $card->inFront(
            $this->said($card->name),
            $this->said($card->left),
            $this->said($card->right),
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

    /** The same in words of a wheel with no sprockets. */
    private function said(string $words): string
    {
        return strtr($words, $this->driven->card()->front);
    }
}
