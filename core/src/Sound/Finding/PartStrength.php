<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

/** How clearly one part of a bearing stands out: in all, in what does not repeat each turn, and, for a ball, smeared by its tumbling. */
final readonly class PartStrength
{
    private const OFF_WHOLE = 1.2;

    private const SUPPORT = 3.0;

    private const SMEARED_SUPPORT = 2.0;

    /**
     * @param  float  $order where it speaks, times a turn
     * @param  float  $all spreads above chance, in the whole
     * @param  float  $rest the same in what does not come at the same place each turn
     * @param  float  $smeared the same of a ball, whose spot wanders over its track
     */
    public function __construct(
        public Heard $part,
        public float $order,
        public float $all,
        public float $rest,
        public ?float $smeared = null,
    ) {
    }

    /** @param  bool  $once whether something else comes once a turn, whose multiples may stand where this part does */
    public function clear(bool $once, float $turns): float
    {
        $off = abs($this->order - round($this->order)) * $turns > self::OFF_WHOLE;
        if ($once) {
            // Near a whole order, what a rub leaves over when its turns differ looks the same.
            $clear = $off ? $this->rest : $this->rest - self::SUPPORT;

            return $this->smeared === null ? $clear : min($clear, $this->smeared + self::SMEARED_SUPPORT);
        }
        // Away from whole orders nothing of it is lost with what repeats each turn: there, both must show it.
        $clear = $off ? min($this->all, $this->rest + self::SUPPORT) : $this->all;

        return $this->smeared === null ? $clear : max($clear, $this->smeared);
    }
}
