<?php

declare(strict_types=1);

return [
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users', 'remember' => 60 * 24 * 60]],
    'passwords' => [
        // A code to join by, or to choose another password by, holds for three days (in minutes).
        'users' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 3 * 24 * 60, 'throttle' => 0],
    ],
];
