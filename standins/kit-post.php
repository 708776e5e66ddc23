<?php

// A STAND-IN for the service of a kit maker: answers with packing lists of four invented kits by code.
//   php -S 127.0.0.1:8790 standins/kit-post.php
// GET /kits/ORCHARD-12 gives a keepshare/kit file. GARBLED-1 gives nonsense and SLOW-1 keeps one waiting, for rehearsal.

$code = preg_match('#^/kits/([A-Z]+-\d+)$#', (string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH), $found) === 1 ? $found[1] : '';
header('Content-Type: application/json');
header('X-Stand-In: kit post');
if ($code === 'SLOW-1') {
    sleep(10);
}
if ($code === 'GARBLED-1') {
    echo '{"format": "something else", "kits": [';

    return;
}
$file = __DIR__.'/kits/'.strtolower($code).'.json';
if ($code === '' || ! is_file($file)) {
    http_response_code(404);
    echo json_encode(['error' => 'no kit has this code']);

    return;
}
readfile($file);
