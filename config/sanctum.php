<?php

declare(strict_types=1);

use Laravel\Sanctum\Sanctum;

return [
    // The page and the API are one origin, whatever name or port the shop reaches it by.
    'stateful' => [Sanctum::$currentRequestHostPlaceholder],
    'guard' => ['web'],
    'expiration' => null,
];
