<?php

return [
    'default' => 'sqlite',

    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('keepshare.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Readers never wait for the queue worker's writing, nor it for them.
            'journal_mode' => 'WAL',
            'synchronous' => 'NORMAL',
            'busy_timeout' => 5000,
            // An act reads the revision and writes in one go: it takes the write lock first.
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],

    'migrations' => [
        'table' => 'migrations',
        'update_date_on_publish' => false,
    ],
];
