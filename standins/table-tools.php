<?php

// A STAND-IN for two machines at the table: a label printer and a motor cutter.
//   php -S 127.0.0.1:8791 standins/table-tools.php
// POST /labels prints: GET / shows what it received. POST /cut takes a keepshare/cut-plan and answers with the pieces it
// "really" cut. GET /error/0.8 sets an error of 0.8 mm that its first piece comes out too narrow by; GET /error/0 mends it.

// Known by its process too: what an earlier one left at the same port is none of its own.
$kept = sys_get_temp_dir().'/keepshare-table-tools-'.($_SERVER['SERVER_PORT'] ?? '0').'-'.getmypid().'.json';
$state = json_decode((string) @file_get_contents($kept), true) ?: ['labels' => [], 'error' => 0];
$path = (string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH);
$body = json_decode((string) file_get_contents('php://input'), true);
header('X-Stand-In: table tools');

/** Whole units of 1/8 micrometre, from a text as a cut plan has it. */
function units(string $text, string $unit): int
{
    if (str_ends_with($text, 'mm')) {
        [$text, $unit] = [substr($text, 0, -2), 'mm'];
    }
    if ($unit === 'mm') {
        return (int) round((float) $text * 8_000);
    }
    preg_match('#^(?:(\d+) ?)??(?:(\d+)/(\d+))?$#', $text, $found);

    return (int) ($found[1] ?? 0) * 203_200 + (isset($found[3]) ? intdiv((int) $found[2] * 203_200, (int) $found[3]) : 0);
}

if ($path === '/labels' && is_array($body['labels'] ?? null)) {
    $state['labels'] = array_slice([...$state['labels'], ...$body['labels']], -200);
    file_put_contents($kept, json_encode($state));
    header('Content-Type: application/json');
    echo json_encode(['printed' => count($body['labels'])]);

    return;
}
if (preg_match('#^/error/(\d+(?:\.\d+)?)$#', $path, $found) === 1) {
    $state['error'] = (float) $found[1];
    file_put_contents($kept, json_encode($state));
    echo "The cutter is off by $found[1] mm from now on.";

    return;
}
if ($path === '/cut' && ($body['format'] ?? null) === 'keepshare/cut-plan') {
    $pieces = [];
    foreach ($body['sheets'] as $sheet) {
        foreach ($sheet['pieces'] as $piece) {
            $off = $pieces === [] ? (int) round($state['error'] * 8_000) : 0;
            $pieces[] = ['piece' => $piece['piece'], 'copy' => $piece['copy'], 'width' => sprintf('%.6F', (units($piece['width'], $body['unit']) - $off) / 8_000).'mm', 'height' => sprintf('%.6F', units($piece['height'], $body['unit']) / 8_000).'mm'];
        }
    }
    header('Content-Type: application/json');
    echo json_encode(['cut' => $pieces]);

    return;
}
if ($path !== '/') {
    http_response_code(404);
    header('Content-Type: application/json');
    echo json_encode(['error' => 'these tools print at /labels and cut at /cut']);

    return;
}
header('Content-Type: text/html; charset=utf-8');
echo '<!DOCTYPE html><title>Stand-in label printer</title><h1>What the stand-in label printer received</h1>';
foreach ($state['labels'] as $label) {
    echo '<p><b>'.htmlspecialchars((string) ($label['number'] ?? '')).'</b> '.htmlspecialchars((string) ($label['title'] ?? '')).'<br>'.implode('<br>', array_map(static fn ($line): string => htmlspecialchars((string) $line), $label['lines'] ?? [])).'</p>';
}
