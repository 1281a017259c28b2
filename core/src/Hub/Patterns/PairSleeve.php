<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Patterns;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Designation;
use CleanRace\Core\Catalogue\DesignationReader;
use CleanRace\Core\Hub\Ask;
use CleanRace\Core\Hub\Fastener;
use CleanRace\Core\Hub\HubSizes;
use CleanRace\Core\Hub\Option;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Pattern;
use CleanRace\Core\Hub\Places;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Step;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Measure\Notebook;

/** Two cartridges in a hub that turns, a loose sleeve between their inner rings, a seal outside each, a snap ring on one side. */
final readonly class PairSleeve implements Pattern
{
    private const USUAL_BEARING = '6204';

    /** What such hubs usually have, in mm: only for the drawing, until they are measured. */
    private const USUAL_OVER_FACES = 104.0;

    private const USUAL_SEAL = 7.0;

    private const USUAL_HOME_DEPTH = 9.2;

    private const USUAL_WALL = 9.5;

    /** Thickness of an internal snap ring by the bore it sits in (DIN 472): up to this bore, this thick, in mm. */
    private const RING_THICKNESS = [32 => 1.2, 40 => 1.5, 52 => 1.75, 68 => 2.0, 85 => 2.5, 200 => 3.0];

    private const GROOVE_PLAY = 0.1;

    public function __construct(private BearingTable $table = new BearingTable, private DesignationReader $reader = new DesignationReader)
    {
    }

    public function id(): string
    {
        return 'pair-sleeve';
    }

    public function name(): string
    {
        return 'Two cartridges and a loose sleeve';
    }

    public function parts(Notebook $notebook): array
    {
        $rings = $this->ringSides($notebook);
        $faces = ['marked face out', 'marked face in'];
        $lips = ['lip and spring in', 'lip and spring out'];
        $ends = ['long end out', 'either way'];

        return array_values(array_filter([
            new Part('axle', PartKind::Axle, Side::Middle, 'Axle', false, ['head left', 'head right']),
            new Part('spacer_left', PartKind::Spacer, Side::Left, 'Left wheel spacer', false, $ends),
            new Part('seal_left', PartKind::Seal, Side::Left, 'Left seal', true, $lips),
            in_array(Side::Left, $rings, true) ? new Part('snap_ring_left', PartKind::SnapRing, Side::Left, 'Left snap ring', false, ['sharp edge out', 'sharp edge in']) : null,
            new Part('bearing_left', PartKind::Bearing, Side::Left, 'Left bearing', true, $faces),
            new Part('sleeve', PartKind::Sleeve, Side::Middle, 'Sleeve', false, ['either way', 'marked end left']),
            new Part('bearing_right', PartKind::Bearing, Side::Right, 'Right bearing', true, $faces),
            in_array(Side::Right, $rings, true) ? new Part('snap_ring_right', PartKind::SnapRing, Side::Right, 'Right snap ring', false, ['sharp edge out', 'sharp edge in']) : null,
            new Part('seal_right', PartKind::Seal, Side::Right, 'Right seal', true, $lips),
            new Part('spacer_right', PartKind::Spacer, Side::Right, 'Right wheel spacer', false, $ends),
        ]));
    }

    public function sizes(Notebook $notebook): HubSizes
    {
        $left = $this->designation($notebook, Side::Left);
        $right = $this->designation($notebook, Side::Right) ?? $left;
        $usual = $this->table->find(self::USUAL_BEARING) ?? throw new Nonsense('The bearing table is empty.');
        $leftSize = $left->size ?? $usual;
        $rightSize = $right->size ?? $leftSize;
        $first = $this->firstSide($notebook);
        $firstWidth = ($first === Side::Right ? self::width($right, $rightSize) : self::width($left, $leftSize))->mm;
        $over = $notebook->length(Places::OVER_FACES)->mm ?? self::USUAL_OVER_FACES;
        $ledge = $notebook->length(Places::LEDGE_DEPTH)->mm ?? self::USUAL_HOME_DEPTH + $firstWidth;
        $ring = self::ringThickness($leftSize->outside->mm);
        $asked = ['over_faces' => Places::OVER_FACES, 'ledge_depth' => Places::LEDGE_DEPTH, 'sleeve_length' => Places::SLEEVE_LENGTH, 'hub_outside' => Places::HUB_OUTSIDE, 'groove_edge' => Places::GROOVE_EDGE];

        return new HubSizes(
            $leftSize, $rightSize, self::width($left, $leftSize), self::width($right, $rightSize),
            Length::mm($over), Length::mm($ledge),
            $notebook->length(Places::SLEEVE_LENGTH) ?? Length::mm(max(5.0, $over - 2 * $ledge)),
            $notebook->length(Places::HUB_OUTSIDE) ?? Length::mm($leftSize->outside->mm + 2 * self::USUAL_WALL),
            Length::mm(self::USUAL_SEAL),
            $notebook->length(Places::GROOVE_EDGE) ?? Length::mm($ledge - $firstWidth - self::GROOVE_PLAY),
            Length::mm($ring + self::GROOVE_PLAY), Length::mm($ring),
            $notebook->choice(Places::LEDGES) === 'two', $first,
            array_keys(array_filter($asked, $notebook->has(...))),
        );
    }

    public function capture(): array
    {
        return [
            Ask::choice(Places::RING_SIDE, 'Snap ring seen on', Option::of(['left' => 'Left', 'right' => 'Right', 'both' => 'Both', 'none' => 'None seen'])),
            Ask::length('check.axle_left', 'Axle sticks out, left', wanted: false, hint: 'from the fork end'),
            Ask::length('check.axle_right', 'Axle sticks out, right', wanted: false, hint: 'from the fork end'),
            Ask::length('check.spacer_left', 'Left wheel spacer, length', wanted: false),
            Ask::length('check.spacer_right', 'Right wheel spacer, length', wanted: false),
            Ask::depth('check.seal_left', 'Left seal below the face', wanted: false),
            Ask::depth('check.seal_right', 'Right seal below the face', wanted: false),
            Ask::choice('check.rotation', 'Rotation arrow points', Option::of(['forward' => 'Forward at the top', 'back' => 'Back at the top', 'none' => 'No arrow']), wanted: false),
        ];
    }

    public function takeDown(Notebook $notebook): array
    {
        $parts = array_column($this->parts($notebook), null, 'id');
        $off = static fn (string $id): Ask => Ask::part($parts[$id], PartState::OnTray);
        $first = $this->firstSide($notebook);
        $second = $first->other();
        $rings = array_map(static fn (Side $s): Ask => $off('snap_ring_'.$s->value), $this->ringSides($notebook));

        return [
            Step::of('strip.safe', 'Make it safe', 'On its stand so that it cannot roll or tip. Crack the axle nut while the wheel still stands on the ground. Hang the caliper, never by its hose.')
                ->with(tool: 'Stand, straps', caution: 'Never a jack alone. Do not pull the brake lever while the disc is out.')->ticked('It stands safe'),
            Step::of('strip.axle', 'Draw the axle', 'Pinch bolts, nut, then the axle. Note the spanner: next time it is known.')
                ->with(tool: 'Spanner or socket for the axle nut, soft drift', find: 'Rust, steps or a bend on the axle; a step means an inner ring has turned on it.', part: 'axle')
                ->asking($off('axle'), ...$this->fastenerAsks($this->fasteners()[0])),
            Step::of('strip.spacers', 'Lift the wheel out, spacers off', 'Each goes back to its own side.')
                ->with(find: 'A groove where the seal lip ran: catch it with a nail.', part: 'spacer_left')->asking($off('spacer_left'), $off('spacer_right')),
            Step::of('strip.seals', 'Seals out', 'Lift under the lip and twist, a little at a time. Do not rest the lever on the wall the seal grips.')
                ->with(tool: 'Seal lever', caution: 'The lever slips towards the other hand: keep it away.', part: 'seal_left')->asking($off('seal_left'), $off('seal_right')),
            Step::of('strip.rings', 'Look on both sides for a snap ring', 'Clean the groove first. Cover it, squeeze, rock it out. Keep it unless it is bent.')
                ->with(tool: 'Internal ring pliers', why: 'A ring missed on the far side is pressed against, and breaks its groove.', caution: 'It flies. Eyes covered, a hand or rag over it.', part: 'snap_ring_'.$first->value)
                ->asking(Ask::choice(Places::RING_SIDE, 'Ring found on', Option::of(['left' => 'Left', 'right' => 'Right', 'both' => 'Both', 'none' => 'None']))->borrowed(), ...$rings)->ticked('Both sides looked at'),
            Step::of('strip.crescent', 'Push the sleeve aside', 'Bare a crescent of the far inner ring for the drift to stand on.')
                ->with(tool: 'Finger, or wood; not steel', part: 'sleeve', find: 'If it will not move, the bearing is tight on it: use a puller.')->ticked('A crescent shows'),
            Step::of('strip.second', "Drive the {$second->value} bearing out", 'From inside, few taps, then the opposite side: 12, 6, 9, 3. It leaves level or it scars the bore.')
                ->with(tool: 'Long square-edged punch, hammer', why: "The {$second->value} side has no snap ring: it leaves outward and frees the sleeve.", caution: 'Eyes covered. Support the hub close to the bore, disc clear.', part: "bearing_{$second->value}")
                ->asking($off("bearing_{$second->value}")),
            Step::of('strip.sleeve', 'Sleeve out', 'Look at its ends: square, and no burr from the punch.')
                ->with(part: 'sleeve', find: 'A shiny end means the inner ring turned on it.')->asking($off('sleeve')),
            Step::of('strip.first', "Drive the {$first->value} bearing out", "It leaves towards the {$first->value} only: a ledge stands behind it.")
                ->with(tool: 'Punch or driver from the far side', caution: 'Eyes covered. Watch the ledge: the punch must not stand on it.', part: "bearing_{$first->value}")
                ->asking($off("bearing_{$first->value}")),
            Step::of('strip.look', 'Clean and look', 'Old grease out where it is dark, wet or gritty. Solvent on the rag, none left in blind holes.')
                ->with(caution: 'Gloves, air, no flame. Never spin a bearing with compressed air.', find: 'Bright rings where it crept, rust at the lip, scores that catch a nail.')
                ->asking(
                    Ask::choice('strip.look.bore_left', 'Left bore', self::judgements()),
                    Ask::choice('strip.look.bore_right', 'Right bore', self::judgements()),
                    Ask::choice('strip.look.groove', 'Ring groove', self::judgements(), wanted: false),
                    Ask::choice('strip.look.axle', 'Axle', self::judgements(), wanted: false),
                    Ask::text('strip.look.note', 'What was seen', wanted: false),
                ),
        ];
    }

    public function firstSide(Notebook $notebook): Side
    {
        return $notebook->choice(Places::RING_SIDE) === 'right' ? Side::Right : Side::Left;
    }

    public function firstSideReason(Notebook $notebook): string
    {
        return $this->ringSides($notebook) === []
            ? 'Its ledge locates the pair, so it goes fully home before the other side is touched.'
            : 'Its ledge and snap ring hold it, so that driving the other side cannot push it out.';
    }

    public function fasteners(): array
    {
        return [new Fastener('axle_nut', 'Axle nut'), new Fastener('pinch_bolts', 'Pinch bolts'), new Fastener('caliper_bolts', 'Caliper bolts')];
    }

    /** @return list<Ask> */
    private function fastenerAsks(Fastener $fastener): array
    {
        return [
            Ask::text($fastener->place('spanner'), $fastener->name.': spanner', wanted: false, hint: '27, or 1 1/16'),
            Ask::text($fastener->place('thread'), $fastener->name.': thread', wanted: false, hint: 'M16 × 1.5'),
            Ask::choice($fastener->place('hand'), 'Undoes', Option::of(['right' => 'To the left, as usual', 'left' => 'To the right: left-hand thread']), wanted: false),
            Ask::choice($fastener->place('held'), 'How it was held', Option::of(['bar' => 'Bar on the axle', 'ground' => 'Wheel on the ground', 'brake' => 'Brake held']), wanted: false),
        ];
    }

    /** @return list<Option> */
    private static function judgements(): array
    {
        return Option::of(['use' => 'Use', 'note' => 'Use, and look again', 'replace' => 'Repair or replace']);
    }

    /** @return list<Side> */
    private function ringSides(Notebook $notebook): array
    {
        return match ($notebook->choice(Places::RING_SIDE)) {
            'right' => [Side::Right],
            'both' => [Side::Left, Side::Right],
            'none' => [],
            default => [Side::Left],
        };
    }

    private function designation(Notebook $notebook, Side $side): ?Designation
    {
        try {
            return $this->reader->read($notebook->text(Places::number($side)) ?? '');
        } catch (Nonsense) {
            return null;
        }
    }

    private static function width(?Designation $read, Bearing $size): Length
    {
        return $size->width($read?->isClosed() ?? true);
    }

    private static function ringThickness(float $bore): float
    {
        foreach (self::RING_THICKNESS as $upTo => $thickness) {
            if ($bore <= $upTo) {
                return $thickness;
            }
        }

        return 3.0;
    }
}
