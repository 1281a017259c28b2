<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue\Number;

use CleanRace\Core\Catalogue\BearingKind;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** A bearing in the words a counter understands: number, seals, clearance, what else matters, sizes. */
final class CounterWords
{
    private const SEALS = [
        'contact_both' => 'contact seal on both sides',
        'contact_one' => 'contact seal on one side',
        'contact_unclear' => 'say whether one seal or two',
        'lowfriction_both' => 'non-contact seal on both sides',
        'lowfriction_one' => 'non-contact seal on one side',
        'shield_both' => 'shield on both sides',
        'shield_one' => 'shield on one side',
    ];

    private const SPECIALS = [
        'ring_groove_with_ring' => 'with its snap ring',
        'ring_groove' => 'with a snap-ring groove',
        'flange' => 'flanged',
        'full_complement' => 'no cage, full of balls',
        'stainless' => 'stainless',
        'hybrid' => 'ceramic balls',
        'pair' => 'one of a pair',
    ];

    /** Number, seals, clearance and sizes in mm, as somebody says them at a counter. */
    public static function of(Designation $bearing): Message
    {
        $words = [Written::of($bearing->number)];
        if ($bearing->kind === BearingKind::Taper) {
            $words[] = match ($bearing->piece) {
                null => 'cone and cup',
                'cone' => 'cone alone',
                default => 'cup alone',
            };
        } elseif ($bearing->kind !== BearingKind::HubUnit) {
            $words[] = self::first(self::SEALS, $bearing) ?? ($bearing->seals() === 2 ? self::SEALS['contact_both'] : 'open');
        }
        foreach (self::SPECIALS as $family => $said) {
            if ($bearing->has($family)) {
                $words[] = $said;
            }
        }
        if ($bearing->clearance() !== 'CN') {
            $words[] = Message::of('counter.clearance', 'clearance {class}', ['class' => Written::of($bearing->clearance())]);
        }
        if ($bearing->size !== null) {
            $words[] = Written::of($bearing->size->sizes($bearing->isClosed()));
        }

        return Message::listed($words);
    }

    /** @param  array<string, string>  $said by family of signs */
    private static function first(array $said, Designation $bearing): ?string
    {
        foreach ($said as $family => $words) {
            if ($bearing->has($family)) {
                return $words;
            }
        }

        return null;
    }
}
