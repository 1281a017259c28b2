<?php

declare(strict_types=1);

use App\Release;

return [
    'name' => 'Clean Race',
    'release' => Release::mark(dirname(__DIR__)),
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    'hsts' => (bool) env('APP_HSTS', false),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'key' => env('APP_KEY'),
    'cipher' => 'AES-256-CBC',
];
