<?php

return [
    'name' => 'Inch Ladder',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
];
