<?php

return [
    // Where copies of the whole table are kept by themselves; empty where none are to be.
    'folder' => env('COPIES_FOLDER', storage_path('copies')),
];
