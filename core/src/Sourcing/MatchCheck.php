<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\Number\CounterWords;
use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** Old beside new, before anything is pressed: sizes, seals, clearance, and what the caliper says of the new one. */
#[
    Calculator('match-check', 'Old beside new', 'source', 'Does what came match what came out.', [
        'old_number' => '6204 2RS',
        'new_number' => '6204 DDU C3',
        'width_mm' => 13.96,
    ]),
]
final readonly class MatchCheck
{
    public function __construct(private Limits $limits, private DesignationReader $reader = new DesignationReader())
    {
    }

    /** @throws InvalidInput when one of the numbers cannot be read */
    public function work(MatchCheckInput $input): MatchCheckResult
    {
        $old = $this->read('old_number', $input->oldNumber);
        $new = $this->read('new_number', $input->newNumber);
        $compared = [
            ...$this->sizes($old, $new),
            $this->seals($old, $new),
            $this->clearance($old, $new),
            ...$this->measured($new->size, $input),
        ];
        $worst = array_reduce($compared, static fn (Level $l, Difference $d): Level => $l->worse($d->level), Level::Go);
        $differ = Message::listed(
            array_map(
                static fn (Difference $d): Message|string => $d->what,
                array_filter($compared, static fn (Difference $d): bool => $d->level === $worst),
            ),
        );
        $working = Working::start();
        foreach ($compared as $d) {
            $working = $working->line($d->what, 'old beside new', Message::listed([$d->old, $d->new], ' | '), $d->level->label());
        }

        return new MatchCheckResult($compared, $this->verdict($worst, $differ, $old, $new)->workedOut($working));
    }

    private function verdict(Level $worst, Message $differ, Designation $old, Designation $new): Verdict
    {
        return match ($worst) {
            Level::Go => Verdict::go(
                Message::of('match.same', 'It matches'),
                Message::of('match.same.say', '{new} will go where {old} came out.', [
                    'new' => Written::of($new->written()),
                    'old' => Written::of($old->written()),
                ]),
            ),
            Level::Care => Verdict::care(
                Message::of('match.differs', 'Nearly the same'),
                Message::of('match.differs.say', 'It goes in, but differs in: {what}.', ['what' => $differ]),
            )->next(Message::of('match.differs.next', 'Decide whether that matters here, and say so on the card.')),
            Level::Stop => Verdict::stop(
                Message::of('match.wrong', 'Not the same bearing'),
                Message::of('match.wrong.say', 'It differs in: {what}. Do not press it in.', ['what' => $differ]),
            )->next(
                Message::of('match.wrong.next', 'Take both back to the counter. Ask for: {words}.', [
                    'words' => CounterWords::of($old),
                ]),
            ),
        };
    }

    private function read(string $field, string $number): Designation
    {
        try {
            return $this->reader->read($number);
        } catch (InvalidInput $fault) {
            throw InvalidInput::about($field, $fault->getMessage());
        }
    }

    /** @return list<Difference> */
    private function sizes(Designation $old, Designation $new): array
    {
        if ($old->size === null || $new->size === null) {
            return [
                new Difference(
                    'size',
                    Written::of($old->number),
                    Written::of($new->number),
                    $old->number === $new->number ? Level::Go : Level::Care,
                ),
            ];
        }

        return [
            $this->size('bore', $old->size->bore, $new->size->bore, 'match.size_differs'),
            $this->size('outside', $old->size->outside, $new->size->outside, 'match.size_differs'),
            $this->size('width', $old->size->width($old->isClosed()), $new->size->width($new->isClosed()), 'match.width_differs'),
        ];
    }

    private function size(string $what, Length $old, Length $new, string $limit): Difference
    {
        $apart = abs($old->mm - $new->mm);

        return new Difference(
            $what,
            self::mm($old),
            self::mm($new),
            $apart < 1e-9 ? Level::Go : ($apart > $this->limits->get($limit) ? Level::Stop : Level::Care),
        );
    }

    /** Fewer seals than before let water in where the old one kept it out. */
    private function seals(Designation $old, Designation $new): Difference
    {
        $level = match (true) {
            $old->seals() === null || $new->seals() === null => Level::Care,
            $new->seals() < $old->seals() => Level::Stop,
            $new->seals() > $old->seals() => Level::Care,
            default => Level::Go,
        };

        return new Difference('seals', self::sealWords($old), self::sealWords($new), $level);
    }

    private function clearance(Designation $old, Designation $new): Difference
    {
        return new Difference(
            'clearance',
            Written::of($old->clearance()),
            Written::of($new->clearance()),
            $old->clearance() === $new->clearance() ? Level::Go : Level::Care,
        );
    }

    /** @return list<Difference> */
    private function measured(?Bearing $size, MatchCheckInput $input): array
    {
        if ($size === null) {
            return [];
        }
        $pairs = [
            ['bore, measured', $input->bore, $size->bore, 'match.size_differs'],
            ['outside, measured', $input->outside, $size->outside, 'match.size_differs'],
            ['width, measured', $input->width, $size->width(), 'match.width_differs'],
        ];
        $out = [];
        foreach ($pairs as [$what, $reading, $listed, $limit]) {
            if ($reading instanceof Reading) {
                $off = abs($reading->value->mm - $listed->mm) > $this->limits->get($limit);
                $out[] = new Difference($what, self::mm($listed), self::mm($reading->value), $off ? Level::Stop : Level::Go);
            }
        }

        return $out;
    }

    private static function sealWords(Designation $read): Message
    {
        return Message::plain(
            match ($read->seals()) {
                null => 'one or two, not clear',
                0 => $read->has('shield_both') || $read->has('shield_one') ? 'shields only' : 'none',
                1 => 'one',
                default => 'two',
            },
        );
    }

    private static function mm(Length $length): Written
    {
        return Written::of(rtrim(rtrim(number_format($length->mm, 3, '.', ''), '0'), '.').' mm');
    }
}
