<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Conversion;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingKind;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\SideNames;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;
use CleanRace\Core\Verdict\Written;

/** From cups to cartridges: which bearings go into the seats, with which ring round them and which bush on the axle. */
#[
    Calculator('conversion', 'Cups to cartridges', 'size', 'Bearings for the seats of cups, and the pieces to make.', [
        'seat_left_mm' => 32.0,
        'seat_right_mm' => 32.02,
        'axle_mm' => 12,
        'depth_mm' => 10,
        'span_mm' => 50,
    ]),
]
final readonly class Conversion
{
    /** More of a choice than this helps nobody. */
    private const SHOWN = 5;

    /** An axle this much larger than a bore still goes through it, in mm. */
    private const SLIDES = 0.02;

    /** @param  SideNames  $sides what the sides of the hub are called */
    public function __construct(private Limits $limits, private SideNames $sides = new SideNames())
    {
    }

    /** Sizes in mm: cartridges that go into the seats, with what is made for each. */
    public function work(ConversionInput $input): ConversionResult
    {
        $found = [];
        foreach ($this->near($input) as $bearing) {
            $one =
                $bearing->kind === BearingKind::DeepGroove && ! $bearing->hasFlange() && ! $bearing->hasRing()
                    ? $this->cartridge($input, $bearing)
                    : null;
            if ($one !== null) {
                $found[] = [$this->cost($one, $bearing), $one];
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $cartridges = array_slice(array_map(static fn (array $f): Cartridge => $f[1], $found), 0, self::SHOWN);
        $best = $this->chosen($input, array_column($found, 1)) ?? ($cartridges[0] ?? null);
        $pieces = $best === null ? [] : $this->pieces($input, $best);

        return new ConversionResult(
            $cartridges,
            $pieces,
            $this->verdict($input, $best)
                ->showing(
                    Figure::of('seat_left', $this->on('Seat', Side::Left), $input->seatLeft->value, 2 * $input->seatLeft->sigma()),
                    Figure::of('seat_right', $this->on('Seat', Side::Right), $input->seatRight->value, 2 * $input->seatRight->sigma()),
                )
                ->workedOut(
                    $best === null
                        ? Working::start()
                        : Working::start()
                            ->line(
                                'Wall of a ring',
                                '(seat − D) / 2',
                                sprintf(
                                    '(%.2f − %.2f) / 2',
                                    min($input->seatLeft->value->mm, $input->seatRight->value->mm),
                                    $best->outside->mm,
                                ),
                                Length::mm((min($input->seatLeft->value->mm, $input->seatRight->value->mm) - $best->outside->mm) / 2),
                            )
                            ->line(
                                'Wall of a bush',
                                '(d − axle) / 2',
                                sprintf('(%.2f − %.2f) / 2', $best->bore->mm, $input->axle->mm),
                                Length::mm(($best->bore->mm - $input->axle->mm) / 2),
                            ),
                ),
        );
    }

    /**
     * The one whose number was chosen; null when none was, or it does not go in.
     *
     * @param  list<Cartridge>  $found
     */
    private function chosen(ConversionInput $input, array $found): ?Cartridge
    {
        try {
            $size = $input->chosen === null ? null : (new DesignationReader())->read($input->chosen)->size;
        } catch (InvalidInput) {
            return null;
        }

        return $size === null
            ? null
            : array_values(array_filter($found, static fn (Cartridge $c): bool => $c->number === $size->number))[0] ?? null;
    }

    /** @return list<Bearing> that may go in at all: what cannot is left out before it is looked at closely */
    private function near(ConversionInput $input): array
    {
        $least = min($input->seatLeft->value->mm, $input->seatRight->value->mm);
        $most = max($input->seatLeft->value->mm, $input->seatRight->value->mm);
        $doubt = 2 * max($input->seatLeft->sigma(), $input->seatRight->sigma());

        return (new BearingTable())->within(
            [$input->axle->mm - self::SLIDES, $input->axle->mm + 2 * $this->limits->get('convert.bush_most')],
            [$most - 2 * $this->limits->get('convert.wall_most') - $doubt, $least + $this->limits->get('convert.tight') + $doubt],
        );
    }

    private function cartridge(ConversionInput $input, Bearing $bearing): ?Cartridge
    {
        $bush = $bearing->bore->mm - $input->axle->mm;
        $walls = array_map(fn (Reading $seat): ?float => $this->wall($seat, $bearing->outside->mm), [
            $input->seatLeft,
            $input->seatRight,
        ]);
        $deep =
            $input->depth === null ||
            $bearing->width()->mm <= $input->depth->value->mm + 2 * $input->depth->sigma() + $this->limits->get('convert.proud');
        if (in_array(null, $walls, true) || ! $deep) {
            return null;
        }
        $least = $this->limits->get('convert.wall_least');
        $made = static fn (float $wall): ?Length => $wall <= 0 ? null : Length::mm($wall);
        // A used axle measures a little under its nominal: that is no step to fill.
        $bushWall = $bush > $this->limits->get('convert.axle_worn') + 1e-9 ? $bush / 2 : 0.0;
        $thin = array_filter([...$walls, $bushWall], static fn (?float $w): bool => $w !== null && $w > 0 && $w < $least) !== [];

        return new Cartridge(
            $bearing->number,
            $bearing->bore,
            $bearing->outside,
            $bearing->width(),
            $made((float) $walls[0]),
            $made((float) $walls[1]),
            $made($bushWall),
            $thin,
            $bearing->sizes(),
            [
                ...$made((float) $walls[0]) === null ? [] : ['ring_left'],
                ...$made((float) $walls[1]) === null ? [] : ['ring_right'],
                ...$made($bushWall) === null ? [] : ['bush_left', 'bush_right'],
            ],
            $bearing->number.' 2RS',
        );
    }

    /** Wall of the ring that fills a seat, in mm: zero when the bearing grips by itself; null when it does not go in. */
    private function wall(Reading $seat, float $outside): ?float
    {
        $gap = $seat->value->mm - $outside;

        return match (true) {
            $gap < -$this->limits->get('convert.tight') - 2 * $seat->sigma() => null,
            $gap <= 2 * $seat->sigma() => 0.0,
            $gap / 2 <= $this->limits->get('convert.wall_most') => $gap / 2,
            default => null,
        };
    }

    /** What speaks against one: thin walls, pieces to make, then rarity. */
    private function cost(Cartridge $one, Bearing $bearing): float
    {
        $walls = array_sum(array_map(static fn (?Length $l): float => $l->mm ?? 0.0, [$one->shimLeft, $one->shimRight, $one->bush]));

        return ($one->thin ? 20 : 0) + 4 * $one->pieces() + $walls - 0.5 * $bearing->commonness;
    }

    private function verdict(ConversionInput $input, ?Cartridge $best): Verdict
    {
        $unlike = abs($input->seatLeft->value->mm - $input->seatRight->value->mm);
        $words = [
            'number' => Written::of($best->number ?? ''),
            'sizes' => Written::of($best->sizes ?? ''),
            'wall' => $best->shimLeft ?? ($best->shimRight ?? Length::mm(0)),
            'bush' => $best->bush ?? Length::mm(0),
        ];

        return match (true) {
            $best === null => Verdict::stop(
                Message::of('convert.none', 'No cartridge goes in'),
                Message::of('convert.none.say', 'Nothing in the table fits axle, seats and depth. Cups again, or another hub.'),
            ),
            $best->thin => Verdict::care(
                Message::of('convert.thin', '{number}, with a wall too thin to trust', $words),
                Message::of(
                    'convert.thin.say',
                    'Below {least} a ring folds or creeps. Retaining compound for a small gap, or another bearing.',
                    ['least' => Length::mm($this->limits->get('convert.wall_least'))],
                ),
            )->next(Message::of('convert.measure', 'Measure the seats with a bore gauge at two depths: they were made for cups.')),
            $best->pieces() === 0 => Verdict::go(
                Message::of('convert.as_is', '{number} goes straight in', $words),
                Message::of('convert.as_is.say', '{sizes}. Sealed ones: this hub has no seals of its own.', $words),
            )->next(Message::of('convert.measure', 'Measure the seats with a bore gauge at two depths: they were made for cups.')),
            default => Verdict::care(
                Message::of('convert.made', '{number}, with pieces to make', $words),
                Message::of('convert.made.say', '{sizes}. Each piece is drawn below with its sizes.', $words),
            )
                ->next(Message::of('convert.measure', 'Measure the seats with a bore gauge at two depths: they were made for cups.'))
                ->because(
                    ...$unlike > 0.2
                        ? [
                            Message::of('convert.unlike', 'The seats differ by {unlike}: each side has its own ring.', [
                                'unlike' => Length::mm($unlike),
                            ]),
                        ]
                        : [],
                ),
        };
    }

    private function isThin(Cartridge $one): bool
    {
        return (new BearingTable())->find($one->number)?->isThin() ?? false;
    }

    private function on(string $what, Side $side): Message
    {
        return Message::of('convert.on.'.strtolower($what), $what.', {side}', ['side' => $this->sides->within($side)]);
    }

    /** @return list<PieceToMake> */
    private function pieces(ConversionInput $input, Cartridge $best): array
    {
        $press = $this->limits->get('convert.press');
        $ring = static fn (Message $name, Reading $seat, string $part): PieceToMake => new PieceToMake(
            $name,
            Length::mm($seat->value->mm + $press),
            Length::mm($best->outside->mm - $press),
            $best->outside,
            $best->width,
            [$part],
        );
        $span = $input->span?->value->mm;

        return array_values(
            array_filter([
                $best->shimLeft === null ? null : $ring($this->on('Ring', Side::Left), $input->seatLeft, 'ring_left'),
                $best->shimRight === null ? null : $ring($this->on('Ring', Side::Right), $input->seatRight, 'ring_right'),
                $best->bush === null
                    ? null
                    : new PieceToMake(
                        'Bush on the axle, two',
                        $best->bore,
                        $input->axle,
                        Length::mm($input->axle->mm + $this->limits->get('sleeve.bore_least')),
                        $best->width,
                        ['bush_left', 'bush_right'],
                    ),
                $span === null
                    ? null
                    : new PieceToMake(
                        'Spacer tube',
                        Length::mm(
                            $best->bore->mm +
                                $this->limits->get($this->isThin($best) ? 'driver.zone_share_thin' : 'driver.zone_share') *
                                    ($best->outside->mm - $best->bore->mm),
                        ),
                        Length::mm($input->axle->mm + $this->limits->get('sleeve.bore_least')),
                        Length::mm($input->axle->mm + $this->limits->get('sleeve.bore_most')),
                        Length::mm($span + $this->limits->get('sleeve.make_longer')),
                    ),
            ]),
        );
    }
}
