<?php

declare(strict_types=1);

// Off unless the shop names a server of its own; MAIL_MAILER=log writes to the log what would be sent.
return [
    'default' => env('MAIL_MAILER', 'off'),
    'mailers' => ['off' => ['transport' => 'array']],
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'clean-race@localhost'), 'name' => env('MAIL_FROM_NAME', 'Clean Race')],
];
