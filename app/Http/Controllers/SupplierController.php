<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\PriceListSheet;
use App\Errands\ErrandKind;
use App\Errands\Errands;
use App\Errands\ErrandState;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\NewSupplierRequest;
use App\Http\Requests\PriceListRequest;
use App\Http\Resources\ErrandSheet;
use App\Http\Resources\SupplierCard;
use App\Models\Supplier;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class SupplierController
{
    private const MOST = 200;

    #[Documented('Suppliers of the shop, by name', answers: SupplierCard::class, many: true)]
    public function index(): JsonResponse
    {
        Gate::authorize('viewAny', Supplier::class);
        $suppliers = Supplier::query()->withCount('prices')->orderBy('name')->orderBy('id')->limit(self::MOST)->get();

        return Answer::with([
            'data' => $suppliers
                ->map(static fn (Supplier $s): SupplierCard => SupplierCard::of($s, (int) $s->getAttribute('prices_count')))
                ->all(),
        ]);
    }

    #[Documented('Note a supplier', answers: SupplierCard::class, status: 201)]
    public function store(NewSupplierRequest $request): JsonResponse
    {
        Gate::authorize('create', Supplier::class);
        $supplier = Supplier::query()->create([
            'name' => $request->string('name')->toString(),
            'carriage_minor' => $request->carriage()->minor,
            'days' => $request->integer('days', 1),
            'restock_days' => $request->filled('restock_days') ? $request->integer('restock_days') : null,
        ]);

        return Answer::with(SupplierCard::of($supplier->refresh(), 0), 201);
    }

    #[Documented(
        'Read a price list from CSV; with keep it takes the place of the one there is; a long one is read behind the answer',
        answers: PriceListSheet::class,
        orLater: true,
    )]
    public function prices(PriceListRequest $request, Supplier $supplier, Errands $errands, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $supplier);
        $how = ['supplier' => $supplier->id, 'columns' => $request->columns(), 'keep' => $request->boolean('keep')];
        $errand = $errands->take($user, ErrandKind::ReadPrices, $request->string('id')->toString(), $request->bytes(), $how);

        return $errand->state === ErrandState::Done ? Answer::with($errand->answer) : Answer::around(ErrandSheet::of($errand), 202);
    }
}
