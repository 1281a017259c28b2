<?php

declare(strict_types=1);

use App\Http\Controllers\AheadController;
use App\Http\Controllers\BuyingPaperController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\ErrandController;
use App\Http\Controllers\HubFileController;
use App\Http\Controllers\JobFileController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PressController;
use App\Http\Controllers\RecordingController;
use App\Http\Controllers\ToolController;
use App\Http\Controllers\TurnedPieceController;
use App\SignIn\LiveSession;
use Illuminate\Support\Facades\Route;

// What a browser opens by itself: pictures and printed cards.
Route::middleware(['auth:web', LiveSession::class])
    ->prefix('files')
    ->group(function (): void {
        Route::get('photos/{photo}.jpg', [PhotoController::class, 'show'])->whereUuid('photo');
        Route::get('recordings/{recording}.wav', [RecordingController::class, 'file'])->whereUuid('recording');
        Route::get('jobs/{job}/card.pdf', CardController::class);
        Route::get('jobs/{job}/sheet.pdf', [BuyingPaperController::class, 'sheet']);
        Route::get('jobs/{job}/job.json', [JobFileController::class, 'show']);
        Route::get('jobs/{job}/quote.pdf', [BuyingPaperController::class, 'quote']);
        Route::get('orders/{order}/order.{form}', [BuyingPaperController::class, 'order'])
            ->whereIn('form', ['pdf', 'csv']);
        Route::get('jobs/{job}/hub.{form}', HubFileController::class)
            ->whereIn('form', ['svg', 'dxf']);
        Route::get('jobs/{job}/trace-{trace}.csv', [PressController::class, 'file'])
            ->whereUuid('trace');
        Route::get('along/{errand}.zip', [ErrandController::class, 'file']);
        Route::get('tools.csv', [ToolController::class, 'file']);
        Route::get('turned-piece.{form}', TurnedPieceController::class)->whereIn('form', ['svg', 'dxf']);
    });

// A calendar is read by programs that cannot sign in: its address is the secret.
Route::get('calendar/{key}.ics', [AheadController::class, 'feed'])
    ->where('key', '[A-Za-z0-9]{48}')
    ->withoutMiddleware('web')
    ->middleware('throttle:60,1');

// Every other address is a page of the interface. It is the same document for all of them and keeps no session.
Route::view('{page?}', 'page')->where('page', '^(?!(api|files|calendar|build|sanctum)(/|$)).*$')->withoutMiddleware('web');
