<?php

declare(strict_types=1);

/*
 * Sheets that many pieces share, by their boxes and by their outlines.
 */

use Wubbin\Bench\Bench;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Sheet\Gang\Gang;
use Wubbin\Core\Sheet\Gang\GangOrder;
use Wubbin\Core\Sheet\Gang\GangPaper;
use Wubbin\Core\Sheet\Gang\Packer;
use Wubbin\Core\Sheet\Gang\RectFilling;
use Wubbin\Core\Tests\Sheet\Clipart;

require dirname(__DIR__) . '/vendor/autoload.php';

$project = dirname(__DIR__);
// Sheets that many pieces share, beside a packer from the npm registry in the same run.
/**
 * @var array{instances: list<array{pieces_mm: list<array{int, int}>, printable_mm: array{int, int}, gap_mm: int,
 *     area_bound: int}>} $gangs
 */
$gangs = json_decode((string) file_get_contents(__DIR__ . '/gang-instances.json'), true, 16, \JSON_THROW_ON_ERROR);
/** @var list<int> $theirs */
$theirs = json_decode(
    (string) shell_exec('node ' . escapeshellarg(__DIR__ . '/gang.mjs')),
    true,
    8,
    \JSON_THROW_ON_ERROR,
);
[$ours, $more, $many, $bound, $slowest] = [0, 0, 0, 0, 0.0];
foreach (
    $gangs['instances']
    as $i => ['pieces_mm' => $sizes, 'printable_mm' => [$wide, $high], 'gap_mm' => $gap, 'area_bound' => $least]
) {
    [$kinds, $counts] = [[], []];
    foreach ($sizes as [$w, $h]) {
        $kinds["$w $h"] = [$w + $gap, $h + $gap, true];
        $counts["$w $h"] = ($counts["$w $h"] ?? 0) + 1;
    }
    $began = microtime(true);
    $sheets = count(
        Packer::pack(
            new RectFilling(array_values($kinds), $wide + $gap, $high + $gap),
            array_values($counts),
            1,
            static fn(): bool => microtime(true) - $began < 1.9,
        ),
    );
    $slowest = max($slowest, microtime(true) - $began);
    $ours += $sheets;
    $more += $sheets > $theirs[$i] ? 1 : 0;
    if (count($sizes) >= 100) {
        $many += $sheets;
        $bound += $least;
    }
}
$fewer = 100.0 * (1.0 - $ours / array_sum($theirs));
Bench::row(
    'Sheets for 60 gangs, fewer than the other packer needs',
    sprintf('%.1f %% (%d of %d)', $fewer, $ours, array_sum($theirs)),
    '3 %',
    $fewer >= 3.0,
);
Bench::row('  gangs that need more than it', (string) $more, '0', 0 === $more);
Bench::row(
    '  over the area’s bound, gangs of 100 pieces and more',
    sprintf('%.1f %%', 100.0 * ($many / $bound - 1.0)),
    '7 %',
    $many <= 1.07 * $bound,
);
Bench::time('gangs.slowest', '  slowest gang', 1000.0 * $slowest, 2000.0);

// Leaves, drops, hearts, stars and rounds that fill ten sheets by their boxes, laid by their outlines.
[$byBoxes, $byOutlines] = [0, 0];
$room = Rect::mm(5.0, 5.0, 200.0, 272.0);
foreach ([11, 12, 13] as $seed) {
    // As many as ten sheets hold by their boxes, with the same time for both ways.
    $pieces = Clipart::pieces($seed, 10.0 * $room->size->areaMm2());
    $began = [];
    $last = [];
    for ($wanted = count($pieces); !isset($last[0]) || $last[0] > 10; $wanted = (int) floor(0.97 * $wanted)) {
        $pieces = array_slice($pieces, 0, $wanted);
        [$began, $last] = [[], []];
        Gang::fromOrder(
            new GangOrder($pieces, new GangPaper(PaperSize::A4->size(), $room), Length::mm(3.0)),
            1,
            static function (int $tried, int $sheets, int $way) use (&$began, &$last): bool {
                $began[$way] ??= microtime(true);
                $last[$way] = $sheets;

                return microtime(true) - $began[$way] < 2.0;
            },
        );
    }
    $byBoxes += $last[0];
    $byOutlines += $last[1] ?? $last[0];
}
Bench::row(
    'Clip-art shapes for ten sheets by their boxes, fewer by their outlines',
    sprintf('%.1f %% (%d of %d)', 100.0 * (1.0 - $byOutlines / $byBoxes), $byOutlines, $byBoxes),
    '10 %',
    $byOutlines <= 0.9 * $byBoxes,
);
