<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** What only the customer can decide: each question and its answer are one step, and the next question comes when the last is answered. */
final readonly class CustomerWord
{
    /** Whoever has more to ask rings again. */
    private const MOST = 6;

    /** Where the question of that number, from 1, is kept. */
    public static function asked(int $question): string
    {
        return PlacesOf::customer($question, 'asked');
    }

    /** Where its answer is kept. */
    public static function answer(int $question): string
    {
        return PlacesOf::customer($question, 'answer');
    }

    /** @return list<string> of every question that may be asked and of its answer */
    public static function places(): array
    {
        return array_merge(...array_map(static fn (int $n): array => [self::asked($n), self::answer($n)], range(1, self::MOST)));
    }

    /** @return list<Step> those that were asked, and one to ask next when none is open */
    public function steps(Notebook $notebook): array
    {
        $steps = [];
        foreach (self::talk($notebook) as $n => [$asked, $answer]) {
            $steps[] = $this->step($n, $asked !== null, $answer !== null);
            if ($asked === null || $answer === null) {
                break;
            }
        }

        return $steps;
    }

    /** @return list<array{string, string}> what was asked and answered, oldest first */
    public static function decided(Notebook $notebook): array
    {
        $decided = [];
        foreach (self::talk($notebook) as [$asked, $answer]) {
            if ($asked !== null && $answer !== null) {
                $decided[] = [$asked, $answer];
            }
        }

        return $decided;
    }

    /** The question that waits for its answer. */
    public static function waiting(Notebook $notebook): ?string
    {
        foreach (self::talk($notebook) as [$asked, $answer]) {
            if ($asked !== null && $answer === null) {
                return $asked;
            }
        }

        return null;
    }

    /** @return array<int, array{?string, ?string}> every question and its answer, by number from 1 */
    private static function talk(Notebook $notebook): array
    {
        $talk = [];
        for ($n = 1; $n <= self::MOST; $n++) {
            $talk[$n] = [$notebook->text(self::asked($n)), $notebook->text(self::answer($n))];
        }

        return $talk;
    }

    private function step(int $n, bool $asked, bool $answered): Step
    {
        return Step::of(
            "source.customer.$n",
            $n === 1 ? 'Ask the customer' : 'Ask the customer again',
            'A worn bore, a dear part, the other side as well: what only they can decide.',
        )
            ->asking(
                Ask::text(
                    self::asked($n),
                    'What was asked',
                    wanted: false,
                    hint: Message::plain('Bore is worn. Sleeve it, or a new {body}?'),
                ),
                Ask::text(self::answer($n), 'What they said', wanted: $asked, hint: 'Sleeve it'),
            )
            ->judged(
                $asked && ! $answered
                    ? Verdict::care(
                        Message::of('customer.open', 'Waits for the customer'),
                        Message::of('customer.open.say', 'The board says so until their answer stands here.'),
                    )
                    : null,
            )
            ->optional();
    }
}
