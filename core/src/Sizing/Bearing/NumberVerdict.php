<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

use CleanRace\Core\Catalogue\Number\CounterWords;
use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Catalogue\Number\Sign;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\VerdictKind;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** What a stamped number settles, and what it leaves open. */
final class NumberVerdict
{
    /** @param  non-empty-list<Designation>  $readings the likeliest first */
    public static function of(array $readings): Verdict
    {
        $read = $readings[0];
        $others = array_slice($readings, 1);
        $number = ['number' => Written::of($read->written()), 'kind' => Message::plain($read->kind->one())];
        $sizes = $read->size === null ? [] : ['sizes' => Written::of($read->size->sizes($read->isClosed()))];
        $verdict = match (true) {
            $read->guessed !== null => Verdict::care(
                Message::of('number.guessed', '{number}, if it is read right', $number),
                Message::of('number.guessed.say', 'Read with {guess}. Look at the ring again, or check the bore with the caliper.', [
                    'guess' => $read->guessed,
                ]),
            ),
            $read->size === null => Verdict::care(
                Message::of('number.unlisted', '{number}: size not in the table', $number),
                Message::of(
                    'number.unlisted.say',
                    '{kind} ({reading}). Measure outside and width before you buy.',
                    $number + ['reading' => $read->reading],
                ),
            ),
            $read->has('other_bore') || $read->size->series === 'inch_bore' => Verdict::care(
                Message::of('number.other_bore', '{number}: another bore', $number),
                Message::of(
                    'number.other_bore.say',
                    'Outside and width are those of the number, the bore is not: {sizes}. Measure the bore before you buy.',
                    $sizes,
                ),
            ),
            $read->seals() === null => Verdict::care(
                Message::of('number.unclear', '{number}: one seal or two', $number),
                Message::of('number.unclear.say', 'Makers differ on these letters. Look at both faces of the old bearing.'),
            ),
            $read->piece !== null => Verdict::go(
                Message::of('number.piece', '{number}', $number),
                Message::of(
                    'number.piece.say',
                    'The {piece} of a taper, {sizes} with its mate. Cone and cup are bought together.',
                    $sizes + ['piece' => Message::plain($read->piece)],
                ),
            ),
            default => Verdict::go(
                Message::of('number.read', '{number}', $number),
                Message::of('number.read.say', '{kind}, {sizes}.', $number + $sizes),
            ),
        };
        if ($read->boreMm !== null) {
            $verdict = $verdict->showing(Figure::of('bore', 'Bore', Length::mm($read->boreMm)));
        }
        if ($read->size !== null) {
            $verdict = $verdict->showing(
                Figure::of('outside', 'Outside diameter', $read->size->outside),
                Figure::of('width', 'Width', $read->size->width($read->isClosed())),
                ...$read->size->flange === null ? [] : [Figure::of('flange', 'Flange', $read->size->flange)],
                ...$read->size->ringOutside() === null
                    ? []
                    : [Figure::of('ring_outside', 'Snap ring round it', $read->size->ringOutside())],
                ...$read->size->load === null ? [] : [Figure::of('load', 'Load rating, as makers give it', $read->size->load)],
            );
        }
        $working = Working::start()->line(
            'Number',
            'series and bore code',
            $read->reading,
            $read->boreMm === null ? 'bore unknown' : Length::mm($read->boreMm),
        );
        foreach ($read->signs as $sign) {
            $working = $working->line($sign->sign, 'sign', $sign->family, $sign->meaning);
        }

        return $verdict
            ->about(VerdictKind::BearingNumber)
            ->because(
                ...array_map(
                    static fn (Sign $s): Message => Message::of('number.sign', '{sign}: {meaning}.', [
                        'sign' => Written::of($s->sign),
                        'meaning' => Message::plain($s->meaning),
                    ]),
                    $read->signs,
                ),
            )
            ->because(
                ...$read->size?->hasTwoWidths() === true
                    ? [
                        Message::of('number.two_widths', 'Made in two widths: {open} open, {closed} with seals or shields.', [
                            'open' => $read->size->openWidth,
                            'closed' => $read->size->sealedWidth,
                        ]),
                    ]
                    : [],
            )
            ->because(
                ...$read->size?->otherOutside !== null
                    ? [
                        Message::of(
                            'number.two_practices',
                            'Sold under this number with an outside of {outside} and of {other}: measure the old one.',
                            ['outside' => $read->size->outside, 'other' => $read->size->otherOutside],
                        ),
                    ]
                    : [],
            )
            ->next(Message::of('number.ask', 'Ask for: {words}.', ['words' => CounterWords::of($read)]))
            ->settledBy(
                $others === []
                    ? null
                    : Message::of('number.others', 'Or it is {list}.', [
                        'list' => Written::list(
                            array_map(static fn (Designation $d): string => $d->written(), array_slice($others, 0, 3)),
                        ),
                    ]),
            )
            ->workedOut($working);
    }
}
