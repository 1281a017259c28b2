<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlaceOrders;
use App\Actions\ReceiveOrder;
use App\Bench\Shopping;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\PlaceOrdersRequest;
use App\Http\Requests\ReceiveRequest;
use App\Http\Resources\OrderSheet;
use App\Http\Resources\ShoppingSheet;
use App\Models\Job;
use App\Models\Order;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class OrderController
{
    private const PAGE = 30;

    private const SHOWN = [
        'supplier:id,name',
        'job:id,shop_id,machine_id,number,wheel',
        'job.machine:id,name',
        'author:id,name',
        'lines',
    ];

    #[Documented(
        'What a job needs: on the shelf, on its way, and the cheapest and soonest way to buy the rest',
        answers: ShoppingSheet::class,
    )]
    public function shopping(Job $job, Shopping $shopping): JsonResponse
    {
        Gate::authorize('view', $job);
        $job->loadMissing('shop');

        return Answer::with(ShoppingSheet::of($shopping->of($job), $job->shop));
    }

    #[Documented(
        'Order what a job needs, the cheapest or the soonest way: one order for each supplier',
        answers: OrderSheet::class,
        status: 201,
        many: true,
    )]
    public function store(PlaceOrdersRequest $request, Job $job, PlaceOrders $place, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $job);
        Gate::authorize('create', Order::class);
        $job->loadMissing('shop');
        $orders = Order::query()
            ->whereKey(array_map(static fn (Order $o): int => $o->id, $place($user, $job, $request->string('way')->toString())))
            ->with(self::SHOWN)
            ->orderBy('id')
            ->get();

        return Answer::with(
            ['data' => $orders->map(static fn (Order $o): OrderSheet => OrderSheet::of($o, $job->shop->currency))->all()],
            201,
        );
    }

    #[Documented('Orders of the shop, the newest first', answers: OrderSheet::class, page: true)]
    public function index(#[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('viewAny', Order::class);

        return Answer::page(
            Order::query()->with(self::SHOWN)->orderByDesc('id')->cursorPaginate(self::PAGE),
            static fn (Order $o): OrderSheet => OrderSheet::of($o, $user->shop->currency),
        );
    }

    #[Documented('Book in what came of an order: how many of each line are here now', answers: OrderSheet::class)]
    public function receive(ReceiveRequest $request, Order $order, ReceiveOrder $receive, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('receive', $order);
        $receive($order, $request->lines());

        return Answer::with(OrderSheet::of($order->load(self::SHOWN), $user->shop->currency));
    }
}
