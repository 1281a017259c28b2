<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

/** What is said of a hub, and of a housing, a knuckle or a wheel where bearings sit in that. */
interface SaidOfBody
{
    /** The same where a bearing sits in that. */
    public function inBody(Message $body): static;
}
