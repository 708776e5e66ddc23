<?php

return [
    // The stand-in that bin/demo starts beside the application.
    'kit_post' => env('KIT_POST_URL', 'http://127.0.0.1:8790'),
    // The stand-in label printer and motor cutter.
    'table_tools' => env('TABLE_TOOLS_URL', 'http://127.0.0.1:8791'),
];
