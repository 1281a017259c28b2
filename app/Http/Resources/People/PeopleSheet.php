<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

/** The people of a shop, those who left last; and what can be done about them. */
final readonly class PeopleSheet
{
    /**
     * @param  list<PersonCard>  $people
     * @param  bool  $mails whether a code can be sent by mail
     */
    public function __construct(public array $people, public bool $mayChange, public bool $mails)
    {
    }
}
