<?php

use App\Http\ExceptionRenderer;
use App\Http\Middleware\GuardAnswers;
use App\Http\Middleware\InLanguage;
use App\Http\Middleware\OnlyOwnPages;
use App\Http\Middleware\OnlyPaired;
use App\Http\Middleware\PlainText;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Middleware\HandleCors;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        // Only while speed is measured is there a route that answers nothing.
        api: [__DIR__.'/../routes/api.php', ...(getenv('INCH_BENCH') === '1' ? [__DIR__.'/../bench/routes.php'] : [])],
        then: fn () => require __DIR__.'/../routes/pages.php',
    )
    ->withMiddleware(fn (Middleware $middleware) => $middleware
        ->remove([ConvertEmptyStringsToNull::class, TrimStrings::class, HandleCors::class])
        ->prepend([GuardAnswers::class, InLanguage::class, OnlyOwnPages::class, OnlyPaired::class, PlainText::class]))
    ->withExceptions(fn (Exceptions $exceptions) => ExceptionRenderer::register($exceptions))
    ->create();
