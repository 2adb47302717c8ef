<?php

declare(strict_types=1);

use Wubbin\Bench\Bench;

/*
 * Pictures made ready and names on every piece, over HTTP as a page asks for them: each look at a change of tone, and
 * 500 names from the list to full sheets.
 * Usage: php bench/ready.php ADDRESS-OF-A-DEMO-SHOP
 */

require dirname(__DIR__) . '/vendor/autoload.php';

[, $address] = $argv + [1 => ''];
/** @param array<string, mixed>|null $body */
$ask = static function (string $method, string $path, ?array $body = null) use ($address): array {
    $answer = file_get_contents(
        $address . $path,
        false,
        stream_context_create([
            'http' => [
                'method' => $method,
                'header' => "X-Wubbin: 1\r\nOrigin: {$address}\r\nContent-Type: application/json",
                'content' => null === $body ? '' : json_encode($body, JSON_THROW_ON_ERROR),
                'ignore_errors' => true,
            ],
        ]),
    );
    $read = json_decode((string) $answer, true, 64, JSON_THROW_ON_ERROR);
    $status = 1 === preg_match('/^HTTP\/\S+ (\d+)/', $http_response_header[0] ?? '', $found) ? (int) $found[1] : 0;

    return is_array($read) && $status < 400
        ? $read
        : throw new RuntimeException($path . ' answers ' . $status . ': ' . $answer);
};
/** @param array<string, mixed> $answer */
$done = static function (array $answer) use ($ask): array {
    while (isset($answer['doing'])) {
        if ('done' === $answer['state']) {
            return is_array($answer['result']) ? $answer['result'] : [];
        }
        if (!in_array($answer['state'], ['waiting', 'running'], true)) {
            throw new RuntimeException('The work failed: ' . json_encode($answer));
        }
        usleep(100_000);
        $answer = $ask('GET', '/api/tasks/' . (is_string($answer['id']) ? $answer['id'] : ''));
    }

    return $answer;
};
$change = static function (string $job, array $changes) use ($ask): void {
    $ask('PATCH', '/api/jobs/' . $job, [
        'revision' => $ask('GET', '/api/jobs/' . $job)['revision'],
        'changes' => $changes,
        'transfer' => 0,
    ]);
};

$looks = [
    'tone' => ['do' => 'tone', 'brightness' => 10, 'contrast' => 20, 'grey' => true],
    'solid black' => ['do' => 'solid', 'level' => 50],
    'fewer colours' => ['do' => 'colours', 'count' => 6],
    'white made clear' => ['do' => 'clear', 'tolerance' => 8],
];
foreach ($looks as $name => $step) {
    $times = Bench::times(
        static fn(): array => $ask('POST', '/api/jobs/picking-crew/ready/look', ['transfer' => 0, 'steps' => [$step]]),
        21,
    );
    $median = Bench::quantile($times, 0.5);
    Bench::time('ready.look ' . $name, 'a look at ' . $name . ', over HTTP, median', $median, 150.0);
}
$ask('POST', '/api/jobs/row-tags/copy', ['id' => 'bench-names']);
$room = [
    'do' => 'words',
    'text' => null,
    'face' => 'bold',
    'colour' => '#000000',
    'largest_mm' => 6,
    'smallest_mm' => 3,
    'lines' => 1,
    'align' => 'middle',
    'arch' => 0,
    'where' => 'below',
    'room_width_mm' => 30,
    'room_height_mm' => 7,
    'gap_mm' => 1,
];
$change('bench-names', ['width' => '30 mm', 'below' => '6 mm']);
$made = $done($ask('POST', '/api/jobs/bench-names/ready', ['transfer' => 0, 'steps' => [$room]]));
$change('bench-names', ['ready' => $made['ready'], 'series' => 'Row {1–500}']);
$began = hrtime(true);
$done($ask('POST', '/api/jobs/bench-names/sheet'));
$seconds = (hrtime(true) - $began) / 1e9;
Bench::time('ready.names', '500 names to full sheets, with its wait for a turn', 1000.0 * $seconds, 20000.0);
