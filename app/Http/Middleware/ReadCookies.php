<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Cookie\Middleware\EncryptCookies;

/** Decrypts the cookies that are read: the token against forged requests is asked for as a header, its cookie is the browser's. */
final class ReadCookies extends EncryptCookies
{
    protected $except = ['XSRF-TOKEN'];
}
