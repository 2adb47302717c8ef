<?php

declare(strict_types=1);

/*
 * Compares figures with those of before, and names what became slower.
 * Usage: php bench/compare.php FIGURES BEFORE [--keep]
 *
 * Both have a line for each figure, `["plan.core", 4.2]`, in calibrated ms; or BEFORE is what --keep wrote.
 */

const SLOWER = 0.15;

/** @return array<string, float> calibrated ms by id; of several, the middle one */
$read = static function (string $file): array {
    $text = (string) @file_get_contents($file);
    if (str_starts_with($text, '{')) {
        /** @var array<string, float> $kept */
        $kept = json_decode($text, true, 8, \JSON_THROW_ON_ERROR);

        return $kept;
    }
    /** @var array<string, non-empty-list<float>> $all */
    $all = [];
    foreach (array_diff(explode("\n", $text), ['']) as $line) {
        /** @var array{string, float} $one */
        $one = json_decode($line, true, 8, \JSON_THROW_ON_ERROR);
        $all[$one[0]][] = $one[1];
    }

    return array_map(static function (array $times): float {
        sort($times);

        return $times[intdiv(count($times), 2)];
    }, $all);
};

[, $figures, $before] = $argv + [1 => '', 2 => ''];
[$now, $then] = [$read($figures), $read($before)];
if (in_array('--keep', $argv, true)) {
    ksort($now);
    file_put_contents($before, json_encode($now, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE) . "\n");
    printf("%d figures are kept in %s.\n", count($now), $before);
    exit(0);
}
$slower = 0;
foreach ($now as $id => $ms) {
    if (isset($then[$id]) && $ms > (1.0 + SLOWER) * $then[$id]) {
        ++$slower;
        printf(
            "SLOWER: %s, %.1f ms instead of %.1f (%+.0f %%)\n",
            $id,
            $ms,
            $then[$id],
            100.0 * ($ms / $then[$id] - 1.0),
        );
    }
}
foreach (array_keys(array_diff_key($then, $now)) as $id) {
    printf("%s was not measured.\n", $id);
}
printf(
    "%d of %d figures became more than %.0f %% slower.\n",
    $slower,
    count(array_intersect_key($now, $then)),
    100.0 * SLOWER,
);
