<?php

declare(strict_types=1);

use Wubbin\Bench\Bench;

/*
 * The first page, one search box and the lists, over HTTP: of the demo's fair, and then of a shop that has grown.
 * Usage: php bench/today.php ADDRESS-OF-A-DEMO-SHOP ITS-DATA-DIRECTORY
 */

require dirname(__DIR__) . '/vendor/autoload.php';

[, $address, $data] = $argv + [1 => '', 2 => ''];
if ('' === $data) {
    throw new RuntimeException('Say where a demo shop is served, and where its data are.');
}
$shop = new PDO('sqlite:' . $data . '/wubbin.sqlite');
$shop->exec('PRAGMA busy_timeout = 20000');
$shop->setAttribute(PDO::ATTR_ERRMODE, PDO::ERRMODE_EXCEPTION);
$ask = static function (string $path, string $method = 'GET') use ($address): string {
    $answer = file_get_contents(
        $address . $path,
        false,
        stream_context_create([
            'http' => ['method' => $method, 'header' => "X-Wubbin: 1\r\nOrigin: {$address}\r\nContent-Length: 0"],
        ]),
    );

    return false === $answer ? throw new RuntimeException('The demo shop does not answer ' . $path) : $answer;
};
$say = static function (string $path, string $json) use ($address): string {
    $answer = file_get_contents(
        $address . $path,
        false,
        stream_context_create([
            'http' => [
                'method' => 'POST',
                'header' => "X-Wubbin: 1\r\nOrigin: {$address}\r\nContent-Type: application/json",
                'content' => $json,
            ],
        ]),
    );

    return false === $answer ? throw new RuntimeException('The demo shop does not answer ' . $path) : $answer;
};
$row = static function (string $what, string $path, int $target) use ($ask): void {
    $ms = Bench::quantile(Bench::times(static fn(): string => $ask($path), 30, 3), 0.95);
    Bench::time('today.' . trim($what), $what . ', 95th percentile', $ms, (float) $target);
};
$number = static function (string $of) use ($shop): int {
    $rows = $shop->query('SELECT COUNT(*) FROM ' . $of);

    return false === $rows ? 0 : (int) $rows->fetchColumn();
};

// From the first look on people go by the plan.
$ask('/api/day/seen', 'POST');
$row('Today with the demo’s fair', '/api/today', 200);
$row('Search in a small shop', '/api/search?words=row%20ta', 100);

$day = (new DateTimeImmutable('+6 days'))->format('Y-m-d');
$pieces = 10;
$ms = Bench::quantile(
    Bench::times(
        static function () use ($say, $day, &$pieces): string {
            return $say(
                '/api/promises',
                json_encode(['job' => 'row-tags', 'pieces' => (string) ++$pieces, 'day' => $day], \JSON_THROW_ON_ERROR),
            );
        },
        20,
        2,
    ),
    0.95,
);
Bench::time('today.promise', 'Can we do it by …, 95th percentile', $ms, 1000.0);
// Another card each time: the same one again is kept.
$cards = ['picking-crew', 'row-tags', 'seed-bags', 'shed-mugs', 'crate-ends', 'apron', 'night-candles', 'gift-mugs'];
$seconds = array_map(static function (string $job) use ($ask): float {
    $began = hrtime(true);
    $ask('/api/jobs/' . $job . '/card.pdf');

    return (hrtime(true) - $began) / 1e9;
}, $cards);
sort($seconds);
$median = Bench::quantile($seconds, 0.5);
Bench::time('paper.card', 'A bench card, median of eight', 1000.0 * $median, 1000.0);

