<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** A bearing against the depth at which it stood before it came out. Depths below the face, in mm, as they were read. */
final readonly class DepthBefore
{
    private float $short;

    private float $doubt;

    /** @param  Length  $widths by how much the two widths may differ: little when both were measured */
    public function __construct(private Reading $now, private Reading $before, Length $widths)
    {
        $this->short = $before->value->mm - $now->value->mm;
        $this->doubt = 2 * hypot($now->sigma(), $before->sigma()) + $widths->mm;
    }

    /** Deeper than it stood, beyond the doubt of both depths. */
    public function isDeeper(): bool
    {
        return -$this->short > $this->doubt;
    }

    /** @param  bool  $settled whether somebody says that it is in */
    public function verdict(bool $settled): Verdict
    {
        $words = [
            'before' => $this->before->value,
            'now' => $this->now->value,
            'more' => Length::mm(abs($this->short)),
            'doubt' => Length::mm($this->doubt),
        ];

        return match (true) {
            $this->short > $this->doubt && $settled => Verdict::stop(
                Message::of('depth.short', '{more} short of where it stood', $words),
                Message::of('depth.short.say', 'It stood {before} below the face before, and stands {now} now.', $words),
            )->next(
                Message::of(
                    'depth.short.next',
                    'Drive it on. If it will not go, draw it out and look for dirt on the shoulder; or the old depth was read wrong.',
                ),
            ),
            $this->short > $this->doubt => Verdict::care(
                Message::of('depth.to_go', '{more} to go', $words),
                Message::of('depth.to_go.say', 'It stood {before} below the face before.', $words),
            ),
            $this->isDeeper() => Verdict::care(
                Message::of('depth.deeper', '{more} deeper than it stood', $words),
                Message::of(
                    'depth.deeper.say',
                    'It stood {before} below the face before. Another width, or the old depth was read wrong.',
                    $words,
                ),
            ),
            default => Verdict::go(
                Message::of('depth.met', 'As deep as it stood before'),
                Message::of('depth.met.say', '{before} then, {now} now, within {doubt}.', $words),
            ),
        };
    }
}
