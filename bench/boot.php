<?php

declare(strict_types=1);

use Illuminate\Contracts\Console\Kernel;

/* What a bench begins with: the development libraries, as what serves the tests serves here too, and the app. */
require __DIR__.'/../tests/bootstrap.php';
require __DIR__.'/Bench.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
config(['inch.data' => getenv('INCH_DATA')]);
