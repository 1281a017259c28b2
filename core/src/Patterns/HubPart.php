<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Lane;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartSize;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;

/** One part as the editor of a hub shows it. */
final readonly class HubPart
{
    /** @param  list<PartSize>  $sizes */
    private function __construct(
        public string $part,
        public PartKind $kind,
        public Message|string $kindName,
        public Message|string $name,
        public Side $side,
        public bool $inLine,
        public Message|string $way,
        public array $sizes,
    ) {
    }

    /** The part as the editor shows it, sizes in mm. */
    public static function of(Part $part): self
    {
        $named = static fn (string $size): PartSize => new PartSize(
            $size,
            str_replace('_', ' ', $size),
            $part->sizes[$size] ?? Length::mm(0),
        );
        $shown = [
            ...$part->kind->sizes(),
            ...array_filter($part->kind->otherSizes(), static fn (string $s): bool => isset($part->sizes[$s])),
        ];

        return new self(
            $part->id,
            $part->kind,
            $part->kind->label(),
            $part->name,
            $part->side,
            $part->kind->lane() !== Lane::Across,
            $part->way,
            array_map($named, $shown),
        );
    }
}
