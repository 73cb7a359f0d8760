<?php

return [
    'default' => 'array',
    'stores' => [
        'array' => ['driver' => 'array'],
        /** Boards of the shelf, in the data folder with the rest that can be made anew. */
        'shelf' => ['driver' => 'file', 'path' => env('INCH_DATA', storage_path('data')).'/cache/shelf'],
    ],
];
