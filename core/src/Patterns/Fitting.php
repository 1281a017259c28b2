<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Tables\Table;

/** What some machines carry outside the hub, and others lack: it comes off before and goes back after. {@see fittings.csv} */
final readonly class Fitting
{
    /**
     * @param  string  $before what is noted of it before it comes off; empty when nothing is
     * @param  string  $offAt when it comes off: first, or once the wheel is out
     * @param  list<string>  $needs kinds of tools that it comes off with
     * @param  string  $backAt when it goes back: on the wheel, on the machine, or last
     * @param  bool  $alone whether it keeps the wheel on or stops it, so that it is said by itself
     */
    private function __construct(
        public string $name,
        public string $label,
        public string $before,
        public string $offAt,
        public string $off,
        public string $look,
        public string $tool,
        public array $needs,
        public string $backAt,
        public string $back,
        public bool $alone,
    ) {
    }

    /**
     * What sits on a shaft is off before the shaft slides out, and goes back once it is in.
     *
     * @return list<self> that a machine of this kind may have, beside what is a part or a fastener of the hub
     */
    public static function possible(Pattern $pattern): array
    {
        $card = $pattern->card();
        if ($card->role !== HubRole::Wheel) {
            return [];
        }
        $has = [
            ...$card->drives ? [] : [FrontWheel::NO],
            ...array_map(static fn (Fastener $f): string => $f->id, $pattern->fasteners()),
            ...array_map(static fn (Part $p): string => $p->kind->value, $pattern->stack(new Notebook([]))->parts),
        ];

        return array_values(
            array_filter(
                array_map(
                    static fn (array $row): ?self => in_array($card->machine->value, explode('|', $row['machines']), true) &&
                        array_intersect(explode('|', $row['unless']), $has) === [] &&
                        ($row['with'] === '' || in_array($row['with'], $has, true))
                            ? new self(
                                $row['name'],
                                $row['label'],
                                $row['before'],
                                $card->turns === Turning::Hub ? $row['off_at'] : 'first',
                                $row['off'],
                                $row['look'],
                                $row['tool'],
                                array_values(array_filter(explode(' ', $row['needs']))),
                                $card->turns === Turning::Hub || $row['back_at'] !== 'wheel' ? $row['back_at'] : 'machine',
                                $row['back'],
                                $row['alone'] === '1',
                            )
                            : null,
                    Table::rows('fittings'),
                ),
            ),
        );
    }

    /** @return list<self> that this machine has, as somebody said */
    public static function there(Pattern $pattern, Notebook $notebook): array
    {
        $said = $notebook->choices(Places::FITTINGS);

        if ($said === []) {
            return [];
        }

        return array_values(array_filter(self::possible($pattern), static fn (self $f): bool => in_array($f->name, $said, true)));
    }

    /** Where something is noted of it: before, off, back. */
    public function place(string $what): string
    {
        return PlacesOf::fitting($this->name, $what);
    }
}
