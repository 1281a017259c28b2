<?php

declare(strict_types=1);

use App\Http\Controllers\CalculatorController;
use Illuminate\Support\Facades\Route;

// Worked out while people type: a session and its token are asked for, the database is not.
Route::post('calculators/{name}', [CalculatorController::class, 'work']);
