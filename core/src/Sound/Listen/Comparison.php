<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Listen;

use CleanRace\Core\Sound\Finding\Heard;
use CleanRace\Core\Sound\Finding\HeardWheel;
use CleanRace\Core\Sound\Finding\Reasons;
use CleanRace\Core\Sound\Hearing\Levels;
use CleanRace\Core\Sound\Signal\Middle;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** A wheel after the work against the same wheel before it: by the same device at the same place, at speeds that both have. */
final readonly class Comparison
{
    /**
     * @param  ?float  $levelDb how much louder it is now; null where no speed is in both
     * @param  ?float  $atTurnsPerS at which speed
     * @param  list<Message>  $words
     */
    private function __construct(public ?float $levelDb, public ?float $atTurnsPerS, public array $words)
    {
    }

    public static function of(HeardWheel $before, HeardWheel $now, Limits $limits): self
    {
        [$then, $here] = [$before->turns?->hearing->levels, $now->turns?->hearing->levels];
        $speed = $then === null || $here === null ? null : self::common($then, $here);
        $louder = null;
        if ($then !== null && $here !== null && $speed !== null) {
            $differs = [];
            for ($band = 0; $band < min(count($then->bands), count($here->bands)); $band++) {
                $differs[] = $here->at($band, $speed) - $then->at($band, $speed);
            }
            $louder = round(Middle::of($differs), 1);
        }
        $words = [
            ...self::level($louder, $limits->get('sound.same_level')),
            ...self::finding($before->judgement->finding, $now->judgement->finding),
        ];

        return new self($louder, $speed === null ? null : round($speed, 2), $words);
    }

    /** In the middle of the speeds that both have. */
    private static function common(Levels $one, Levels $other): ?float
    {
        [$low, $high] = [max($one->speeds[0], $other->speeds[0]), min($one->speeds[1], $other->speeds[1])];

        return $low < $high ? sqrt($low * $high) : null;
    }

    /** @return non-empty-list<Message> */
    private static function level(?float $louder, float $same): array
    {
        if ($louder === null) {
            return [Message::of('sound.no_speed', 'How loud they are cannot be compared: no speed is known that both have.')];
        }
        $words = ['by' => Written::of(sprintf('%.0f', abs($louder)))];

        return [match (true) {
            abs($louder) < $same => Message::of('sound.as_loud', 'About as loud as before.'),
            $louder < 0 => Message::of('sound.quieter', 'Quieter than before, by {by} dB.', $words),
            default => Message::of('sound.louder', 'Louder than before, by {by} dB. The same place, the same device?', $words),
        }];
    }

    /** @return list<Message> */
    private static function finding(Heard $before, Heard $now): array
    {
        if ($before === $now) {
            return $now->isPart()
                ? [Message::of('sound.still', 'The {part} is still heard.', ['part' => Reasons::called($now)])]
                : [Message::of('sound.no_other', 'It tells the same as before.')];
        }

        return match (true) {
            $before->isPart() && $now === Heard::Quiet => [
                Message::of('sound.gone', 'The {part} that was heard before is no longer.', ['part' => Reasons::called($before)]),
            ],
            $now->isPart() => [Message::of('sound.new', 'The {part} is heard now, and was not before.', ['part' => Reasons::called($now)])],
            $before === Heard::Rub && $now === Heard::Quiet => [Message::of('sound.rub_gone', 'What came once a turn is gone.')],
            $before === Heard::Dry && $now === Heard::Quiet => [Message::of('sound.dry_gone', 'The crackle is gone.')],
            default => [],
        };
    }
}
