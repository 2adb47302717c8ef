<?php

declare(strict_types=1);

use Wubbin\Bench\Bench;

/*
 * The logbook and the lists of a shop with 20 000 pieces and 2 000 jobs, over HTTP.
 * Usage: php bench/logbook.php ADDRESS-OF-A-DEMO-SHOP ITS-DATA-DIRECTORY
 */

require dirname(__DIR__) . '/vendor/autoload.php';

[, $address, $data] = $argv + [1 => '', 2 => ''];
if ('' === $data) {
    throw new RuntimeException('Say where a demo shop is served, and where its data are.');
}
$shop = new PDO('sqlite:' . $data . '/wubbin.sqlite');
$shop->exec('PRAGMA busy_timeout = 20000');
$shop->setAttribute(PDO::ATTR_ERRMODE, PDO::ERRMODE_EXCEPTION);
$number = static function (string $table) use ($shop): int {
    $rows = $shop->query('SELECT COUNT(*) FROM ' . $table);

    return false === $rows ? 0 : (int) $rows->fetchColumn();
};

// What there is, many times over: entries a day earlier each time, jobs with names of their own.
$shop->beginTransaction();
$round = 0;
while ($number('log_entry') < 20000) {
    ++$round;
    $same =
        'job, name, piece, outcome, marks, note, photo, photo_before, route, medium, printer, heat, blank, done, ' .
        'setting, words, washes, failed, press_c, probe_c, run';
    $shop->exec(
        "INSERT INTO log_entry (at, source, {$same}) " .
            "SELECT strftime('%Y-%m-%dT%H:%M:%S.000Z', at, '-{$round} days'), source || '-{$round}', {$same} " .
            "FROM log_entry WHERE source NOT LIKE '%-x%' AND id <= 162",
    );
}
$shop->exec('DELETE FROM log_defect');
$shop->exec(
    "INSERT INTO log_defect (entry_id, defect) SELECT DISTINCT e.id, json_extract(m.value, '$.defect') FROM " .
        'log_entry e, json_each(e.marks) m',
);
for ($round = 1; $number('job') < 2000; ++$round) {
    $shop->exec(
        'INSERT INTO job (revision, created, updated, archived, day, quantity, id, document) SELECT 1, created, ' .
            'updated, 0, day, quantity, id ' .
            "|| '-{$round}', json_set(document, '$.id', id || '-{$round}', '$.name', json_extract(document, " .
            "'$.name') || ' {$round}') FROM job WHERE id NOT LIKE '%-0%' AND length(id) < 18 AND id NOT GLOB " .
            "'*-[0-9]*'",
    );
}
$shop->commit();
printf("%d pieces in the logbook, %d jobs\n", $number('log_entry'), $number('job'));

$ask = static function (string $path) use ($address): string {
    $answer = file_get_contents($address . $path);

    return false === $answer ? throw new RuntimeException('The demo shop does not answer ' . $path) : $answer;
};
$lists = [
    'the logbook' => '/api/logbook',
    'its 300th page' => '/api/logbook?after=15000',
    'by route and outcome' => '/api/logbook?route=light-film&outcome=spoiled',
    'by defect' => '/api/logbook?defect=lifted-edge',
    'by words' => '/api/logbook?words=market%20kitchen',
    'by words that are nowhere' => '/api/logbook?words=nowhere',
    'by time and blank' => '/api/logbook?from=2025-10-01&to=2026-03-01&blank=Shirt%20M',
    'jobs' => '/api/jobs',
    'jobs by words' => '/api/jobs?words=crew',
    'sessions' => '/api/runs',
    'all clocks' => '/api/bench',
];
$slowest = [0.0, ''];
foreach ($lists as $name => $path) {
    $times = Bench::times(static fn(): string => $ask($path), 30, 2);
    $slowest = max($slowest, [Bench::quantile($times, 0.95), $name]);
}
Bench::row(
    'Lists and searches with 20 000 pieces and 2 000 jobs, the slowest’s 95th percentile',
    sprintf('%.0f ms (%s)', ...$slowest),
    '150 ms',
    $slowest[0] <= 150.0,
);
$times = Bench::times(static fn(): string => $ask('/api/logbook/lessons'), 20, 2);
Bench::time('logbook.lessons', 'What they teach, 95th percentile', Bench::quantile($times, 0.95), 400.0);
$began = microtime(true);
$ask('/api/jobs?after=600');
printf("A page of 60 jobs that nobody has looked at before: %.0f ms\n", 1000.0 * (microtime(true) - $began));
$began = microtime(true);
$table = $ask('/api/logbook.csv');
printf("The whole logbook as a table: %.1f s, %.1f MB\n", microtime(true) - $began, strlen($table) / 1.0e6);
