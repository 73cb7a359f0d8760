<?php

return [
    'default' => env('LOG_CHANNEL', 'safe'),
    'channels' => [
        // A log that cannot be written, on a full disk, makes nothing else fail.
        'safe' => ['driver' => 'stack', 'channels' => ['kept'], 'ignore_exceptions' => true],
        /** Turns over daily, beside what it speaks of. */
        'kept' => ['driver' => 'daily', 'path' => env('INCH_DATA', storage_path('data')).'/logs/inch-ladder.log', 'days' => 7, 'level' => 'warning'],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
