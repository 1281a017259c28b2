<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

/** What a column of a price list may hold. */
enum PriceColumn: string
{
    case Article = 'article';
    case Description = 'description';
    case Price = 'price';
    case Pack = 'pack';
    case Stock = 'stock';
    case Days = 'days';

    /** Words by which lists head such a column. */
    public function pattern(): string
    {
        return match ($this) {
            self::Article => '/^(art(icle|ikel)?|item|part|number|no|nr|code|sku|ref|designation)\b/i',
            self::Description => '/^(desc|name|text|title|bezeichnung|benennung)/i',
            self::Price => '/^(net )?(price|preis|pris|cost|each|amount|unit price)/i',
            self::Pack => '/^(pack|per|unit|qty per|price per|pe\b)/i',
            self::Stock => '/^(stock|available|on hand|qty|quantity|bestand|lager)/i',
            self::Days => '/^(days|delivery|lead|lieferzeit)/i',
        };
    }

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Article => 'Article number',
            self::Description => 'Description',
            self::Price => 'Price',
            self::Pack => 'Pieces that price is for',
            self::Stock => 'In stock',
            self::Days => 'Days to deliver',
        };
    }

    /** Whether a list without it is no price list. */
    public function isNeeded(): bool
    {
        return $this === self::Article || $this === self::Price;
    }
}
