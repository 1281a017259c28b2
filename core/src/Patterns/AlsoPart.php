<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Lane;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Hub\UsualPart;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Tables\Table;

/** A part that some hubs of a kind have and others lack: it is there once somebody says so. {@see also_parts.csv} */
final readonly class AlsoPart
{
    /**
     * @param  list<string>  $after ids of the part that it lies behind, the first of them that is there; none for the left end
     * @param  ?string  $before id of the part before which it goes in; null when it goes in last
     * @param  bool  $closed whether it is a cap with no hole: nothing comes out past it
     */
    private function __construct(
        public string $id,
        public PartKind $kind,
        public Side $side,
        public string $name,
        private array $after,
        public ?string $before,
        private bool $closed,
    ) {
    }

    /** @return list<self> that a hub of this kind may have besides, in the order in which they go in */
    public static function possible(Pattern $pattern): array
    {
        $card = $pattern->card();
        $rows = array_filter(
            Table::rows('also_parts'),
            static fn (array $row): bool => $row['pattern'] === $pattern->id() && ($card->drives || $row['driven'] === '0'),
        );

        return array_map(
            static fn (array $row): self => new self(
                $row['id'],
                PartKind::from($row['kind']),
                Side::from($row['side']),
                strtr($row['name'], ['{side}' => lcfirst($card->sideName(Side::from($row['side'])))]),
                array_values(array_filter(explode('|', $row['after']))),
                $row['before'] === '' ? null : $row['before'],
                $row['closed'] === '1',
            ),
            array_values($rows),
        );
    }

    /** @return list<self> that this hub has, as somebody said */
    public static function there(Pattern $pattern, Notebook $notebook): array
    {
        $said = $notebook->choices(Places::ALSO);

        if ($said === []) {
            return [];
        }

        return array_values(array_filter(self::possible($pattern), static fn (self $one): bool => in_array($one->id, $said, true)));
    }

    /** The usual parts of such a hub with what this one has besides, each at its place along the axle. */
    public static function onto(Stack $stack, Pattern $pattern, Notebook $notebook): Stack
    {
        return self::with($stack, self::there($pattern, $notebook));
    }

    /** The usual parts of such a hub with all that one may have besides. */
    public static function all(Stack $stack, Pattern $pattern): Stack
    {
        return self::with($stack, self::possible($pattern));
    }

    /** @param  list<self>  $also */
    private static function with(Stack $stack, array $also): Stack
    {
        foreach ($also as $one) {
            if ($stack->find($one->id) !== null) {
                continue;
            }
            $behind = array_values(array_filter(array_map($stack->find(...), $one->after)))[0] ?? null;
            $beside = $behind ?? $stack->line()[0] ?? null;
            $sizes = array_map(
                static fn ($length): float => $length->mm,
                UsualPart::besides($stack, $one->kind, $beside)->sizes,
            );
            if ($one->closed) {
                unset($sizes['bore']);
            }
            // At the left end it stands before all that has a place in the line.
            $at = $behind === null ? self::start($stack) : 1 + (int) array_search($behind, $stack->parts, true);
            $part = Part::of($one->kind, $one->side, $one->name, $sizes, id: $one->id);
            $stack = $stack->inserted($part, $at);
            $axle = $stack->one(PartKind::Axle);
            // A hub that carries more has an axle that is longer by it.
            if ($axle !== null && $part->kind->lane() === Lane::Axle) {
                $stack = $stack->with($axle->resized('length', Length::mm($axle->mm('length') + $part->along())));
            }
        }

        return $stack;
    }

    private static function start(Stack $stack): int
    {
        $first = $stack->line()[0] ?? null;

        return $first === null ? count($stack->parts) : (int) array_search($first, $stack->parts, true);
    }
}