// Sixty jobs of 10 000 pieces in all: those of the fair in other numbers and days; nothing else is due.
$shop->beginTransaction();
$jobs = $shop->query("SELECT id, document FROM job WHERE archived = 0 AND id NOT LIKE 'big-%'");
/** @var array<string, string> $known */
$known = false === $jobs ? [] : $jobs->fetchAll(PDO::FETCH_KEY_PAIR);
$ids = array_keys($known);
$put = $shop->prepare(
    'INSERT INTO job (revision, created, updated, archived, day, quantity, id, document) ' .
        'SELECT 1, created, updated, 0, ?, ?, ?, ? FROM job WHERE id = ?',
);
for ($n = 0; $n < 60; ++$n) {
    $of = $ids[$n % count($ids)];
    /** @var array<string, mixed> $document */
    $document = json_decode($known[$of], true, 64, \JSON_THROW_ON_ERROR);
    $quantity = [250, 150, 100][$n % 3];
    $day = (new DateTimeImmutable(sprintf('+%d days', 3 + ($n % 12))))->format('Y-m-d');
    $new = ['id' => 'big-' . $n, 'quantity' => $quantity, 'breakdown' => [], 'due' => $day] + $document;
    $put->execute([$day, $quantity, 'big-' . $n, json_encode($new, \JSON_THROW_ON_ERROR), $of]);
}
$shop->exec("UPDATE job SET archived = 1 WHERE id NOT LIKE 'big-%'");
$shop->exec('UPDATE run SET finished = created WHERE finished IS NULL');
$shop->commit();
$ask('/api/day/seen', 'POST');
printf("%d jobs are due, with %d pieces\n", $number('job WHERE archived = 0'), 10_000);
$row('Today with 60 jobs of 10 000 pieces', '/api/today', 400);
$row('The day plan of them', '/api/day', 1000);
$row('What there is to print for them', '/api/print/due', 200);

$began = hrtime(true);
/** @var array{id: string} $task */
$task = json_decode($say('/api/day/papers', '{}'), true, 8, \JSON_THROW_ON_ERROR);
do {
    usleep(100_000);
    /** @var array{state: string} $stands */
    $stands = json_decode($ask('/api/tasks/' . $task['id']), true, 64, \JSON_THROW_ON_ERROR);
} while (!in_array($stands['state'], ['done', 'failed', 'cancelled'], true));
$took = (hrtime(true) - $began) / 1e9;
Bench::time('paper.day', 'All papers of a day of 60 jobs (' . $stands['state'] . ')', 1000.0 * $took, 10000.0);

// A shop of years: 10 000 jobs and orders that are not due, 20 000 pieces in the logbook.
$shop->beginTransaction();
$shop->exec('UPDATE job SET archived = 0');
$shop->exec(
    'WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 10000) INSERT INTO job (revision, ' .
        "created, updated, archived, day, quantity, id, document) SELECT 1, created, updated, 0, '9999-12-31', " .
        "quantity, 'old-' || i, json_set(document, '$.id', 'old-' || i, '$.name', json_extract(document, '$.name') " .
        "|| ' no ' || i, '$.due', NULL) FROM job, n WHERE id = 'row-tags'",
);
$shop->exec(
    'WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 10000) INSERT INTO shop_order (id, ' .
        "revision, created, label, due, note, jobs, archived, source, customer, contact, agreed) SELECT 'old-' || i, " .
        "1, created, 'Customer ' || i, NULL, '', json_array('old-' || i), 0, 'old-' || i, 'Farm ' || i, '', 1000 + i " .
        "FROM shop_order, n WHERE id = 'demo-order-0'",
);
$shop->commit();
printf("%d jobs, %d orders, %d pieces in the logbook\n", $number('job'), $number('shop_order'), $number('log_entry'));
foreach (
    [
        ['The list of jobs', '/api/jobs'],
        ['  its hundredth page', '/api/jobs?after=6000'],
        ['  those that are late', '/api/jobs?which=late'],
        ['  those to hand over', '/api/jobs?which=finished'],
        ['  by words', '/api/jobs?words=row%20tags%2077'],
        ['The list of orders', '/api/orders'],
        ['  those that are owing', '/api/orders?which=owing'],
        ['  by words', '/api/orders?words=farm%2077'],
    ]
    as [$what, $path]
) {
    $row($what, $path, 150);
}
foreach (['market', 'row tags', 'a', 'nowhere'] as $words) {
    $row('Search for “' . $words . '” in all of it', '/api/search?words=' . rawurlencode($words), 100);
}
