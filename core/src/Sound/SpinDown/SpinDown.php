<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\SpinDown;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** How a wheel that was spun by hand slows: how much, whether evenly (dry) or more when fast (grease, seal, air), against before. */
#[
    Calculator('spin-down', 'How it runs out', 'check_in', 'Slowing by the passes of the valve: dry or viscous, more than before.', [
        'passes' => '0.00 0.41 0.83 1.26 1.70 2.15 2.61 3.09 3.58 4.09',
    ]),
]
final readonly class SpinDown
{
    public function __construct(private Limits $limits)
    {
    }

    /** @throws InvalidInput when what is typed is no run of passes */
    public function work(SpinDownInput $input): SpinDownResult
    {
        $now = $this->slowing($input->passes, 'passes');
        $before = $input->before === null ? null : $this->slowing($input->before, 'before');
        $other = $input->other === null ? null : $this->slowing($input->other, 'other');
        $shape = $this->shape($now);
        $times = static fn (?Slowing $then): ?float => $then === null || $then->rate <= 0 ? null : $now->rate / $then->rate;
        $torque = $input->rimGrams === null || $input->radius === null
            ? null
            : Torque::newtonMetres($input->rimGrams / 1000 * ($input->radius->mm / 1000) ** 2 * 2 * M_PI * $now->rate);

        return new SpinDownResult(
            $now->speed,
            $now->rate,
            2 * $now->rateSigma,
            $shape,
            $times($before),
            $input->alike ? $times($other) : null,
            $torque,
            $this->verdict($now, $before, $other, $input->alike, $shape)->workedOut(
                Working::start()
                    ->line(
                        'Turns over time',
                        'least squares, N = a + b·t + c·t²',
                        '',
                        sprintf('%.2f turns/s in the middle', $now->speed),
                    )
                    ->line('Slowing', '−2c', '', sprintf('%.3f ± %.3f turns/s²', $now->rate, 2 * $now->rateSigma))
                    ->line(
                        'Its change',
                        'cubic, start against end',
                        $now->growth === null ? 'too few passes' : '',
                        $now->growth === null ? 'not told' : sprintf('%.3f ± %.3f turns/s²', $now->growth, 2 * $now->growthSigma),
                    ),
            ),
        );
    }

    private function slowing(string $typed, string $field): Slowing
    {
        return Slowing::of(
            Passes::read($typed, $field),
            $this->limits->get('spin.tap_scatter'),
            (int) $this->limits->get('spin.shape_passes'),
        );
    }

    private function shape(Slowing $slowing): string
    {
        $told = $this->limits->get('spin.told');

        return match (true) {
            $slowing->growth === null => 'not_told',
            $slowing->growth > $told * $slowing->growthSigma => 'grows_with_speed',
            // Even, as far as taps can tell, only where a real change would have shown.
            $told * $slowing->growthSigma < $slowing->rate => 'constant',
            default => 'not_told',
        };
    }

    private function verdict(Slowing $now, ?Slowing $before, ?Slowing $other, bool $alike, string $shape): Verdict
    {
        $told = $this->limits->get('spin.told');
        if ($now->rate < $told * $now->rateSigma) {
            return Verdict::care(
                Message::of('spin.none', 'It hardly slows in that time'),
                Message::of('spin.none.say', 'What it loses is less than the taps are off. Tap on until it is slow.'),
            );
        }
        $words = ['rate' => Written::of(sprintf('%.2f', $now->rate)), 'speed' => Written::of(sprintf('%.1f', $now->speed))];
        $say = self::saysShape($shape, $words);
        $verdict = match (true) {
            $before !== null => self::againstBefore(Against::of($now, $before, $told), $say),
            $other !== null && $alike => self::againstOther(Against::of($now, $other, $told), $say),
            default => Verdict::go(Message::of('spin.rate', 'Loses {rate} turns/s each second, at {speed}', $words), $say),
        };

        return $other === null || $alike
            ? $verdict
            : $verdict->next(Message::of(
                'spin.not_alike',
                'The other wheel is not held against it: only wheels with like rims, tyres and hubs slow alike.',
            ));
    }

    /** @param  array<string, Written>  $words */
    private static function saysShape(string $shape, array $words): Message
    {
        return match ($shape) {
            'constant' => Message::of(
                'spin.constant',
                'It loses as much when slow as when fast: dry friction, or something that rubs.',
                $words,
            ),
            'grows_with_speed' => Message::of('spin.grows', 'It loses more when fast: grease, seals and air.', $words),
            default => Message::of(
                'spin.shape',
                'Whether that changes with the speed the taps do not tell: nine passes or more, and evener.',
                $words,
            ),
        };
    }

    private static function againstBefore(Against $against, Message $say): Verdict
    {
        return match ($against) {
            Against::Longer => Verdict::go(Message::of('spin.easier', 'Runs out longer than before'), $say),
            Against::Alike => Verdict::care(Message::of('spin.same', 'Runs out as before, as far as taps tell'), $say),
            Against::Harder => Verdict::care(Message::of('spin.harder', 'Slows harder than before'), $say)->next(
                Message::of('spin.harder.next', 'New seals and grease drag at first. If it stays: brake, seal, preload.'),
            ),
            Against::OtherSpeed => Verdict::care(Message::of('spin.speed', 'Not spun as fast as before'), $say)->next(
                Message::of('spin.speed.next', 'That alone may be the difference. Spin it as fast as then, and tap again.'),
            ),
        };
    }

    private static function againstOther(Against $against, Message $say): Verdict
    {
        return match ($against) {
            Against::Longer => Verdict::go(Message::of('spin.other_easier', 'Runs out longer than the other wheel'), $say),
            Against::Alike => Verdict::go(Message::of('spin.other_same', 'Runs out as the other wheel, as far as taps tell'), $say),
            Against::Harder => Verdict::care(Message::of('spin.other_harder', 'Slows harder than the other wheel'), $say)->next(
                Message::of('spin.other_harder.next', 'Look at brake, seal and preload first.'),
            ),
            Against::OtherSpeed => Verdict::care(Message::of('spin.other_speed', 'Not spun as fast as the other wheel'), $say)->next(
                Message::of('spin.other_speed.next', 'That alone may be the difference. Spin both alike, and tap again.'),
            ),
        };
    }
}
