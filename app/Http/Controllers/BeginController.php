<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BeginShop;
use App\Actions\SignIn;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Query;
use App\Http\Requests\People\BeginRequest;
use App\Http\Resources\People\Person;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\GoneHttpException;

/** The first shop of a server, begun under an address that ./start or shop:begin prints. It holds until there is a shop. */
final class BeginController
{
    #[Query('expires', 'As the printed address has it')]
    #[Query('signature', 'As the printed address has it')]
    #[Documented('Whether this address still begins a shop', status: 204)]
    public function show(Request $request): Response
    {
        $this->mustHold($request);

        return Answer::nothing();
    }

    #[Query('expires', 'As the printed address has it')]
    #[Query('signature', 'As the printed address has it')]
    #[Documented('Begin the shop, with its owner, who is signed in', answers: Person::class, status: 201)]
    public function store(BeginRequest $request, BeginShop $begin, SignIn $signIn): JsonResponse
    {
        $this->mustHold($request);
        $owner = $begin($request->shop(), $request->person());
        $signIn->begin($request, $owner, true);

        return Answer::with(Person::here($owner, $request), 201);
    }

    /** @throws GoneHttpException when nobody here signed the address, when it is over, or when there is a shop */
    private function mustHold(Request $request): void
    {
        if (! $request->hasValidRelativeSignature() || Shop::query()->exists()) {
            throw new GoneHttpException('This address begins no shop any more. Sign in, or print a new one: php artisan shop:begin');
        }
    }
}
