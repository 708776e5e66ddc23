<?php

return [
    'ssr' => ['enabled' => false],
    'testing' => [
        'ensure_pages_exist' => true,
        'page_paths' => [resource_path('js')],
        'page_extensions' => ['svelte'],
    ],
];
