<?php

declare(strict_types=1);

use App\Calculators\InputFaults;
use App\Calculators\UnknownCalculator;
use App\Http\Conflicts\Conflict;
use App\Http\Middleware\KeepSession;
use App\Http\Middleware\PlainQuery;
use App\Http\Middleware\ReadableJson;
use App\Http\Middleware\SecureHeaders;
use App\Http\Problem;
use App\SignIn\ForgedRequests;
use App\SignIn\HeedsTokenRights;
use App\SignIn\LiveSession;
use App\Speed\HoldsSession;
use App\Speed\ReadSession;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Auth\Middleware\Authenticate;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        apiPrefix: 'api/v1',
        then: static function (): void {
            Route::prefix('api/v1')->group(__DIR__.'/../routes/bench.php');
        },
    )
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->append([SecureHeaders::class, PlainQuery::class]);
        $middleware->prependToGroup('api', KeepSession::class);
        $middleware->appendToGroup('api', ReadableJson::class);
        $read = [EncryptCookies::class, ReadSession::class, ForgedRequests::class];
        $middleware->group('typing', [
            ...$read,
            LiveSession::class,
            Authenticate::using('sanctum'),
            HeedsTokenRights::class,
            SubstituteBindings::class,
            ReadableJson::class,
        ]);
        $middleware->group('calculators', [...$read, HoldsSession::class, HeedsTokenRights::class, ReadableJson::class]);
        $middleware->redirectGuestsTo(static fn (): string => '/sign-in');
        // Only a proxy that the shop names may say who is behind it.
        $proxies = env('TRUSTED_PROXIES');
        if (is_string($proxies) && $proxies !== '') {
            $middleware->trustProxies(at: explode(',', $proxies));
        }
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // What a person typed wrong is told to the person; it is no fault of the program to be looked into.
        $exceptions->dontReport([InputFaults::class, InvalidInput::class, UnknownCalculator::class, Conflict::class]);
        // What programs ask, and files; every other address is a page.
        $asked = static fn (Request $request): bool => $request->is('api', 'api/*', 'files', 'files/*', 'calendar', 'calendar/*');
        $exceptions->shouldRenderJsonWhen($asked);
        $exceptions->render(
            static fn (Throwable $fault, Request $request) => $asked($request) ? Problem::from($fault)->toResponse($request) : null,
        );
    })
    ->create();
