<?php

declare(strict_types=1);

/*
 * Front door for PHP's own server: built files are sent from here with the headers that server would not set; all the
 * rest goes to the application.
 */
$path = parse_url((string) $_SERVER['REQUEST_URI'], \PHP_URL_PATH);
$types = [
    'js' => 'text/javascript',
    'css' => 'text/css',
    'woff2' => 'font/woff2',
    'svg' => 'image/svg+xml',
    'png' => 'image/png',
];
if (
    is_string($path) &&
    1 === preg_match('#^/app/[\w./-]+\.(\w+)$#', $path, $found) &&
    isset($types[$found[1]]) &&
    !str_contains($path, '..') &&
    is_file(__DIR__ . $path)
) {
    header('Content-Type: ' . $types[$found[1]]);
    header('Cache-Control: public, max-age=31536000, immutable');
    header('X-Content-Type-Options: nosniff');
    header("Content-Security-Policy: default-src 'none'; sandbox");
    readfile(__DIR__ . $path);

    return true;
}
require __DIR__ . '/index.php';
