<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;

/** One part of a hub, in its order along the axle. */
final readonly class Part
{
    /**
     * @param  array<string, Length>  $sizes by the names its kind gives them
     * @param  string  $way the way round it lies; empty when it has none
     * @param  string  $form a shape of its kind, as the drawing knows them; empty for the plain one
     */
    private function __construct(
        public string $id,
        public PartKind $kind,
        public Side $side,
        public string $name,
        public array $sizes,
        public string $way,
        public string $form,
    ) {
    }

    /** @param  array<string, float|int>  $mm sizes by name, in mm */
    public static function of(PartKind $kind, Side $side, string $name, array $mm, string $form = '', ?string $id = null): self
    {
        return new self(
            $id ?? ($side === Side::Middle ? $kind->value : $kind->value.'_'.$side->value),
            $kind,
            $side,
            $name,
            array_map(Length::mm(...), $mm),
            (string) array_key_first($kind->ways()),
            $form,
        );
    }

    /** A size in mm; zero when it has none of that name. */
    public function mm(string $size): float
    {
        return $this->sizes[$size]->mm ?? 0.0;
    }

    /** How much it takes up along the axle, in mm. */
    public function along(): float
    {
        return $this->mm($this->kind->alongSize());
    }

    /** @throws InvalidInput when such a part has no such size, or it cannot be that small */
    public function resized(string $size, Length $length): self
    {
        if (! in_array($size, [...$this->kind->sizes(), ...$this->kind->otherSizes()], true)) {
            throw InvalidInput::about('size', sprintf('%s: it has no %s.', $this->kind->label(), str_replace('_', ' ', $size)));
        }
        if ($length->mm <= 0 && in_array($size, $this->kind->sizes(), true)) {
            throw InvalidInput::about('size', 'A size must be more than zero.');
        }

        return new self($this->id, $this->kind, $this->side, $this->name, [...$this->sizes, $size => $length], $this->way, $this->form);
    }

    /** The same the other way round: the next of the ways it may lie. */
    public function flipped(): self
    {
        $ways = array_keys($this->kind->ways());
        $next = $ways === [] ? '' : $ways[((int) array_search($this->way, $ways, true) + 1) % count($ways)];

        return new self($this->id, $this->kind, $this->side, $this->name, $this->sizes, $next, $this->form);
    }

    /** The same on that side. */
    public function on(Side $side): self
    {
        return new self($this->id, $this->kind, $side, $this->name, $this->sizes, $this->way, $this->form);
    }

    /** The same under another id and name. */
    public function named(string $id, string $name): self
    {
        return new self($id, $this->kind, $this->side, $name, $this->sizes, $this->way, $this->form);
    }
}
