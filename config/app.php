<?php

use App\Http\KnownNames;

return [
    'name' => 'Keep Share',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    'key' => env('APP_KEY'),
    'timezone' => 'UTC',

    // The names it answers under: its own, and those the starter gives it.
    'hosts' => KnownNames::with((string) env('APP_HOSTS')),

    // Where the codes are by which other devices are let in, and the address at which they reach the table; empty where it is
    // open to this machine alone. The server that they reach is told the folder as that at whose door it stands.
    'door' => env('TABLE_DOOR', storage_path('door')),
    'address' => env('TABLE_ADDRESS'),
    'at_the_door' => env('AT_THE_DOOR'),
];
