<?php

declare(strict_types=1);

namespace App\Cards;

/** Fills words and figures for paper, in the person's units. Works on what {@see \App\Shapes\Json} wrote, so that a signed card reads as it was signed. */
final readonly class Words
{
    private const MM_PER_INCH = 25.4;

    private const SYMBOLS = ['mm' => ' mm', 'deg' => '°', 'n' => ' N', 'nm' => ' N·m', 'c' => ' °C', 'k' => ' K', 'mpa' => ' MPa', 'share' => ' %', 'count' => ''];

    public function __construct(private string $units)
    {
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
        if ($quantity['unit'] === 'mm' && $this->units === 'in') {
            return number_format($quantity['value'] / self::MM_PER_INCH, $quantity['digits'] >= 3 ? 4 : 3, '.', '').' in';
        }
        $value = $quantity['unit'] === 'share' ? 100 * $quantity['value'] : $quantity['value'];

        return number_format($value, $quantity['digits'], '.', '').self::SYMBOLS[$quantity['unit']];
    }

    public function mm(float $mm): string
    {
        return $this->quantity(['value' => $mm, 'unit' => 'mm', 'digits' => 2]);
    }
}
