<?php

use App\Http\Controllers\PairController;
use App\Http\Middleware\OnlyPaired;
use Illuminate\Support\Facades\Route;

Route::get(OnlyPaired::PAGE, [PairController::class, 'page']);
Route::post(OnlyPaired::PAGE, [PairController::class, 'pair']);
// The pages of the front end (resources/js/router.ts). Any other address shows the page that says so, as what it is: not found.
foreach (['/', 'instruments', 'settings', 'drawing/{id}/{step?}/{at?}/{of?}'] as $page) {
    Route::view($page, 'app')->where(['id' => '[0-9A-Za-z]+', 'step' => '[a-z]+', 'at' => '[^./]*', 'of' => '[^./]*']);
}
Route::get('{any}', fn (string $any) => str_contains(basename($any), '.') ? abort(404) : response()->view('app', status: 404))->where('any', '(?!api/).*');
