<?php

return [
    /** Where the database, the photos and the throw-away pictures live; `./bin/start --data=DIR` sets it. */
    'data' => env('INCH_DATA', storage_path('data')),

    /** Names the front end that is served, so that a page of another version knows it. */
    'build' => is_file(public_path('build/manifest.json')) ? substr((string) hash_file('sha256', public_path('build/manifest.json')), 0, 12) : '',

    /** Where a copy is made every night; null where none was asked for. `./bin/start --backup=DIR` sets it. */
    'backup' => env('INCH_BACKUP'),

    /** Type on sheets written as PNG: of the same widths as the PDF's Helvetica; Debian's fonts-liberation. */
    'sheet_font' => '/usr/share/fonts/truetype/liberation/LiberationSans-Regular.ttf',
    'sheet_font_strong' => '/usr/share/fonts/truetype/liberation/LiberationSans-Bold.ttf',

    'photo' => [
        'most_bytes' => 64 * 1024 * 1024,
        /** Decoded pixels; a larger picture is refused before it is decoded. */
        'most_pixels' => 120_000_000,
        'least_side' => 64,
        'most_side' => 30_000,
        'preview_side' => 1600,
    ],
];
