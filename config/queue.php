<?php

return [
    /** `sync` where one machine does everything; `database` where others wait for heavy work (docs/serving.md): `php artisan queue:work`. */
    'default' => env('QUEUE_CONNECTION', 'sync'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => ['driver' => 'database', 'table' => 'jobs', 'queue' => 'default', 'retry_after' => 180, 'after_commit' => true],
    ],
    'failed' => ['driver' => 'database-uuids', 'table' => 'failed_jobs'],
];
