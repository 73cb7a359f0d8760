<?php

return [
    /** Laravel's own routes to its disk stay shut: files are given out by our controllers alone. */
    'disks' => ['local' => ['driver' => 'local', 'root' => env('INCH_DATA', storage_path('data')), 'serve' => false]],
];
