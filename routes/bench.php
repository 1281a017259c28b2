<?php

declare(strict_types=1);

use App\Http\Controllers\AheadController;
use App\Http\Controllers\BenchDayController;
use App\Http\Controllers\CalculatorController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\MachineController;
use App\Http\Controllers\PingController;
use App\Http\Controllers\PressController;
use App\Http\Controllers\RecordController;
use Illuminate\Support\Facades\Route;

// What is asked while people type and read: the session is read and left as it was.
Route::middleware('typing')->group(static function (): void {
    Route::get('ping/signed-in', PingController::class);
    Route::get('jobs', [JobController::class, 'index']);
    // Asked again every few seconds, to see what another hand entered: what is the same is not sent again.
    Route::get('jobs/{job}', [JobController::class, 'show'])->middleware('cache.headers:private;no_cache;etag');
    Route::get('bench-day', [BenchDayController::class, 'show']);
    Route::get('ahead', [AheadController::class, 'index']);
    Route::get('machines', [MachineController::class, 'index']);
    Route::get('machines/{machine}', [MachineController::class, 'show']);
    Route::post('jobs/{job}/preview', [JobController::class, 'preview']);
    Route::post('jobs/{job}/records', [RecordController::class, 'store']);
    Route::get('jobs/{job}/seats/{seat}/live', [PressController::class, 'live']);
});

// A calculator's answer is the same for everybody: a session and its token are asked for, the database is not.
Route::middleware('calculators')->group(static function (): void {
    Route::post('calculators/{name}', [CalculatorController::class, 'work']);
    Route::post('ask', [CalculatorController::class, 'ask']);
});
