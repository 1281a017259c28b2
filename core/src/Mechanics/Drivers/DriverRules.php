<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;

/** What holds of any tool for one push: how it must stand on the face, what it must clear, how far it must reach. */
final readonly class DriverRules
{
    public function __construct(
        private Limits $limits,
        private RingFace $face,
        private DriverWay $way,
        private Length $depth,
        private ?Length $ledge,
        private ?Length $axle = null,
    ) {
    }

    /** How one tool stands on the ring: what forbids it, what speaks against it. */
    public function judge(Tool $tool): DriverFit
    {
        $opening = $tool->opening->mm ?? 0.0;
        [$contact, $fault, $doubt] = match ($this->way) {
            DriverWay::IntoBore => $this->intoBore($tool->outside->mm, $opening),
            DriverWay::OntoShaft => $this->ontoShaft($tool->outside->mm, $opening),
            DriverWay::BothRings => $this->bothRings($tool->outside->mm, $opening),
            DriverWay::OutFromBehind => $this->outFromBehind($tool->outside->mm, $opening),
        };
        if ($fault === null && $tool->length->mm < $this->depth->mm + $this->limits->get('driver.length_spare')) {
            $fault = ['too_short', 'Too short to reach that deep.'];
        }
        $fault ??= $contact < $this->limits->get('driver.contact_care') ? ['too_little', 'It hardly touches the ring.'] : null;
        $doubt ??= $contact < $this->limits->get('driver.contact_go') ? ['some', 'It covers only part of the ring\'s face.'] : null;
        $doubt ??=
            $tool->kind === ToolKind::ChromeSocket
                ? ['chrome', 'A chrome socket can splinter under a hammer: press or draw with it.']
                : null;
        $level = $fault !== null ? Level::Stop : ($doubt !== null ? Level::Care : Level::Go);
        [$key, $text] = $fault ?? ($doubt ?? $this->good());

        return new DriverFit(
            $tool->id,
            $tool->name,
            $tool->outside,
            $tool->opening,
            Share::of(max(0.0, min(1.0, $contact))),
            $level,
            Message::of('driver.'.$key, $text),
        );
    }

    /** What a tool made for it measures. */
    public function make(): ToolToMake
    {
        $clear = $this->limits->get('driver.inner_clearance');
        $bore = $this->limits->get('driver.bore_clearance');
        $go = $this->limits->get('driver.contact_go');
        $outerWall = $this->face->outside - $this->face->outerInside;
        $innerWall = $this->face->innerOutside - $this->face->bore;
        $length = $this->depth->mm + $this->limits->get('driver.length_spare') + $this->limits->get('driver.make_spare');

        return match ($this->way) {
            DriverWay::IntoBore => ToolToMake::of(
                $this->way,
                $this->face->outerInside + $go * $outerWall,
                $this->face->outside - $bore,
                $this->face->hasInner ? $this->face->innerOutside + $clear : 0.0,
                $this->face->outerInside + (1 - $go) * $outerWall * 0.5,
                $length,
            ),
            DriverWay::OntoShaft => ToolToMake::of(
                $this->way,
                $this->face->bore + $go * $innerWall,
                max($this->face->innerOutside, $this->face->outerInside - $clear),
                $this->face->bore + $bore,
                $this->face->bore + (1 - $go) * $innerWall,
                $length,
            ),
            DriverWay::BothRings => ToolToMake::of(
                $this->way,
                $this->face->outerInside + $go * $outerWall,
                $this->face->outside - $bore,
                $this->axle === null ? 0.0 : $this->axle->mm + $bore,
                $this->face->bore + (1 - $go) * $innerWall,
                $length,
            ),
            DriverWay::OutFromBehind => ToolToMake::of(
                $this->way,
                $this->face->bore + 1.0,
                $this->through() - $this->limits->get('driver.ledge_clearance'),
                0.0,
                0.0,
                $length,
                $this->face->bore - $this->limits->get('driver.pilot_clearance'),
            ),
        };
    }

    /**
     * @return array{float, ?array{string, string}, ?array{string, string}} share of the face covered, what forbids
     *   it, what speaks against it
     */
    private function intoBore(float $outside, float $opening): array
    {
        $covered = self::overlap($opening, $outside, $this->face->outerInside, $this->face->outside);
        $contact = $covered / ($this->face->outside - $this->face->outerInside);

        return [
            $contact,
            match (true) {
                $this->depth->mm > 0 && $outside > $this->face->outside - $this->limits->get('driver.bore_clearance') => [
                    'too_wide',
                    'As wide as the bore: it jams below the face.',
                ],
                $this->face->hasInner && $covered <= 0 && $opening < $this->face->innerOutside => [
                    'inner_only',
                    'It stands on the inner ring and would press through the balls.',
                ],
                default => null,
            },
            $this->face->hasInner && $opening < $this->face->innerOutside + $this->limits->get('driver.inner_clearance')
                ? ['both', 'It touches the inner ring as well.']
                : null,
        ];
    }

    /** @return array{float, ?array{string, string}, ?array{string, string}} */
    private function ontoShaft(float $outside, float $opening): array
    {
        $covered = self::overlap($opening, $outside, $this->face->bore, $this->face->innerOutside);
        $contact = $covered / ($this->face->innerOutside - $this->face->bore);

        return [
            $contact,
            match (true) {
                $opening < $this->face->bore + $this->limits->get('driver.bore_clearance') && $this->depth->mm > 0 => [
                    'no_shaft',
                    'The shaft does not go through it.',
                ],
                $covered <= 0 && $outside > $this->face->outerInside => [
                    'outer_only',
                    'It stands on the outer ring and would press through the balls.',
                ],
                default => null,
            },
            $outside > $this->face->outerInside - $this->limits->get('driver.inner_clearance')
                ? ['both', 'It touches the outer ring as well.']
                : null,
        ];
    }

    /** @return array{float, ?array{string, string}, ?array{string, string}} */
    private function bothRings(float $outside, float $opening): array
    {
        $outer =
            self::overlap($opening, $outside, $this->face->outerInside, $this->face->outside) /
            ($this->face->outside - $this->face->outerInside);
        $inner =
            self::overlap($opening, $outside, $this->face->bore, $this->face->innerOutside) /
            max(0.01, $this->face->innerOutside - $this->face->bore);

        return [
            min($outer, $inner),
            match (true) {
                $this->axle !== null && $opening < $this->axle->mm => [
                    'axle_in_way',
                    'The {shaft} end stands in its way: it wants an opening wider than the {shaft}.',
                ],
                $this->depth->mm > 0 && $outside > $this->face->outside - $this->limits->get('driver.bore_clearance') => [
                    'too_wide',
                    'As wide as the bore: it jams below the face.',
                ],
                $outer < $this->limits->get('driver.contact_care') || $inner < $this->limits->get('driver.contact_care') => [
                    'one_only',
                    'It stands on one ring only: the other is pushed through the balls.',
                ],
                default => null,
            },
            null,
        ];
    }

    /** @return array{float, ?array{string, string}, ?array{string, string}} */
    private function outFromBehind(float $outside, float $opening): array
    {
        $through = $this->through();
        // From behind it meets the inner ring first; scrap may be pushed by either.
        $behind = max(0.01, min($through, $this->face->outside) - $this->face->bore);
        $contact = min(1.0, self::overlap($opening, $outside, $this->face->bore, $through) / (0.5 * $behind));

        return [
            $contact,
            match (true) {
                $outside > $through - $this->limits->get('driver.ledge_clearance') => ['ledge', 'It does not go through the shoulder.'],
                $outside <= $this->face->bore => ['falls_through', 'It falls through the ring.'],
                default => null,
            },
            null,
        ];
    }

    /** The way out: the bore of the ledge, or what is left of the face when nobody measured it. */
    private function through(): float
    {
        return $this->ledge->mm ?? $this->face->outerInside;
    }

    /** @return array{string, string} */
    private function good(): array
    {
        return match ($this->way) {
            DriverWay::IntoBore => [
                'good',
                $this->face->hasInner ? 'Stands on the outer ring, clear of the seal.' : 'Stands on the cup.',
            ],
            DriverWay::OntoShaft => ['good_inner', 'Stands on the inner ring, clear of the seal; the shaft goes through it.'],
            DriverWay::BothRings => ['good_both', 'Stands on both rings at once.'],
            DriverWay::OutFromBehind => ['good_out', 'Goes through the shoulder and stands on the ring.'],
        };
    }

    /** How much of a band of radii a tool covers, from diameters; mm on diameter. */
    private static function overlap(float $opening, float $outside, float $from, float $to): float
    {
        return max(0.0, min($outside, $to) - max($opening, $from));
    }
}
