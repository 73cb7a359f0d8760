<?php

require __DIR__.'/../bootstrap/picture-policy.php';
require __DIR__.'/../vendor/autoload.php';

// One file of the core with a fault put into it, in place of the file itself: are the tests sharp enough? (bench/mutation.php)
if (is_string($mutant = getenv('INCH_MUTANT'))) {
    require $mutant;
}

// Every run keeps its photos in a folder of its own, and takes it away at the end.
$data = sys_get_temp_dir().'/inch-ladder-tests-'.getmypid();
mkdir($data);
putenv("INCH_DATA={$data}");
$_ENV['INCH_DATA'] = $_SERVER['INCH_DATA'] = $data;
register_shutdown_function(fn () => (new Illuminate\Filesystem\Filesystem)->deleteDirectory($data));
