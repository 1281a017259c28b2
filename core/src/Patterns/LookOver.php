<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Tables\Table;

/** What is not of the hub, and is looked over while the machine is here. {@see look_over.csv} */
final readonly class LookOver
{
    /**
     * @param  string  $look what is looked for
     */
    private function __construct(public string $name, public string $label, public string $look)
    {
    }

    /** @return list<self> that such a machine may have */
    public static function possible(Pattern $pattern): array
    {
        $card = $pattern->card();
        $fasteners = array_map(static fn (Fastener $f): string => $f->id, $pattern->fasteners());
        $rows = array_filter(
            Table::rows('look_over'),
            static fn (array $row): bool => in_array($card->role->value, explode('|', $row['roles']), true) &&
                in_array($card->machine->value, explode('|', $row['machines']), true) &&
                ($row['with'] === '' || in_array($row['with'], $fasteners, true)) &&
                ($card->drives || $row['driven'] === '0'),
        );

        return array_map(static fn (array $row): self => new self($row['name'], $row['label'], $row['look']), array_values($rows));
    }

    /** Where it is judged. */
    public function place(): string
    {
        return PlacesOf::lookedOver($this->name);
    }
}
