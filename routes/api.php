<?php

declare(strict_types=1);

use App\Http\Controllers\AddendumController;
use App\Http\Controllers\AheadController;
use App\Http\Controllers\BeginController;
use App\Http\Controllers\BenchDayController;
use App\Http\Controllers\CalculatorController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\JobFileController;
use App\Http\Controllers\JoiningController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MachineController;
use App\Http\Controllers\OrderController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PatternController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PingController;
use App\Http\Controllers\PressController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\SeatingController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShopController;
use App\Http\Controllers\SignatureController;
use App\Http\Controllers\SupplierController;
use App\Http\Controllers\TabletController;
use App\Http\Controllers\TimeCodeController;
use App\Http\Controllers\TokenController;
use App\Http\Controllers\ToolController;
use App\SignIn\HeedsBenchCode;
use App\SignIn\HeedsTokenRights;
use Illuminate\Support\Facades\Route;

Route::get('ping', PingController::class)->withoutMiddleware('api');
Route::post('session', [SessionController::class, 'store']);
Route::post('joining', [JoiningController::class, 'store']);
Route::get('begin', [BeginController::class, 'show'])->name('begin');
Route::post('begin', [BeginController::class, 'store']);

Route::middleware(['auth:sanctum', HeedsTokenRights::class, HeedsBenchCode::class])->group(function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::patch('session', [SessionController::class, 'update']);
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::put('session/password', [PasswordController::class, 'update']);

    Route::put('session/bench-code', [TabletController::class, 'code']);
    Route::get('session/hands', [TabletController::class, 'hands']);
    Route::post('session/hands', [TabletController::class, 'takeOver']);
    Route::get('tablets', [TabletController::class, 'index']);
    Route::post('tablets', [TabletController::class, 'store']);
    Route::delete('tablets/{tablet}', [TabletController::class, 'destroy'])->whereNumber('tablet');

    Route::get('people', [PeopleController::class, 'index']);
    Route::post('people', [PeopleController::class, 'store']);
    Route::patch('people/{person}', [PeopleController::class, 'update'])->whereNumber('person');
    Route::post('people/{person}/left', [PeopleController::class, 'leave'])->whereNumber('person');
    Route::delete('people/{person}/left', [PeopleController::class, 'comeBack'])->whereNumber('person');
    Route::post('people/{person}/code', [PeopleController::class, 'code'])->whereNumber('person');
    Route::delete('people/{person}/sessions', [PeopleController::class, 'endSessions'])->whereNumber('person');
    Route::get('log', LogController::class);
    Route::post('time-code', [TimeCodeController::class, 'store']);
    Route::put('time-code', [TimeCodeController::class, 'update']);
    Route::delete('time-code', [TimeCodeController::class, 'destroy']);
    Route::delete('people/{person}/time-code', [TimeCodeController::class, 'takenOff'])->whereNumber('person');
    Route::get('tokens', [TokenController::class, 'index']);
    Route::post('tokens', [TokenController::class, 'store']);
    Route::delete('tokens/{token}', [TokenController::class, 'destroy'])->whereNumber('token');

    Route::post('jobs', [JobController::class, 'store']);
    Route::post('jobs/several', [JobController::class, 'several']);
    Route::get('jobs/{job}/records', [RecordController::class, 'index'])->whereNumber('job');
    Route::post('jobs/{job}/photos', [PhotoController::class, 'store'])->whereNumber('job');
    Route::patch('jobs/{job}', [JobController::class, 'update'])->whereNumber('job');
    Route::post('jobs/{job}/closed', [JobController::class, 'close'])->whereNumber('job');
    Route::delete('jobs/{job}/closed', [JobController::class, 'takeUp'])->whereNumber('job');
    Route::post('jobs/file', [JobFileController::class, 'store']);
    Route::post('jobs/{job}/addenda', [AddendumController::class, 'store'])->whereNumber('job');
    Route::post('jobs/{job}/signature', [SignatureController::class, 'store'])->whereNumber('job');

    Route::get('jobs/{job}/seats/{seat}/trend', [SeatingController::class, 'trend'])
        ->whereNumber('job')
        ->where('seat', '[a-z_0-9]+');
    Route::get('jobs/{job}/seats/{seat}/traces', [PressController::class, 'index'])
        ->whereNumber('job')
        ->where('seat', '[a-z_0-9]+');
    Route::post('jobs/{job}/traces', [PressController::class, 'store'])->whereNumber('job');

    Route::post('machines', [MachineController::class, 'store']);
    Route::post('machines/list', [MachineController::class, 'import']);
    Route::put('machines/{machine}', [MachineController::class, 'update'])->whereNumber('machine');

    Route::put('bench-day', [BenchDayController::class, 'update']);
    Route::post('ahead/{item}/settled', [AheadController::class, 'settle'])->whereNumber('item');
    Route::delete('ahead/{item}/settled', [AheadController::class, 'unsettle'])->whereNumber('item');
    Route::get('shop/calendar', [AheadController::class, 'calendar']);
    Route::post('shop/calendar', [AheadController::class, 'newCalendar']);
    Route::delete('shop/calendar', [AheadController::class, 'endCalendar']);

    Route::get('tools', [ToolController::class, 'index']);
    Route::post('tools', [ToolController::class, 'store']);
    Route::post('tools/list', [ToolController::class, 'import']);
    Route::post('tools/starter', [ToolController::class, 'starter']);
    Route::get('tools/next', [ToolController::class, 'next']);
    Route::put('tools/{tool}', [ToolController::class, 'update'])->whereNumber('tool');
    Route::delete('tools/{tool}', [ToolController::class, 'destroy'])->whereNumber('tool');

    Route::get('suppliers', [SupplierController::class, 'index']);
    Route::post('suppliers', [SupplierController::class, 'store']);
    Route::post('suppliers/{supplier}/prices', [SupplierController::class, 'prices'])->whereNumber('supplier');
    Route::get('jobs/{job}/shopping', [OrderController::class, 'shopping'])->whereNumber('job');
    Route::post('jobs/{job}/orders', [OrderController::class, 'store'])->whereNumber('job');
    Route::get('orders', [OrderController::class, 'index']);
    Route::post('orders/{order}/received', [OrderController::class, 'receive'])->whereNumber('order');
    Route::get('shelf', [ShelfController::class, 'index']);
    Route::post('shelf', [ShelfController::class, 'store']);
    Route::post('shelf/{item}/taken', [ShelfController::class, 'take'])->whereNumber('item');

    Route::get('shop', [ShopController::class, 'show']);
    Route::patch('shop', [ShopController::class, 'update']);

    Route::get('patterns', PatternController::class);
    Route::get('calculators', [CalculatorController::class, 'index']);
});
