<?php

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24 * 7,
    'cookie' => 'keepshare_session',
    'http_only' => true,
    'same_site' => 'strict',
];
