<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Verdict\Message;

/** Where each part of a hub is, as the notebook says. */
final readonly class Tray
{
    /** @param  list<TrayItem>  $items in the order along the axle */
    private function __construct(public array $items)
    {
    }

    /** Every part of the stack but the housing, as the notebook says where it is. */
    public static function of(Stack $stack, Notebook $notebook): self
    {
        return new self(
            array_map(static function (Part $part) use ($notebook): TrayItem {
                $entry = $notebook->value(PlacesOf::part($part->id)) ?? [];
                $list = static fn (string $key): array => array_values(array_filter((array) ($entry[$key] ?? []), is_string(...)));
                $text = static fn (string $key): ?string => is_string($entry[$key] ?? null) ? $entry[$key] : null;

                return new TrayItem(
                    $part->id,
                    $part->kind,
                    $part->name,
                    $part->side,
                    PartState::tryFrom($text('state') ?? '') ?? PartState::InPlace,
                    $text('condition'),
                    $text('way_round') === null ? null : $part->kind->wayRound((string) $text('way_round')),
                    is_int($entry['order'] ?? null) ? $entry['order'] : null,
                    // One photo a part was all there was, once.
                    [...$list('photos'), ...array_filter([$text('photo')])],
                    array_values(
                        array_map(
                            static fn (Finding $f): Message|string => $f->label,
                            array_filter(
                                Finding::of($part->kind),
                                static fn (Finding $f): bool => in_array($f->value, $list('findings'), true),
                            ),
                        ),
                    ),
                    $text('note'),
                    $text('reason'),
                    ($entry['new'] ?? false) === true,
                );
            }, array_values(array_filter($stack->parts, static fn (Part $p): bool => $p->kind !== PartKind::Housing))),
        );
    }

    /** Where a part is; in its place when nothing was said of it. */
    public function state(string $part): PartState
    {
        return $this->find($part)->state ?? PartState::InPlace;
    }

    /** What is known of a part; null when the hub has none such. */
    public function find(string $part): ?TrayItem
    {
        foreach ($this->items as $item) {
            if ($item->part === $part) {
                return $item;
            }
        }

        return null;
    }

    /** @return list<TrayItem> what still lies there */
    public function left(): array
    {
        return array_values(array_filter($this->items, static fn (TrayItem $item): bool => $item->state === PartState::OnTray));
    }
}
