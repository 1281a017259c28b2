<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;

/** The schools of when seals go in. */
enum SealsIn: string
{
    case AfterBoth = 'after_both';
    case AfterOwn = 'after_own';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::AfterBoth => 'After both bearings',
            self::AfterOwn => 'Each after its own bearing',
        };
    }

    /** As was chosen for this job, else as the shop does it. */
    public static function of(Bench $bench): self
    {
        return self::tryFrom($bench->notebook->choice(Places::SEALS_IN) ?? '') ?? self::usual($bench);
    }

    /** As the shop does it. */
    public static function usual(Bench $bench): self
    {
        return self::tryFrom($bench->habits['seals'] ?? '') ?? self::AfterBoth;
    }

    /** @return list<Ask> none where there are not two seals whose order could be another */
    public static function asks(Bench $bench): array
    {
        return count($bench->hub->stack->ofKind(PartKind::Seal)) < 2 || count($bench->hub->stack->cartridges()) < 2
            ? []
            : [
                Ask::choice(
                    Places::SEALS_IN,
                    'Seals in',
                    Option::each(self::class),
                    wanted: false,
                    hint: 'The shop\'s way: '.lcfirst(self::usual($bench)->label()),
                ),
            ];
    }

    /** How seals go in by this school, as a step says it. */
    public function detail(): string
    {
        return match ($this) {
            self::AfterBoth => 'After both bearings, so that nothing hits them. Lips greased, spring inward, flush or to the depth '
                .'measured before.',
            self::AfterOwn => 'After its own bearing. From now on the {body} must not stand on it. Lips greased, spring inward, flush '
                .'or to the depth measured before.',
        };
    }

    /**
     * @param  list<array{Part, Put}>  $order
     * @param  list<string>  $pressed ids of rings that are pressed
     * @return list<array{Part, Put}>
     */
    public function arranged(array $order, array $pressed): array
    {
        if ($this === self::AfterBoth) {
            return $order;
        }
        $seals = array_values(array_filter($order, static fn (array $one): bool => $one[0]->kind === PartKind::Seal));
        $others = array_values(array_filter($order, static fn (array $one): bool => $one[0]->kind !== PartKind::Seal));
        foreach ($seals as $seal) {
            $at = null;
            foreach ($others as $i => [$part]) {
                $holds = in_array($part->id, $pressed, true) || $part->kind === PartKind::SnapRing;
                $at = $holds && $part->side === $seal[0]->side ? $i : $at;
            }
            array_splice($others, $at === null ? count($others) : $at + 1, 0, [$seal]);
        }

        return $others;
    }
}
