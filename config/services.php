<?php

return [
    // The stand-in that bin/demo starts beside the application.
    'kit_post' => env('KIT_POST_URL', 'http://127.0.0.1:8790'),
];
