<?php

return [
    'default' => env('DB_CONNECTION', 'sqlite'),
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', env('INCH_DATA', storage_path('data')).'/inch-ladder.sqlite'),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 5000,
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
            // In force from PHP 8.4 on; until then AppServiceProvider takes the lock first.
            'transaction_mode' => 'IMMEDIATE',
        ],
        // Several machines on one database (docs/serving.md).
        'pgsql' => [
            'driver' => 'pgsql',
            'url' => env('DB_URL'),
            'charset' => 'utf8',
            'prefix' => '',
            'search_path' => 'public',
            'sslmode' => 'prefer',
            // A worker that answers keeps its connection (bin/serve.sh): making one takes longer than most questions. Not where
            // several applications follow each other in one process, as in tests: the end of one rolls back the next one's work.
            'options' => [PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false)],
        ],
    ],
];
