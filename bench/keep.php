<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Wubbin\Bench\Bench;

/*
 * Backup and restore of a shop with 20 000 pieces in its logbook and 2 GB of photos, while people write; a table of
 * stock of 20 000 lines. Usage: php bench/keep.php ADDRESS-OF-A-DEMO-SHOP ITS-DATA-DIRECTORY, after bench/logbook.php
 */

require dirname(__DIR__) . '/vendor/autoload.php';

[, $address, $data] = $argv + [1 => '', 2 => ''];
if ('' === $data) {
    throw new RuntimeException('Say where a demo shop is served, and where its data are.');
}
$write = static function (string $method, string $path, string $type, string $body) use ($address): int {
    $context = stream_context_create([
        'http' => [
            'method' => $method,
            'header' => "X-Wubbin: 1\r\nIf-Match: *\r\nContent-Type: {$type}",
            'content' => $body,
            'ignore_errors' => true,
        ],
    ]);
    file_get_contents($address . $path, false, $context);
    $head = $http_response_header[0] ?? '';

    return (int) substr($head, 9, 3);
};

// A table of stock, in one go.
$lines = ["item,kind,amount,price,note\r\n"];
for ($i = 1; $i <= 20_000; ++$i) {
    $lines[] = sprintf("sheet film-clear-a4,%s,1,2.50,line %d\r\n", 0 === $i % 2 ? 'used' : 'bought', $i);
}
$body =
    "--edge\r\nContent-Disposition: form-data; name=\"file\"; filename=\"stock.csv\"\r\n\r\n" .
    implode('', $lines) .
    "\r\n--edge--\r\n";
$began = microtime(true);
$status = $write('POST', '/api/stock/import', 'multipart/form-data; boundary=edge', $body);
$took = microtime(true) - $began;
Bench::row(
    'A table of stock of 20 000 lines',
    sprintf('%.1f s, answered %d', $took, $status),
    '5 s',
    $took <= 5.0 && 200 === $status,
);

// Photos as a camera makes them: nothing in them repeats.
$photo = random_bytes(2 << 20);
for ($i = 0; $i < 1024; ++$i) {
    $bytes = substr_replace($photo, random_bytes(64), 1000 * $i, 64);
    $name = hash('sha256', $bytes);
    $directory = sprintf('%s/files/%s/%s', $data, substr($name, 0, 2), $name);
    mkdir($directory, 0o700, true);
    file_put_contents($directory . '/original', $bytes);
}
// Photos of years are on the disk: what the system still has to put there of these is no matter of the backup's.
(new Process(['sync']))->mustRun();
$file = $data . '.bench-backup';
$environment = ['WUBBIN_DATA' => $data, 'WUBBIN_BACKUPS' => $data . '.bench-backups'];
$command = [PHP_BINARY, dirname(__DIR__) . '/bin/wubbin'];
$backup = new Process([...$command, 'backup', $file], env: $environment, timeout: null);
$began = microtime(true);
$backup->start();
$waits = [];
while ($backup->isRunning()) {
    $asked = microtime(true);
    $write(
        'PATCH',
        '/api/settings',
        'application/json',
        json_encode(['theme' => 0 === count($waits) % 2 ? 'dark' : 'light'], JSON_THROW_ON_ERROR),
    );
    $waits[] = 1000.0 * (microtime(true) - $asked);
    usleep(20_000);
}
$took = microtime(true) - $began;
if (!$backup->isSuccessful()) {
    throw new RuntimeException($backup->getErrorOutput());
}
sort($waits);
Bench::time(
    'keep.longest-write',
    sprintf(
        'Longest of %d writes while a backup of %.1f GB was taken and looked through in %.0f s',
        count($waits),
        (int) filesize($file) / 1.0e9,
        $took,
    ),
    Bench::quantile($waits, 1.0),
    200.0,
);
$into = $data . '.bench-restored';
$began = microtime(true);
(new Process([...$command, 'restore', $file, '--into', $into], env: $environment, timeout: null))->mustRun();
$took = microtime(true) - $began;
Bench::time('keep.restore', 'Restoring it', 1000.0 * $took, 120000.0);
(new Symfony\Component\Filesystem\Filesystem())->remove([$file, $into, $data . '.bench-backups']);
