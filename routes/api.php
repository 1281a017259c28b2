<?php

declare(strict_types=1);

use App\Http\Controllers\AddendumController;
use App\Http\Controllers\AheadController;
use App\Http\Controllers\BeginController;
use App\Http\Controllers\BenchDayController;
use App\Http\Controllers\CalculatorController;
use App\Http\Controllers\ErrandController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\JobFileController;
use App\Http\Controllers\JoiningController;
use App\Http\Controllers\KeyController;
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
use App\Http\Controllers\RecordingController;
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
    Route::delete('tablets/{tablet}', [TabletController::class, 'destroy']);

    Route::get('keys', [KeyController::class, 'index']);
    Route::post('keys', [KeyController::class, 'store']);
    Route::delete('keys/{key}', [KeyController::class, 'destroy']);

    Route::get('people', [PeopleController::class, 'index']);
    Route::post('people', [PeopleController::class, 'store']);
    Route::patch('people/{person}', [PeopleController::class, 'update']);
    Route::post('people/{person}/left', [PeopleController::class, 'leave']);
    Route::delete('people/{person}/left', [PeopleController::class, 'comeBack']);
    Route::post('people/{person}/code', [PeopleController::class, 'code']);
    Route::delete('people/{person}/sessions', [PeopleController::class, 'endSessions']);
    Route::delete('people/{person}/name', [PeopleController::class, 'erase']);
    Route::get('log', LogController::class);
    Route::post('time-code', [TimeCodeController::class, 'store']);
    Route::put('time-code', [TimeCodeController::class, 'update']);
    Route::delete('time-code', [TimeCodeController::class, 'destroy']);
    Route::delete('people/{person}/time-code', [TimeCodeController::class, 'takenOff']);
    Route::get('tokens', [TokenController::class, 'index']);
    Route::post('tokens', [TokenController::class, 'store']);
    Route::delete('tokens/{token}', [TokenController::class, 'destroy']);

    Route::post('jobs', [JobController::class, 'store']);
    Route::post('jobs/several', [JobController::class, 'several']);
    Route::get('jobs/{job}/records', [RecordController::class, 'index']);
    Route::delete('photos/{photo}', [PhotoController::class, 'destroy'])->whereUuid('photo');
    Route::post('jobs/{job}/photos', [PhotoController::class, 'store']);
    Route::get('recordings/{recording}', [RecordingController::class, 'show'])->whereUuid('recording');
    Route::delete('recordings/{recording}', [RecordingController::class, 'destroy'])->whereUuid('recording');
    Route::post('jobs/{job}/recordings', [RecordingController::class, 'store']);
    Route::patch('jobs/{job}', [JobController::class, 'update']);
    Route::post('jobs/{job}/closed', [JobController::class, 'close']);
    Route::delete('jobs/{job}/closed', [JobController::class, 'takeUp']);
    Route::post('jobs/file', [JobFileController::class, 'store']);
    Route::post('jobs/{job}/addenda', [AddendumController::class, 'store']);
    Route::post('jobs/{job}/signature', [SignatureController::class, 'store']);

    Route::get('jobs/{job}/seats/{seat}/trend', [SeatingController::class, 'trend']);
    Route::get('jobs/{job}/seats/{seat}/traces', [PressController::class, 'index']);
    Route::post('jobs/{job}/seats/{seat}/live', [PressController::class, 'begin']);
    Route::delete('jobs/{job}/seats/{seat}/live', [PressController::class, 'stop']);
    Route::post('jobs/{job}/traces', [PressController::class, 'store']);

    Route::post('machines', [MachineController::class, 'store']);
    Route::post('machines/list', [MachineController::class, 'import']);
    Route::put('machines/{machine}', [MachineController::class, 'update']);
    Route::delete('machines/{machine}/customer', [MachineController::class, 'erase']);

    Route::put('bench-day', [BenchDayController::class, 'update']);
    Route::post('ahead/{item}/settled', [AheadController::class, 'settle']);
    Route::delete('ahead/{item}/settled', [AheadController::class, 'unsettle']);
    Route::get('shop/calendar', [AheadController::class, 'calendar']);
    Route::post('shop/calendar', [AheadController::class, 'newCalendar']);
    Route::delete('shop/calendar', [AheadController::class, 'endCalendar']);

    Route::get('tools', [ToolController::class, 'index']);
    Route::post('tools', [ToolController::class, 'store']);
    Route::post('tools/list', [ToolController::class, 'import']);
    Route::post('tools/starter', [ToolController::class, 'starter']);
    Route::get('tools/next', [ToolController::class, 'next']);
    Route::put('tools/{tool}', [ToolController::class, 'update']);
    Route::delete('tools/{tool}', [ToolController::class, 'destroy']);

    Route::get('suppliers', [SupplierController::class, 'index']);
    Route::post('suppliers', [SupplierController::class, 'store']);
    Route::post('suppliers/{supplier}/prices', [SupplierController::class, 'prices']);
    Route::get('jobs/{job}/shopping', [OrderController::class, 'shopping']);
    Route::post('jobs/{job}/orders', [OrderController::class, 'store']);
    Route::get('orders', [OrderController::class, 'index']);
    Route::post('orders/{order}/received', [OrderController::class, 'receive']);
    Route::get('shelf', [ShelfController::class, 'index']);
    Route::post('shelf', [ShelfController::class, 'store']);
    Route::post('shelf/{item}/taken', [ShelfController::class, 'take']);

    Route::post('shop/along', [ErrandController::class, 'along']);
    Route::get('errands/{errand}', [ErrandController::class, 'show']);

    Route::get('shop', [ShopController::class, 'show']);
    Route::patch('shop', [ShopController::class, 'update']);

    Route::get('patterns', PatternController::class);
    Route::get('calculators', [CalculatorController::class, 'index']);
});
