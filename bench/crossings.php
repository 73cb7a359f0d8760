<?php

declare(strict_types=1);

use App\Wire\MassesWriter;
use Illuminate\Contracts\Console\Kernel;
use Tests\Accuracy;
use Tests\Photos;

/*
 * All crossings of 10 × 14 cells on a photo that is seen for the first time, its masses, and its pixels decoded once; as
 * seconds.
 * A process of its own, cached as in the server's workers.
 */
require __DIR__.'/../tests/bootstrap.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
config(['inch.data' => $argv[2]]);

// Whatever must be compiled is, as in a worker that has answered before.
$choices = ['grid' => ['school' => 'proportional', 'columns' => 10, 'rows' => 14]];
(new Accuracy(Photos::make(600, 400), 10, $choices))->told();
$start = hrtime(true);
$decoded = new Imagick("jpeg:{$argv[1]}");
$once = (hrtime(true) - $start) / 1e9;
$decoded->clear();
// Taken in before, as a photo is when it comes.
$photo = Accuracy::photo($argv[1]);
$start = hrtime(true);
$accuracy = new Accuracy($photo, 10, $choices);
$crossings = array_sum(array_map(count(...), $accuracy->told()));
$all = (hrtime(true) - $start) / 1e9;
$start = hrtime(true);
$masses = count(app(MassesWriter::class)->masses($accuracy->photo, $accuracy->plan)->all);
echo json_encode(['once' => $once, 'all' => $all, 'crossings' => $crossings, 'masses' => (hrtime(true) - $start) / 1e9, 'count' => $masses]);
