<?php

declare(strict_types=1);

namespace App\Cards;

use App\Shapes\Json;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\LengthUnit;
use CleanRace\Core\Measure\QuantityText;
use CleanRace\Core\Measure\Unit;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/**
 * Fills words and figures for paper, in the person's units and the language of the shop. Works on what
 * {@see \App\Shapes\Json} wrote, so that a signed card reads as it was signed.
 */
final readonly class Words
{
    private QuantityText $text;

    /** @param  string  $units what lengths are shown in, mm or in */
    public function __construct(string $units, private Language $language)
    {
        $this->text = new QuantityText(LengthUnit::tryFrom($units) ?? LengthUnit::Millimetre);
    }

    /** @param  array{text: string, values: mixed}|string  $words a message, or words that are whole as they stand */
    public function say(array|string $words): string
    {
        if (is_string($words)) {
            return $this->language->of($words);
        }
        $filled = [];
        foreach ((array) $words['values'] as $name => $value) {
            /** @var array{value: float|int, unit: string, digits: int}|array{text: string, values: mixed}|string|int $value */
            $filled['{'.$name.'}'] = match (true) {
                ! is_array($value) => (string) $value,
                isset($value['text']) => $this->say($value),
                default => $this->quantity($value),
            };
        }

        return strtr($this->language->of($words['text']), $filled);
    }

    /** Words of the program that were not written as JSON. */
    public function of(Message|Written|string $words): string
    {
        /** @var array{text: string, values: mixed}|string $written */
        $written = json_decode((string) json_encode(Json::of($words)), true);

        return $this->say($written);
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
