<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Ahead;
use App\Bench\CalendarFeed;
use App\Cards\Language;
use App\Cards\Words;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Query;
use App\Http\Resources\CalendarLink;
use App\Http\Resources\DueCard;
use App\Models\Concerns\ShopAtHand;
use App\Models\DueItem;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;

/** What falls due: as a list, and as a calendar that other programs subscribe to. */
final class AheadController
{
    private const PAGE = 20;

    private const KEY_LENGTH = 48;

    #[Documented('What falls due, the next first', answers: DueCard::class, page: true)]
    #[Query('undated', 'What has no day instead', 'boolean')]
    public function index(Request $request): JsonResponse
    {
        Gate::authorize('viewAny', DueItem::class);

        return Answer::page(
            ($request->boolean('undated') ? Ahead::undated() : Ahead::dated())->toBase()->cursorPaginate(self::PAGE),
            DueCard::of(...),
        );
    }

    #[Documented('Settled: it was looked at', answers: DueCard::class)]
    public function settle(DueItem $item, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('settle', $item);
        if ($item->settled_at === null) {
            $item->update(['settled_at' => Carbon::now(), 'settled_by' => $user->id]);
        }

        return Answer::with(DueCard::of(Ahead::row($item)));
    }

    #[Documented('Not looked at after all: it falls due as before', answers: DueCard::class)]
    public function unsettle(DueItem $item): JsonResponse
    {
        Gate::authorize('settle', $item);
        $item->update(['settled_at' => null, 'settled_by' => null]);

        return Answer::with(DueCard::of(Ahead::row($item)));
    }

    #[Documented('The address of the calendar, when there is one: owners', answers: CalendarLink::class)]
    public function calendar(#[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $user->shop);

        return Answer::with(self::link($user->shop));
    }

    #[Documented('A new address for the calendar; the one before it stops at once: owners', answers: CalendarLink::class, status: 201)]
    public function newCalendar(#[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $user->shop);
        $user->shop->forceFill(['calendar_key' => Str::random(self::KEY_LENGTH)])->save();

        return Answer::with(self::link($user->shop), 201);
    }

    #[Documented('No calendar any more: owners', answers: CalendarLink::class)]
    public function endCalendar(#[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $user->shop);
        $user->shop->forceFill(['calendar_key' => null])->save();

        return Answer::with(self::link($user->shop));
    }

    /** Whoever has the address may read it; nobody else learns that it is there. */
    public function feed(string $key, Language $language, ShopAtHand $atHand): Response
    {
        $shop = Shop::query()->where('calendar_key', $key)->firstOrFail();

        $items = $atHand->within($shop->id, static fn (): array => Ahead::forCalendar($shop->id));

        return new Response(CalendarFeed::of($shop, $items, new Words('mm', $language)), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Cache-Control' => 'private, max-age=900',
            'Content-Disposition' => 'inline; filename="clean-race.ics"',
        ]);
    }

    private static function link(Shop $shop): CalendarLink
    {
        return new CalendarLink($shop->calendar_key === null ? null : url("/calendar/{$shop->calendar_key}.ics"));
    }
}
