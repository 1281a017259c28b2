<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/**
 * What carries the hub on its axle at one place: a bearing of one piece, or cone, balls and cup that make one. Where its
 * pieces lie is counted from its own zero, in mm.
 */
final readonly class Row
{
    /** How far past the middle of the balls, as a share of a ball, the nose of a cone and the back of a cup reach. */
    private const NOSE = 0.35;

    private const BACK = 0.75;

    /**
     * @param  array<string, array{float, float}>  $pieces from and to, by part
     * @param  int  $first place in the line of its first piece
     * @param  int  $last of its last
     */
    private function __construct(
        public array $pieces,
        public int $first,
        public int $last,
        public float $axleFrom,
        public float $axleTo,
        public float $housingFrom,
        public float $housingTo,
    ) {
    }

    /**
     * @param  list<Part>  $line
     * @return list<self>
     */
    public static function all(array $line): array
    {
        $rows = [];
        for ($i = 0; $i < count($line); $i++) {
            $kind = $line[$i]->kind;
            if ($kind->lane() === Lane::Both) {
                $width = $line[$i]->along();
                $rows[] = new self([$line[$i]->id => [0.0, $width]], $i, $i, 0.0, $width, 0.0, $width);
            } elseif ($kind->lane() === Lane::Row) {
                $to = $i;
                $seen = [$kind];
                // A dust cap lies between cone and balls; the pieces of the next row repeat a kind, or come from the other family.
                while (
                    isset($line[$to + 1]) &&
                    ! in_array($line[$to + 1]->kind, $seen, true) &&
                    self::together($seen, $line[$to + 1]->kind)
                ) {
                    $seen[] = $line[++$to]->kind;
                }
                $rows[] = self::loose(array_slice($line, $i, $to - $i + 1), $i, $to);
                $i = $to;
            }
        }

        return $rows;
    }

    /** @param  list<PartKind>  $seen */
    private static function together(array $seen, PartKind $next): bool
    {
        $taper = in_array(PartKind::TaperCone, $seen, true) || in_array(PartKind::TaperCup, $seen, true);
        // Once a cone and its cup are both there, what follows belongs to the other side.
        $whole = in_array(PartKind::Cup, $seen, true) && in_array(PartKind::Cone, $seen, true);

        return $taper
            ? in_array($next, [PartKind::TaperCone, PartKind::TaperCup], true)
            : ! $whole && in_array($next, [PartKind::Cup, PartKind::Cone, PartKind::Balls, PartKind::DustCap], true);
    }

    /** @param  list<Part>  $pieces */
    private static function loose(array $pieces, int $first, int $last): self
    {
        $by = array_combine(array_map(static fn (Part $p): string => $p->kind->value, $pieces), $pieces);
        $order = array_keys($by);
        $leads = static fn (string $a, string $b): bool => isset($by[$a]) &&
            (! isset($by[$b]) || array_search($a, $order, true) < array_search($b, $order, true));
        $left =
            isset($by['taper_cone']) || isset($by['taper_cup'])
                ? $leads('taper_cone', 'taper_cup') || (! isset($by['taper_cone']) && $pieces[0]->side === Side::Left)
                : $leads('cone', isset($by['cup']) ? 'cup' : 'balls') || (! isset($by['cone']) && $leads('balls', 'cup'));
        $at = isset($by['taper_cone']) || isset($by['taper_cup']) ? self::taper($by) : self::balls($by);
        if (! $left) {
            $at = array_map(static fn (array $ft): array => [-$ft[1], -$ft[0]], $at);
        }
        $axle = $at['cone'] ?? ($at['taper_cone'] ?? ($at['balls'] ?? array_values($at)[0]));
        $housing = $at['cup'] ?? ($at['taper_cup'] ?? ($at['balls'] ?? array_values($at)[0]));
        $named = [];
        foreach ($at as $kind => $fromTo) {
            $named[$by[$kind]->id] = $fromTo;
        }

        return new self($named, $first, $last, $axle[0], $axle[1], $housing[0], $housing[1]);
    }

    /**
     * As on the left: the cone outside, the cup inside.
     *
     * @param  array<string, Part>  $by
     * @return array<string, array{float, float}>
     */
    private static function balls(array $by): array
    {
        $ball = isset($by['balls']) ? $by['balls']->mm('ball') : 6.0;
        $at = [];
        if (isset($by['cone'])) {
            $at['cone'] = [self::NOSE * $ball - $by['cone']->along(), self::NOSE * $ball];
        }
        if (isset($by['balls'])) {
            $at['balls'] = [-$ball / 2, $ball / 2];
        }
        if (isset($by['cup'])) {
            $at['cup'] = [self::BACK * $ball - $by['cup']->along(), self::BACK * $ball];
        }
        if (isset($by['dust_cap'])) {
            $mouth = $at['cup'][0] ?? -$ball;
            $at['dust_cap'] = [$mouth - $by['dust_cap']->along(), $mouth];
        }

        return $at;
    }

    /**
     * As on the left: the big end outside.
     *
     * @param  array<string, Part>  $by
     * @return array<string, array{float, float}>
     */
    private static function taper(array $by): array
    {
        $cone = isset($by['taper_cone']) ? $by['taper_cone']->along() : 0.0;
        $at = $cone > 0 ? ['taper_cone' => [0.0, $cone]] : [];
        if (isset($by['taper_cup'])) {
            $stand = $by['taper_cup']->mm('stand') > 0 ? $by['taper_cup']->mm('stand') : max($cone, $by['taper_cup']->along());
            $at['taper_cup'] = [$stand - $by['taper_cup']->along(), $stand];
        }

        return $at;
    }
}
