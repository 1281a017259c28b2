<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Says so when a body that claims to be JSON is not. */
final class ReadableJson
{
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethod('GET') || ! $request->isJson() || $request->getContent() === '') {
            return $next($request);
        }
        $body = json_decode($request->getContent(), true);

        return is_array($body)
            ? $next($request)
            : (new Problem(400, 'not-json', 'Not JSON', 'The body is not a JSON object.', [
                ['field' => 'body', 'detail' => 'The body is not a JSON object.'],
            ]))->toResponse($request);
    }
}
