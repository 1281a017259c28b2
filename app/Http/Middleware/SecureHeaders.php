<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** What every answer says to the browser about what it may load, and from where. */
final class SecureHeaders
{
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = $request->is('api/*') ? null : Vite::useCspNonce();
        $response = $next($request);
        $headers = $response->headers;
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('X-Frame-Options', 'DENY');
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Permissions-Policy', 'camera=(self), geolocation=(), microphone=(self), payment=(), usb=()');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        // Only where a certificate is one that browsers know: a shop's own authority may be gone tomorrow, and its name still there.
        if ($request->isSecure() && (config('app.hsts') === true || $request->isFromTrustedProxy())) {
            $headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        if ($nonce === null) {
            $headers->set('Content-Security-Policy', "default-src 'none'; frame-ancestors 'none'");
        } elseif (! app()->environment('local')) {
            $headers->set(
                'Content-Security-Policy',
                implode('; ', [
                    "default-src 'self'",
                    "script-src 'self' 'nonce-$nonce'",
                    "style-src 'self' 'nonce-$nonce'",
                    "img-src 'self' data: blob:",
                    // What was recorded is played before it is sent.
                    "media-src 'self' blob:",
                    "font-src 'self'",
                    "connect-src 'self'",
                    "object-src 'none'",
                    "base-uri 'none'",
                    "form-action 'self'",
                    "frame-ancestors 'none'",
                ]),
            );
        }

        return $response;
    }
}
