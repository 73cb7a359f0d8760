<?php

return [
    'default' => env('LOG_CHANNEL', 'kept'),
    'channels' => [
        /** Turns over daily, beside what it speaks of. */
        'kept' => ['driver' => 'daily', 'path' => env('INCH_DATA', storage_path('data')).'/logs/inch-ladder.log', 'days' => 7, 'level' => 'warning'],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
