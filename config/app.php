<?php

return [
    'name' => 'Keep Share',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    'key' => env('APP_KEY'),
    'timezone' => 'UTC',

    // The names it answers under, beside those the starter gives it.
    'hosts' => ['127.0.0.1', 'localhost', ...array_filter(explode(',', (string) env('APP_HOSTS')))],
];
