<?php

use App\Http\Controllers\PairController;
use App\Http\Middleware\OnlyPaired;
use Illuminate\Support\Facades\Route;

Route::get(OnlyPaired::PAGE, [PairController::class, 'page']);
Route::post(OnlyPaired::PAGE, [PairController::class, 'pair']);
Route::view('/{any?}', 'app')->where('any', '(?!api/).*');
