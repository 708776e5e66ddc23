<?php

return [
    'name' => 'Keep Share',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    'key' => env('APP_KEY'),
    'timezone' => 'UTC',
];
