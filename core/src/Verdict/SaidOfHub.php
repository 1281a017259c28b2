<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

/** What is said of a hub, and of a housing, a knuckle or a wheel where bearings sit in that. */
interface SaidOfHub
{
    /** The same in the words of that hub. */
    public function inWordsOf(HubWords $hub): static;
}
