<?php

use App\Exceptions\Answers;
use App\Http\Middleware\RefuseOtherSites;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        api: __DIR__.'/../routes/api.php',
        then: fn () => Route::view('/{any?}', 'app')->where('any', '(?!api/).*'),
    )
    ->withMiddleware(fn (Middleware $middleware) => $middleware
        ->remove([ConvertEmptyStringsToNull::class, TrimStrings::class])
        ->api(prepend: [RefuseOtherSites::class]))
    ->withExceptions(fn (Exceptions $exceptions) => Answers::register($exceptions))
    ->create();
