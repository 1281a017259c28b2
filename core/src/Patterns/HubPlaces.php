<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\StackEdits;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Place;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Steps\Ask;

/**
 * Which places a hub can have: by its pattern, and by the parts it usually has and those it was found to have. Whether one
 * of them is asked now is not said here; what a person measured there is kept whatever else was answered.
 */
final readonly class HubPlaces
{
    /** @var array<string, Part> by id: as such hubs usually are, and as this one is */
    private array $parts;

    public function __construct(private Pattern $pattern, Notebook $notebook)
    {
        $usual = $pattern->stack($notebook);
        // Wherever a ring was seen, or not: one may be found on either side.
        $ringed = $pattern->stack(new Notebook([Places::RING_SIDE => ['value' => ['choice' => 'both'], 'instrument' => null]]));
        // And with all that such a hub may have besides.
        $also = AlsoPart::all($usual, $pattern);
        $built = Hub::asBuilt(FrontWheel::of($pattern, $notebook), $notebook);
        $this->parts = array_column(
            [
                ...$also->parts,
                ...$ringed->parts,
                ...$usual->parts,
                ...array_values(MadeParts::all($pattern->card())),
                ...StackEdits::from($notebook->value(Places::HUB))->onto($built)->parts,
            ],
            null,
            'id',
        );
    }

    /** @throws InvalidInput when no hub of this kind has such a place */
    public function mustHave(Place $place): void
    {
        if (! $this->has($place)) {
            throw new InvalidInput('This hub has no such place: '.$place->address.'.');
        }
    }

    /** Whether this hub can have that place. */
    public function has(Place $place): bool
    {
        $card = $this->pattern->card();

        return ($place->part === null || isset($this->parts[$place->part])) &&
            ($place->seat === null || $this->hasSeat($place->seat)) &&
            ($place->fastener === null || Fastener::isOf($this->pattern, $place->fastener)) &&
            match ($place->needs) {
                'capture' => $this->captures($place->address),
                'pair' => $card->pair,
                'converted' => $card->converted,
                'axle_ends', 'cones', 'tapers', 'float', 'centre' => in_array(HubSetting::from($place->needs), $card->sets, true),
                default => true,
            };
    }

    /** The part a place is about; null when it is about none. */
    public function part(Place $place): ?Part
    {
        return $this->parts[$place->part ?? ''] ?? null;
    }

    /** Left and right of a pair, or a part that may sit in a bore or on a shaft. */
    private function hasSeat(string $seat): bool
    {
        return in_array($seat, [Side::Left->value, Side::Right->value], true)
            ? $this->pattern->card()->pair
            : isset($this->parts[$seat]) || isset($this->parts[preg_replace('/_shaft$/', '', $seat)]);
    }

    private function captures(string $address): bool
    {
        $of = preg_replace('/\.photos$/', '', $address);

        return array_filter($this->pattern->capture(), static fn (Ask $ask): bool => $ask->place === $of) !== [];
    }
}
