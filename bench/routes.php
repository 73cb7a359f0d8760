<?php

use Illuminate\Support\Facades\Route;

// An answer with nothing in it: what the other routes are measured against. The benches alone load this.
Route::post('nothing', fn () => response()->json([]));
