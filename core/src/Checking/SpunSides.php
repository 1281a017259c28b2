<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Sound\Finding\Heard;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Verdict\Message;

/** At which sides a hub is listened to while it is spun: at each that has a bearing, by its own words. */
final readonly class SpunSides
{
    private function __construct()
    {
    }

    /** @return list<Side> the middle where it has but one bearing; none where it is not spun */
    public static function of(Bench $bench): array
    {
        if ($bench->pattern->card()->role === HubRole::Freehub) {
            return [];
        }
        $stack = $bench->hub->stack;
        $rings = [...$stack->cartridges(), ...$stack->ofKind(PartKind::TaperCup, PartKind::Bush, PartKind::Cup)];

        return count($rings) > 1 ? [Side::Left, Side::Right] : [Side::Middle];
    }

    /**
     * What is recorded of it, and how it runs out by taps alone.
     *
     * @param  bool  $after whether the work is done
     * @return list<Ask>
     */
    public static function asks(Bench $bench, bool $after = false): array
    {
        $card = $bench->pattern->card();
        $asks = [];
        foreach (self::of($bench) as $side) {
            $label = $side === Side::Middle
                ? Message::of('sound.record', 'Recorded while it spins')
                : Message::of('sound.record_at', 'Recorded: {side}', ['side' => Message::within($card->sideName($side))]);
            $ask = Ask::plain(AskKind::Sound, self::place($side, $after), $label, hint: self::ready($card));
            $asks[] = $after ? $ask->after(self::place($side, false)) : $ask;
        }
        if ($card->role === HubRole::Wheel) {
            $ask = Ask::plain(AskKind::Taps, self::passes($after), 'How it runs out, by taps');
            $asks[] = $after ? $ask->after(self::passes(false)) : $ask;
        }

        return $asks;
    }

    /** What is to be free of what before it is spun, and which mark is tapped. */
    private static function ready(PatternCard $card): string
    {
        return match (true) {
            $card->role === HubRole::Blade => 'Belt off, spark lead off, gloves on. Tap each time a chalk mark on the blade passes.',
            $card->role === HubRole::Idler => 'Track, chain or belt slack. Tap each time a chalk mark on it passes.',
            $card->isBraked() => 'Brake freed: a pad that drags is all that is heard. Tap each time the valve passes.',
            default => 'Tap each time the valve, or a chalk mark, passes.',
        };
    }

    /** Where the recording of a side is kept: before the work, or after it. */
    public static function place(Side $side, bool $after): string
    {
        $what = $side === Side::Middle ? 'sound_one' : "sound_$side->value";

        return $after ? PlacesOf::after($what) : PlacesOf::check($what);
    }

    /** Where it is kept how it runs out. */
    public static function passes(bool $after): string
    {
        return $after ? PlacesOf::after('spin_down') : PlacesOf::check('spin_down');
    }

    /** What the recording of a side tells; null when there is none, or it is not listened to yet. */
    public static function heard(Bench $bench, Side $side, bool $after = false): ?Heard
    {
        $heard = $bench->notebook->value(self::place($side, $after))['heard'] ?? null;

        return is_array($heard) && is_string($heard['finding'] ?? null) ? Heard::tryFrom($heard['finding']) : null;
    }
}
