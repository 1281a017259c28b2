<?php

declare(strict_types=1);

use App\SignIn\ForgedRequests;
use App\SignIn\LiveSession;
use Illuminate\Cookie\Middleware\EncryptCookies;

return [
    'middleware' => [
        'authenticate_session' => LiveSession::class,
        'encrypt_cookies' => EncryptCookies::class,
        'validate_csrf_token' => ForgedRequests::class,
    ],
];
