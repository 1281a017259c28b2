<?php

declare(strict_types=1);

namespace App\Http;

use App\Shapes\Json;
use App\Shapes\Ready;
use Illuminate\Contracts\Pagination\CursorPaginator;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Response;

/** Answers with typed objects. */
final class Answer
{
    public static function with(mixed $shape, int $status = 200): JsonResponse
    {
        return new JsonResponse(Json::of($shape), $status, [], Json::FLAGS);
    }

    /** Answers with a typed object one part of which is JSON already. */
    public static function around(object $shape, int $status = 200): JsonResponse
    {
        /** @var array<string, mixed> $of */
        $of = Json::of($shape);
        $pieces = [];
        foreach ($of as $name => $value) {
            $pieces[] =
                json_encode((string) $name, JSON_THROW_ON_ERROR).
                ':'.
                ($value instanceof Ready ? $value->json : json_encode($value, JSON_THROW_ON_ERROR | Json::FLAGS));
        }

        return JsonResponse::fromJsonString('{'.implode(',', $pieces).'}', $status);
    }

    /**
     * One page of a list, with the cursor of the next.
     *
     * @template T
     *
     * @param  CursorPaginator<int, T>  $page
     * @param  callable(T): object  $shape
     */
    public static function page(CursorPaginator $page, callable $shape): JsonResponse
    {
        return self::with(['data' => array_map($shape, array_values($page->items())), 'next_cursor' => $page->nextCursor()?->encode()]);
    }

    public static function nothing(): \Illuminate\Http\Response
    {
        return Response::noContent();
    }
}
