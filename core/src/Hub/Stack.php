<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;

/** The parts of a hub in their order along the axle, left to right. Never changed: every edit gives another stack. */
final readonly class Stack
{
    /** More parts than any hub here has. */
    private const MOST_PARTS = 60;

    /** @param  list<Part>  $parts */
    private function __construct(public array $parts)
    {
    }

    /** Parts in their order along the axle; what is null is left out. */
    public static function of(?Part ...$parts): self
    {
        return new self(array_values(array_filter($parts)));
    }

    /** The part of that id; null when there is none. */
    public function find(string $id): ?Part
    {
        foreach ($this->parts as $part) {
            if ($part->id === $id) {
                return $part;
            }
        }

        return null;
    }

    /** @throws InvalidInput when there is no such part */
    public function get(string $id): Part
    {
        return $this->find($id) ?? throw InvalidInput::about('part', 'There is no such part in this hub.');
    }

    /** @return list<Part> the parts that stand one after the other: all but axle, housing and what is made round a bearing */
    public function line(): array
    {
        return array_values(
            array_filter($this->parts, static fn (Part $p): bool => ! in_array($p->kind->lane(), [Lane::Across, Lane::Around], true)),
        );
    }

    /** @return list<Part> what is made round a bearing, or inside one */
    public function around(): array
    {
        return array_values(array_filter($this->parts, static fn (Part $p): bool => $p->kind->lane() === Lane::Around));
    }

    /** The ring that was made round a bearing; null when it sits in the housing itself. */
    public function ringRound(Part $bearing): ?Part
    {
        return $this->madeFor($bearing, PartKind::SeatRing);
    }

    /** The bush that was made between a bearing and the axle; null when the axle fills its bore. */
    public function bushIn(Part $bearing): ?Part
    {
        return $this->madeFor($bearing, PartKind::AxleBush);
    }

    private function madeFor(Part $bearing, PartKind $kind): ?Part
    {
        foreach ($this->ofKind($kind) as $made) {
            if ($this->inside($made)?->id === $bearing->id) {
                return $made;
            }
        }

        return null;
    }

    /** The bearing that such a part is made round: the first of its side. */
    public function inside(Part $made): ?Part
    {
        return array_values(array_filter($this->cartridges(), static fn (Part $p): bool => $p->side === $made->side))[0] ?? null;
    }

    /** @return list<Part> */
    public function ofKind(PartKind ...$kinds): array
    {
        return array_values(array_filter($this->parts, static fn (Part $p): bool => in_array($p->kind, $kinds, true)));
    }

    /** The first part of that kind; null when there is none. */
    public function one(PartKind $kind): ?Part
    {
        return $this->ofKind($kind)[0] ?? null;
    }

    /** @return list<Part> bearings that come as one piece */
    public function cartridges(): array
    {
        return array_values(array_filter($this->parts, static fn (Part $p): bool => $p->kind->isCartridge()));
    }

    /** The same with a part changed, at its place. */
    public function with(Part $changed): self
    {
        return new self(array_map(static fn (Part $p): Part => $p->id === $changed->id ? $changed : $p, $this->parts));
    }

    /** @throws InvalidInput when the hub is full, or has a part of that id */
    public function inserted(Part $part, int $at): self
    {
        if (count($this->parts) >= self::MOST_PARTS) {
            throw InvalidInput::about('part', sprintf('A hub here has at most %d parts.', self::MOST_PARTS));
        }
        $parts = $this->parts;
        array_splice($parts, max(0, min($at, count($parts))), 0, [$part->named($this->freeId($part->id), $part->name)]);

        return new self($parts);
    }

    /** The same without a part. */
    public function without(string $id): self
    {
        $this->get($id);

        return new self(array_values(array_filter($this->parts, static fn (Part $p): bool => $p->id !== $id)));
    }

    /** Moved past so many parts of the line, to the right when positive. */
    public function moved(string $id, int $by): self
    {
        $moving = $this->get($id);
        if ($moving->kind->lane() === Lane::Across) {
            throw InvalidInput::about('part', 'Axle and housing run along the whole hub: they have no place in the order.');
        }
        if ($moving->kind->lane() === Lane::Around) {
            throw InvalidInput::about('part', 'It lies with its bearing: move that.');
        }
        $line = $this->line();
        $from = (int) array_search($moving, $line, true);
        array_splice($line, $from, 1);
        array_splice($line, max(0, min($from + $by, count($line))), 0, [$moving]);
        $across = array_values(array_filter($this->parts, static fn (Part $p): bool => $p->kind->lane() === Lane::Across));

        return (new self([...$across, ...$line, ...$this->around()]))->onItsSide($moving);
    }

    /** A snap ring that was moved past the bearings holds them from the other side. */
    private function onItsSide(Part $ring): self
    {
        $held = array_filter($this->line(), static fn (Part $p): bool => $p->kind->isCartridge());
        if ($ring->kind !== PartKind::SnapRing || $held === []) {
            return $this;
        }
        $at = array_search($ring, $this->line(), true);

        return match (true) {
            $at < array_key_first($held) => $this->with($ring->on(Side::Left)),
            $at > array_key_last($held) => $this->with($ring->on(Side::Right)),
            default => $this,
        };
    }

    /** The same with one more of a part beside it, under an id of its own. */
    public function duplicated(string $id): self
    {
        $part = $this->get($id);

        return $this->inserted($part, 1 + (int) array_search($part, $this->parts, true));
    }

    /** All that stands on the axle between its first and its last part, in mm. */
    public function length(): Length
    {
        $layout = Layout::of($this);

        return Length::mm($layout->axleTo - $layout->axleFrom);
    }

    private function freeId(string $wanted): string
    {
        $stem = preg_replace('/_\d+$/', '', $wanted) ?? $wanted;
        for ($n = 2, $id = $wanted; $this->find($id) !== null; $n++) {
            $id = $stem.'_'.$n;
        }

        return $id;
    }
}
