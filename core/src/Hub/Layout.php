<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/**
 * Where every part of a stack lies along the axle, in mm from the left face of the housing. Bearings hold the two lanes
 * together: parts on the axle stand end to end against inner rings, parts in the housing against outer rings, ledges and faces.
 */
final readonly class Layout
{
    /** Between bearings with nothing between them. */
    private const APART = 6.0;

    /** How far an axle stands out past what is on it, when its length is unknown. */
    private const STANDS_OUT = 8.0;

    /**
     * @param  array<string, array{float, float}>  $at from and to, by part
     * @param  list<Row>  $rows
     */
    private function __construct(
        public array $at,
        public array $rows,
        public float $axleFrom,
        public float $axleTo,
        public ?float $shoulderFrom,
        public ?float $shoulderTo,
    ) {
    }

    /** Where every part lies, in mm from the left face; worked out anew from the sizes of the stack. */
    public static function of(Stack $stack): self
    {
        $line = $stack->line();
        $rows = Row::all($line);
        $axle = $stack->one(PartKind::Axle);
        $housing = $stack->one(PartKind::Housing);
        $offsets = self::offsets($line, $rows, $axle, $housing);
        $face = self::face($rows, $offsets, $housing);
        $zero = $face ?? 0.0;
        $offsets = array_map(static fn (float $o): float => $o - $zero, $offsets);
        $faces = $housing === null ? null : [0.0, $housing->mm('length')];
        $at = [];
        foreach ($rows as $k => $row) {
            foreach ($row->pieces as $id => [$from, $to]) {
                $at[$id] = [$from + $offsets[$k], $to + $offsets[$k]];
            }
        }
        $at += LayoutEnds::ends($line, $rows, $offsets, $faces) + self::between($line, $rows, $offsets);
        foreach ($stack->around() as $made) {
            $at[$made->id] = $at[$stack->inside($made)->id ?? ''] ?? [0.0, $made->along()];
        }
        $onAxle = array_filter(
            $line,
            static fn (Part $p): bool => in_array($p->kind->lane(), [Lane::Axle, Lane::Both], true) ||
                in_array($p->kind, [PartKind::Cone, PartKind::TaperCone], true),
        );
        $froms = array_map(static fn (Part $p): float => $at[$p->id][0], $onAxle);
        $tos = array_map(static fn (Part $p): float => $at[$p->id][1], $onAxle);
        $axleFrom = $froms === [] ? 0.0 : min($froms);
        $axleTo = $tos === [] ? $faces[1] ?? 0.0 : max($tos);
        [$shoulderFrom, $shoulderTo] = [null, null];
        if ($housing !== null) {
            $at[$housing->id] = [0.0, $housing->mm('length')];
        }
        if ($axle !== null) {
            $at[$axle->id] = self::axle($axle, $axleFrom, $axleTo);
            [$shoulderFrom, $shoulderTo] = self::shoulder($axle, $at[$axle->id], $rows, $offsets, $axleFrom, $axleTo);
        }

        return new self($at, $rows, $axleFrom, $axleTo, $shoulderFrom, $shoulderTo);
    }

    /**
     * Each row stands clear of the one before by what lies between them: on the axle, else in the housing.
     *
     * @param  list<Part>  $line
     * @param  list<Row>  $rows
     * @return list<float>
     */
    private static function offsets(array $line, array $rows, ?Part $axle, ?Part $housing): array
    {
        $offsets = [];
        foreach ($rows as $k => $row) {
            if ($k === 0) {
                $offsets[] = 0.0;

                continue;
            }
            $before = $rows[$k - 1];
            $between = array_slice($line, $before->last + 1, $row->first - $before->last - 1);
            $onAxle =
                self::sum($between, Lane::Axle) +
                ($k === 1 && $axle?->form === 'shoulder_between' ? $axle->mm('shoulder_length') : 0.0);
            $span =
                $housing === null || $housing->mm('ledge_left') <= 0 || $housing->mm('ledge_right') <= 0 || count($rows) !== 2
                    ? 0.0
                    : $housing->mm('length') - $housing->mm('ledge_left') - $housing->mm('ledge_right');
            $offsets[] =
                $offsets[$k - 1] +
                match (true) {
                    $onAxle > 0 => $before->axleTo + $onAxle - $row->axleFrom,
                    $span > 0 => $before->housingTo + $span - $row->housingFrom,
                    default => $before->housingTo + max(self::APART, self::sum($between, Lane::Housing)) - $row->housingFrom,
                };
        }

        return $offsets;
    }

    /** @param  list<Part>  $parts */
    private static function sum(array $parts, Lane $lane): float
    {
        return array_sum(
            array_map(
                static fn (Part $p): float => $p->kind->lane() === $lane && $p->kind !== PartKind::ORing && $p->kind !== PartKind::Nipple
                    ? $p->along()
                    : 0.0,
                $parts,
            ),
        );
    }

    /**
     * Where the left face lies, counted from the first row's zero: a ledge says it, else the housing is centred on its bearings.
     *
     * @param  list<Row>  $rows
     * @param  list<float>  $offsets
     */
    private static function face(array $rows, array $offsets, ?Part $housing): ?float
    {
        if ($housing === null || $rows === []) {
            return null;
        }
        $last = count($rows) - 1;
        [$left, $right, $length] = [$housing->mm('ledge_left'), $housing->mm('ledge_right'), $housing->mm('length')];
        $end = $rows[$last]->housingFrom + $offsets[$last];

        return match (true) {
            $housing->form === 'located_right' && $right > 0 => $end + $right - $length,
            $left > 0 => $rows[0]->housingTo + $offsets[0] - $left,
            $right > 0 => $end + $right - $length,
            default => ($rows[0]->housingFrom + $offsets[0] + $rows[$last]->housingTo + $offsets[$last] - $length) / 2,
        };
    }

    /**
     * What lies between two rows: on the axle from the left one on; in the housing against the row of its own side.
     *
     * @param  list<Part>  $line
     * @param  list<Row>  $rows
     * @param  list<float>  $offsets
     * @return array<string, array{float, float}>
     */
    private static function between(array $line, array $rows, array $offsets): array
    {
        $at = [];
        for ($k = 1; $k < count($rows); $k++) {
            $parts = array_slice($line, $rows[$k - 1]->last + 1, $rows[$k]->first - $rows[$k - 1]->last - 1);
            $left = [$rows[$k - 1]->axleTo + $offsets[$k - 1], $rows[$k - 1]->housingTo + $offsets[$k - 1]];
            $right = $rows[$k]->housingFrom + $offsets[$k];
            $middle = ($left[1] + $right) / 2;
            $toRight = array_values(
                array_filter($parts, static fn (Part $p): bool => $p->kind->lane() === Lane::Housing && $p->side === Side::Right),
            );
            $at += LayoutEnds::outward(
                array_values(
                    array_filter($parts, static fn (Part $p): bool => ! in_array($p, $toRight, true) && $p->kind !== PartKind::Nipple),
                ),
                1,
                $left[0],
                $left[1],
                null,
            );
            $at += LayoutEnds::outward(array_reverse($toRight), -1, 0.0, $right, null);
            foreach ($parts as $part) {
                if ($part->kind === PartKind::Nipple) {
                    $at[$part->id] = [$middle - $part->along() / 4, $middle + $part->along() / 4];
                }
            }
        }

        return $at;
    }

    /** @return array{float, float} */
    private static function axle(Part $axle, float $from, float $to): array
    {
        $length = max($axle->mm('length'), 0.0) ?: $to - $from + 2 * self::STANDS_OUT;

        return match ($axle->form) {
            'shoulder_right' => [$from - self::STANDS_OUT / 2, $from - self::STANDS_OUT / 2 + $length],
            'shoulder_left' => [$to + self::STANDS_OUT / 2 - $length, $to + self::STANDS_OUT / 2],
            default => [($from + $to - $length) / 2, ($from + $to + $length) / 2],
        };
    }

    /**
     * @param  array{float, float}  $ends of the axle
     * @param  list<Row>  $rows
     * @param  list<float>  $offsets
     * @return array{?float, ?float}
     */
    private static function shoulder(Part $axle, array $ends, array $rows, array $offsets, float $from, float $to): array
    {
        return match (true) {
            $axle->mm('shoulder_diameter') <= 0 => [null, null],
            $axle->form === 'shoulder_right' => [$to, $ends[1]],
            $axle->form === 'shoulder_left' => [$ends[0], $from],
            count($rows) > 1 => [$rows[0]->axleTo + $offsets[0], $rows[1]->axleFrom + $offsets[1]],
            default => [null, null],
        };
    }
}
