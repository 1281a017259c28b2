<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Message;

/** A tube or plug to make when nothing on the wall will do: what it may measure, what to make it from. */
final readonly class ToolToMake
{
    /**
     * @param  Length  $openingLeast zero when it may be solid
     * @param  ?Length  $pilot of a stepped plug: the nose that goes into the bore of the ring
     * @param  Message|string|null  $from the nearest pipe or tube
     * @param  bool  $asItIs whether that serves as it comes; else it is turned to these sizes
     */
    private function __construct(
        public DriverWay $way,
        public Length $outsideLeast,
        public Length $outsideMost,
        public Length $openingLeast,
        public Length $openingMost,
        public Length $length,
        public ?Length $pilot,
        public Message|string|null $from,
        public bool $asItIs,
    ) {
    }

    /** All in mm, from least to most; made of the round stock or pipe of pipes.csv that comes nearest. */
    public static function of(
        DriverWay $way,
        float $outsideLeast,
        float $outsideMost,
        float $openingLeast,
        float $openingMost,
        float $length,
        ?float $pilot = null,
    ): self {
        [$from, $asItIs] =
            $openingMost <= 0 || $outsideLeast > $outsideMost
                ? [null, false]
                : self::pipe($outsideLeast, $outsideMost, $openingLeast, $openingMost);

        return new self(
            $way,
            Length::mm($outsideLeast),
            Length::mm($outsideMost),
            Length::mm($openingLeast),
            Length::mm($openingMost),
            Length::mm($length),
            $pilot === null || $pilot <= 0 ? null : Length::mm($pilot),
            $from,
            $asItIs,
        );
    }

    /** In one sentence, for somebody at a lathe or a pipe rack. */
    public function words(): Message
    {
        $sizes = [
            'least' => $this->outsideLeast,
            'most' => $this->outsideMost,
            'opening' => $this->openingLeast,
            'inside' => $this->openingMost,
            'pilot' => $this->pilot ?? Length::mm(0.0),
            'pipe' => Message::plain($this->from ?? ''),
        ];
        $made = match (true) {
            $this->outsideLeast->mm > $this->outsideMost->mm => Message::of(
                'driver.make.slight',
                'The ring is too slight for a driver of its own below the face: push it with the old ring, slit so that it comes out '
                    .'again.',
            ),
            $this->pilot !== null => Message::of(
                'driver.make.plug',
                'Make one: a plug of {least} to {most}, with a nose of {pilot} that goes into the bore.',
                $sizes,
            ),
            $this->openingLeast->mm <= 0 => Message::of(
                'driver.make.disc',
                'Make one: outside {least} to {most}, solid or with a hole up to {inside}.',
                $sizes,
            ),
            default => Message::of(
                'driver.make.tube',
                'Make one: outside {least} to {most}, opening over {opening} and up to {inside}.',
                $sizes,
            ),
        };
        $stock = $this->asItIs
            ? Message::of('driver.make.stock', 'From stock: {pipe}.', $sizes)
            : Message::of('driver.make.turned', 'Turned from {pipe}.', $sizes);

        return $this->from === null || $this->pilot !== null ? $made : Message::listed([$made, $stock], ' ');
    }

    /**
     * @return array{?string, bool} the pipe that serves as it is, else the one with the least to turn off
     */
    private static function pipe(float $outsideLeast, float $outsideMost, float $openingLeast, float $openingMost): array
    {
        $nearest = null;
        $least = INF;
        foreach (Table::rows('pipes') as $row) {
            [$outside, $inside] = [(float) $row['outside_mm'], (float) $row['inside_mm']];
            if ($outside >= $outsideLeast && $outside <= $outsideMost && $inside >= $openingLeast && $inside <= $openingMost) {
                return [$row['name'], true];
            }
            $toTurn = max(0.0, $outside - $outsideMost) + max(0.0, $openingLeast - $inside);
            if ($outside >= $outsideLeast && $inside <= $openingMost && $toTurn < $least) {
                [$nearest, $least] = [$row['name'], $toTurn];
            }
        }

        return [$nearest, false];
    }
}
