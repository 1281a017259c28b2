<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Verdict\Message;

/** What the two sides of a hub are called by its people: Outer side, Pulley end. */
final readonly class SideNames
{
    public function __construct(public Message|string $left = 'Left side', public Message|string $right = 'Right side')
    {
    }

    /** That side at the head of a line. */
    public function headed(Side $side): Message
    {
        return Message::plain($side === Side::Right ? $this->right : $this->left);
    }

    /** That side inside a sentence. */
    public function within(Side $side): Message
    {
        return Message::within($this->headed($side));
    }
}
