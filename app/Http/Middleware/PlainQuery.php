<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Behind the question mark every name has one value: nothing here takes a list there. */
final class PlainQuery
{
    public function handle(Request $request, Closure $next): Response
    {
        foreach ($request->query->all() as $name => $value) {
            if (is_array($value)) {
                return Problem::input([
                    ['field' => (string) $name, 'detail' => 'Behind the question mark this is one value, not a list.'],
                ])->toResponse($request);
            }
        }

        return $next($request);
    }
}
