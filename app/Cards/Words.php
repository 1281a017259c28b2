<?php

declare(strict_types=1);

namespace App\Cards;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\LengthUnit;
use CleanRace\Core\Measure\QuantityText;
use CleanRace\Core\Measure\Unit;

/** Fills words and figures for paper, in the person's units. Works on what {@see \App\Shapes\Json} wrote, so that a signed card reads as it was signed. */
final readonly class Words
{
    private QuantityText $text;

    /** @param  string  $units what lengths are shown in, mm or in */
    public function __construct(string $units)
    {
        $this->text = new QuantityText(LengthUnit::tryFrom($units) ?? LengthUnit::Millimetre);
    }

    /** @param  array{text: string, values: mixed}  $message */
    public function say(array $message): string
    {
        $filled = [];
        foreach ((array) $message['values'] as $name => $value) {
            /** @var array{value: float|int, unit: string, digits: int}|string|int $value */
            $filled['{'.$name.'}'] = is_array($value) ? $this->quantity($value) : (string) $value;
        }

        return strtr($message['text'], $filled);
    }

    /** @param  array{value: float|int, unit: string, digits: int}  $quantity */
    public function quantity(array $quantity): string
    {
        return $this->text->write((float) $quantity['value'], Unit::from($quantity['unit']), $quantity['digits']);
    }

    public function mm(float $mm): string
    {
        return $this->text->of(Length::mm($mm));
    }
}
