<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Calculator\Calculator;
use CleanRace\Core\Catalogue\Designation;
use CleanRace\Core\Catalogue\DesignationReader;
use CleanRace\Core\Catalogue\Sign;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** C2: what a stamped number says: sizes, kind, seals, clearance, and what to ask for at the counter. */
#[Calculator('bearing-number', 'Read a bearing number', 'size', 'What is stamped on the ring, taken apart.', ['number' => '6204 2RS C3'])]
final readonly class BearingNumber
{
    private const KINDS = [
        'deep_groove' => 'deep-groove ball bearing', 'double_row' => 'double-row ball bearing',
        'angular_contact' => 'angular-contact ball bearing', 'taper' => 'taper roller bearing',
    ];

    public function __construct(private DesignationReader $reader = new DesignationReader)
    {
    }

    /** @throws Nonsense when there is no bearing number in it */
    public function work(BearingNumberInput $input): BearingNumberResult
    {
        $read = $this->reader->read($input->number);

        return BearingNumberResult::of($read, self::counterWords($read), $this->verdict($read));
    }

    /** What to say at the counter. */
    public static function counterWords(Designation $read): string
    {
        $seals = match (true) {
            $read->has('contact_both') => 'contact seal on both sides',
            $read->has('contact_one') => 'contact seal on one side',
            $read->has('contact_unclear') => 'say whether one seal or two',
            $read->has('lowfriction_both') => 'non-contact seal on both sides',
            $read->has('lowfriction_one') => 'non-contact seal on one side',
            $read->has('shield_both') => 'shield on both sides',
            $read->has('shield_one') => 'shield on one side',
            default => 'open',
        };
        $clearance = $read->clearance() === 'CN' ? '' : ', clearance '.$read->clearance();
        $sizes = $read->size === null ? '' : ', '.$read->size->sizes($read->isClosed());

        return $read->number.', '.$seals.$clearance.$sizes;
    }

    private function verdict(Designation $read): Verdict
    {
        $number = ['number' => $read->number, 'kind' => self::KINDS[$read->kind]];
        $verdict = match (true) {
            $read->guessed !== null => Verdict::care(
                Message::of('number.guessed', '{number}, if that letter is a digit', $number),
                Message::of('number.guessed.say', 'Read with {guess}. Look at the ring, or check the bore with the caliper.', ['guess' => $read->guessed]),
            ),
            $read->size === null => Verdict::care(
                Message::of('number.unlisted', '{number}: size not in the table', $number),
                Message::of('number.unlisted.say', 'A {kind} ({reading}). Measure outside and width before you buy.', $number + ['reading' => $read->reading]),
            ),
            $read->seals() === null => Verdict::care(
                Message::of('number.unclear', '{number}: one seal or two', $number),
                Message::of('number.unclear.say', 'Makers differ on these letters. Look at both faces of the old bearing.'),
            ),
            default => Verdict::go(
                Message::of('number.read', '{number}', $number),
                Message::of('number.read.say', 'A {kind}, {sizes}.', $number + ['sizes' => $read->size->sizes($read->isClosed())]),
            ),
        };
        if ($read->boreMm !== null) {
            $verdict = $verdict->showing(Figure::of('bore', 'Bore', Length::mm($read->boreMm)));
        }
        if ($read->size !== null) {
            $verdict = $verdict->showing(
                Figure::of('outside', 'Outside diameter', $read->size->outside),
                Figure::of('width', 'Width', $read->size->width($read->isClosed())),
            );
        }
        $working = Working::start()->line('Number', 'series and bore code', $read->reading, $read->boreMm === null ? 'bore unknown' : Length::mm($read->boreMm));
        foreach ($read->signs as $sign) {
            $working = $working->line($sign->sign, 'sign', $sign->family, $sign->meaning);
        }

        return $verdict
            ->because(...array_map(static fn (Sign $s): Message => Message::of('number.sign', '{sign}: {meaning}.', ['sign' => $s->sign, 'meaning' => $s->meaning]), $read->signs))
            ->next(Message::of('number.ask', 'Ask for: {words}.', ['words' => self::counterWords($read)]))
            ->workedOut($working);
    }
}
